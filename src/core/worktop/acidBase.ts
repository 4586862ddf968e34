import { anhydrousAtoms } from '../compound/atomsOf';
import { ionsOf } from '../models/acidBase/ionsOf';
import { organicIons } from '../models/acidBase/organicIons';
import { impliedIons } from './madeKinds';
import { fractionOf } from '../models/acidBase/speciation';
import type { Ions, IonSystem } from '../models/acidBase/ionsOf';
import type { Kind } from './kinds';

const known = new WeakMap<Kind, Ions | undefined>();

/**
 * What a substance is in water: salts, acids and bases as ions with their own equilibria, by formula where they are inorganic, by
 * structure and listed constants where they are organic.
 *
 * @returns nothing for what takes no part
 */
export function acidBaseOf(kind: Kind): Ions | undefined {
  // A funnel asks for the same few substances again and again.
  if (!known.has(kind)) known.set(kind, characterOf(kind));
  return known.get(kind);
}

/** The equilibrium in which a substance has a form without charge. */
export function neutralSystem(kind: Kind): IonSystem | undefined {
  return acidBaseOf(kind)?.systems.find(({ charge, pKas }) => charge >= 0 && charge <= pKas.length);
}

/** Whether an organic acid or base by itself, no salt of one, is limited in water by its form without charge. */
export const hasNeutralForm = (kind: Kind): boolean =>
  !kind.salt && !kind.inorganic && neutralSystem(kind) !== undefined;

/** Share of the form without charge at a pH. */
export function neutralFraction({ pKas, charge }: Pick<IonSystem, 'pKas' | 'charge'>, pH: number): number {
  return fractionOf(pKas, pH, charge);
}

const baseMetals = ['Li', 'Na', 'K', 'Cs', 'Mg', 'Ca', 'Al'];

/**
 * Whether something is a base, by its metal, of which nobody knows how strong it is or what water makes of it: hydrides, amides,
 * organometallics, bare metals.
 */
export function isUnknownBase(kind: Kind): boolean {
  const { formula } = kind.substance ?? {};
  if (kind.invented || formula === undefined || acidBaseOf(kind) !== undefined || ionsOf(formula)) return false;
  const atoms = anhydrousAtoms(formula);
  return baseMetals.some((one) => (atoms[one] ?? 0) > 0) && !('O' in atoms && !('C' in atoms));
}

function characterOf(kind: Kind): Ions | undefined {
  const implied = impliedIons(kind);
  if (implied) return implied;
  const { groups, substance, water } = kind;
  if (water || !substance) return undefined;
  const pKas = (substance.pKa ?? []).map(({ digits }) => Number(digits));
  const inorganic = substance.formula === undefined ? undefined : ionsOf(substance.formula);
  if (inorganic) return inorganic.systems.length === 0 && inorganic.spectators === 0 ? undefined : inorganic;
  return organicIons({
    smiles: substance.smiles,
    pKas,
    bases: (groups.amine ?? 0) + (groups.ammonia ?? 0),
    acids: {
      carboxylic: groups.carboxylicAcid ?? 0,
      sulfonic: groups.sulfonicAcid ?? 0,
      phenol: groups.phenol ?? 0,
    },
  });
}
