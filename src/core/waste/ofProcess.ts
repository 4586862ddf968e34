import { acidFor, bicarbonateFor } from './neutralizing';
import { derive } from '../stoichiometry/derive';
import { endsOf, freedBy, hydrolysed, met } from './pours';
import { fact, finding } from '../finding/finding';
import { kinds } from '../hazard/materials';
import { densityIn } from '../worktop/volumes';
import { implied } from '../worktop/kinds';
import { molarVolume_L } from '../models/molarVolume';
import { wasteStreams } from '../reference/wasteStreams';
import type { Finding } from '../finding/finding';
import type { Foreseen } from '../process/predictProcess';
import type { World } from '../worktop/worktop';
import type { Pour } from './pours';
import type { Residue } from './residues';
import type { Substance } from '../document/document';

/** What is poured away at the end of a procedure, as residues of the streams and by vessel. */
export function ofProcess({ steps, world }: Foreseen): {
  readonly residues: readonly Residue[];
  readonly pours: readonly Pour[];
  readonly findings: readonly Finding[];
} {
  const { pours } = endsOf(world, steps);
  return {
    residues: pours.flatMap((pour) => residuesOf(world, pour)),
    pours,
    findings: [...neutralized(world, pours), ...amines(world, pours)],
  };
}

// Neither acid nor base to speak of, mol.
const even_mol = 1e-4;

function residuesOf(world: World, pour: Pour): readonly Residue[] {
  return Object.entries(pour.matter).flatMap(([id, grams]): readonly Residue[] => {
    if (!(grams > 0)) return [];
    const kind = world.kind(id);
    const substance: Substance = kind.substance ?? { id, name: kind.name };
    const source = { at: 'prediction', id } as const;
    const mass = derive({
      formula: 'taken',
      dim: 'mass',
      unit: 'g',
      value: grams,
      inputs: { x: { q: { dim: 'mass', value: grams }, unit: 'g', figures: 3, source } },
      figures: 2,
      certain: 'modelled',
    });
    const mL = grams / densityIn(kind);
    const volume = derive({
      formula: 'taken',
      dim: 'volume',
      unit: 'mL',
      value: mL,
      inputs: { x: { q: { dim: 'volume', value: mL }, unit: 'mL', figures: 3, source } },
      figures: 2,
      certain: 'modelled',
    });
    const residue = {
      substance,
      origin: 'poured' as const,
      stream: pour.stream,
      pour: `${pour.place}/${pour.layer}`,
      mass,
      ...(world.kind(substance.id).invented ? { invented: true as const } : {}),
    };
    return [
      {
        ...residue,
        ...(pour.volume_mL === undefined ? {} : { volume }),
        ...(isSpent(world, pour, substance) ? { spent: true as const } : {}),
      },
    ];
  });
}

/** What was acid, base or acylating and is none any more in this layer. */
function isSpent(world: World, { excess_mol, matter }: Pour, substance: Substance): boolean {
  if (hydrolysed({ world }, matter, substance.id)) return true;
  if (excess_mol === undefined) return false;
  if (kinds.acid(substance)) return excess_mol > -even_mol;
  const base = kinds.hydroxide(substance) || kinds.carbonate(substance);
  return base && excess_mol < even_mol;
}

/** Acid or base of a stream once all of it has met, what neutralizes it, and the gas that comes of it. */
function neutralized(world: World, pours: readonly Pour[]): readonly Finding[] {
  const watery = pours.filter(({ stream, excess_mol }) => stream === 'aqueous' && excess_mol !== undefined);
  if (watery.length === 0) return [];
  const { excess_mol, gas_g } = met(
    world,
    watery.map(({ matter }) => matter),
  );
  const about = { field: 'waste/aqueous' };
  const stream = wasteStreams.aqueous.name;
  const amount = (value: number) => fact({ dim: 'amount', value }, value >= 1 ? 'mol' : 'mmol', 2);
  const itself_mL = (gas_g / implied.carbonDioxide.M) * molarVolume_L * 1000;
  if (excess_mol < -even_mol) {
    const acid = -excess_mol;
    const gas = { dim: 'volume' as const, value: acid * molarVolume_L * 1000 + itself_mL };
    const args = { stream, acid: amount(acid), gas: fact(gas, 'L', 2), with: fact(bicarbonateFor(acid), 'g', 2) };
    return [finding('waste.acidToNeutralize', 'note', about, args)];
  }
  if (excess_mol > even_mol)
    return [
      finding('waste.baseToNeutralize', 'note', about, {
        stream,
        base: amount(excess_mol),
        with: fact(acidFor(excess_mol), 'mL', 2),
      }),
    ];
  return [];
}

/** Amines that stand in acid: a base frees them. */
function amines(world: World, pours: readonly Pour[]): readonly Finding[] {
  const held = pours.filter(({ excess_mol = 0 }) => excess_mol < -even_mol);
  const names = [...new Set(held.flatMap(({ matter }) => freedBy({ world }, matter).map((id) => world.kind(id).name)))];
  if (names.length === 0) return [];
  return [finding('waste.amineHeld', 'caution', { field: 'waste/aqueous-organic' }, { names: names.join('; ') })];
}
