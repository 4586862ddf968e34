import { derive } from '../stoichiometry/derive';
import type { Matter } from './matter/matter';
import type { Kind } from './kinds';
import type { Worked, WorkedInput } from '../quantity/worked';

// Apparent densities of what is dissolved: salts take up little room in water, organic solids about that of their melt.
const dissolvedSalt = 2.5;
const dissolvedOrganic = 1.2;
const unknownLiquid = 1.0;

/** g/mL that a substance counts with inside a mixture. */
export function densityIn(kind: Kind): number {
  if (kind.density !== undefined) return kind.density;
  if (kind.inorganic || kind.salt) return dissolvedSalt;
  return kind.solid ? dissolvedOrganic : unknownLiquid;
}

/** Volume of some matter, mL, as a number: volumes taken as additive. */
export function millilitres(kind: (id: string) => Kind, matter: Matter): number {
  return Object.entries(matter).reduce((sum, [id, grams]) => sum + grams / densityIn(kind(id)), 0);
}

/** The same with its working, substance by substance. */
export function volumeOf(kind: (id: string) => Kind, matter: Matter): Worked<'volume'> {
  const parts = Object.entries(matter).filter(([, grams]) => grams > 1e-9);
  const inputs = Object.fromEntries(
    parts.map(([id, grams], i): [string, WorkedInput] => [
      `V_${i + 1}`,
      {
        q: { dim: 'volume', value: grams / densityIn(kind(id)) },
        unit: 'mL',
        figures: 3,
        source: { at: 'prediction', id },
      },
    ]),
  );
  return derive({
    formula: 'vesselVolume',
    dim: 'volume',
    unit: 'mL',
    value: Object.values(inputs).reduce((sum, { q }) => sum + q.value, 0),
    inputs,
    figures: 2,
    certain: 'modelled',
    quotient: false,
  });
}
