import { acidBaseOf } from './acidBase';
import { anhydrousAtoms } from '../compound/atomsOf';
import { guessedLogP } from '../models/partition/solventPartition';
import { idealSolubility } from '../models/crystallization/idealSolubility';
import { solventClassOf } from './partition';
import type { Kind } from './kinds';
import type { SolventClass } from '../models/partition/solventPartition';

/** A solubility that nobody has measured, g/mL, and how far it may be off. */
export interface SolubilityGuess {
  readonly low: number;
  readonly typical: number;
  readonly high: number;
  readonly why: string;
}

const guess = (typical: number, why: string): SolubilityGuess => ({
  low: typical / 5,
  typical: Math.min(typical, 0.5),
  high: Math.min(1, typical * 5),
  why,
});

/**
 * In water by the general solubility equation, `log S = 0.5 − 0.01·(T_m − 25) − log P` (Yalkowsky and Valvani 1980, S in mol/L, good to
 * about a factor of five).
 *
 * @param cosolvent share of a solvent that mixes with it
 * @returns nothing without melting point and molar mass
 */
export function guessedInWater(kind: Kind, cosolvent: number): SolubilityGuess | undefined {
  const { substance, M, groups } = kind;
  const T_m = meltingOf(kind);
  if (M === undefined || T_m === undefined) return undefined;
  const logP = substance?.logP
    ? Number(substance.logP.digits)
    : guessedLogP(anhydrousAtoms(substance?.formula), groups);
  const inWater = 0.5 - 0.01 * Math.max(0, T_m - 25) - logP;
  // A solvent that mixes with water helps, log-linearly: σ near 0.9·log P + 0.3 for methanol and ethanol (Yalkowsky).
  const helped = inWater + Math.max(0, 0.9 * logP + 0.3) * cosolvent;
  return guess(
    (10 ** helped * M) / 1000,
    'no value is given; from melting point and log P by the general solubility equation',
  );
}

/**
 * In an organic solvent: what a liquid of its own kind would hold (ideal solubility), less where solvent and solute are unlike.
 *
 * @returns nothing without melting point and molar masses
 */
export function guessedInSolvent(kind: Kind, solvent: Kind, at_C: number): SolubilityGuess | undefined {
  const T_m = meltingOf(kind);
  if (kind.M === undefined || T_m === undefined || solvent.M === undefined) return undefined;
  const x = Math.min(0.9, idealSolubility(T_m, at_C) * likeness[classOf(solvent)][polarityOf(kind)]);
  const perMole_mL = solvent.M / (solvent.density ?? 0.9);
  return guess(
    ((x / (1 - x)) * kind.M) / perMole_mL,
    'no value is given; from the melting point, and how like each other solvent and solute are',
  );
}

const meltingOf = ({ substance }: Kind): number | undefined => {
  const T_m = Number(substance?.melting?.high ?? NaN);
  return Number.isFinite(T_m) ? T_m : undefined;
};

/**
 * What a molecule shows its solvent: hydrocarbon alone, groups that take hydrogen bonds, such that give them, a carboxylic acid, or little
 * else than such.
 */
type Polarity = 'none' | 'acceptor' | 'donor' | 'acid' | 'many';

function polarityOf(kind: Kind): Polarity {
  const { groups, substance } = kind;
  const atoms = anhydrousAtoms(substance?.formula);
  const donors = (groups.alcohol ?? 0) + (groups.amide ?? 0) + (groups.amine ?? 0);
  if (donors > (atoms['C'] ?? 0) / 2 || isInnerSalt(kind)) return 'many';
  if ((groups.carboxylicAcid ?? 0) > 0) return 'acid';
  if ((groups.phenol ?? 0) + (groups.alcohol ?? 0) + (groups.amide ?? 0) > 0) return 'donor';
  const polar = ['O', 'N', 'S', 'P'].some((one) => (atoms[one] ?? 0) > (one === 'O' ? (groups.ether ?? 0) : 0));
  return polar ? 'acceptor' : 'none';
}

/** Amino acids and aminosulfonic acids are salts of themselves: the acid is stronger than the amine’s. */
function isInnerSalt(kind: Kind): boolean {
  const { groups } = kind;
  const [first] = acidBaseOf(kind)?.systems ?? [];
  const [lowest, next] = first?.pKas ?? [];
  if ((groups.amine ?? 0) === 0 || lowest === undefined || next === undefined) return false;
  return (groups.sulfonicAcid ?? 0) > 0 || ((groups.carboxylicAcid ?? 0) > 0 && lowest < 3 && next > 8);
}

type Class = SolventClass | 'smallAlcohol';
const classOf = (solvent: Kind): Class =>
  (solvent.groups.alcohol ?? 0) > 0 ? 'smallAlcohol' : solventClassOf(solvent);

/**
 * How much less than ideal, by kind of solvent and solute: rounded from common handbook solubilities (naphthalene and anthracene in ethanol
 * a tenth, acetanilide in benzene a fifth, sugars and urea in hydrocarbons next to nothing). Good to about a factor of five.
 */
const likeness: Readonly<Record<Class, Readonly<Record<Polarity, number>>>> = {
  aliphatic: { none: 0.5, acceptor: 0.03, donor: 0.01, acid: 0.03, many: 1e-4 },
  aromatic: { none: 1, acceptor: 0.7, donor: 0.2, acid: 0.6, many: 1e-3 },
  halogenated: { none: 1, acceptor: 1, donor: 0.3, acid: 0.6, many: 1e-3 },
  ether: { none: 0.7, acceptor: 0.5, donor: 0.7, acid: 1, many: 5e-3 },
  ester: { none: 0.7, acceptor: 0.7, donor: 0.7, acid: 1, many: 5e-3 },
  ketone: { none: 0.5, acceptor: 0.8, donor: 1, acid: 1, many: 0.01 },
  alcohol: { none: 0.2, acceptor: 0.3, donor: 0.8, acid: 1, many: 0.02 },
  smallAlcohol: { none: 0.1, acceptor: 0.3, donor: 0.8, acid: 1, many: 0.02 },
  other: { none: 0.2, acceptor: 0.8, donor: 0.8, acid: 0.8, many: 0.1 },
};
