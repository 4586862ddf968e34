import { anhydrousAtoms, equalAtoms } from '../../compound/atomsOf';
import type { Atoms } from '../../compound/atomsOf';

/** An acid or base in water, with what is not known of it. */
export interface IonSystem {
  /** Of each step in the order of dissociation. */
  readonly pKas: readonly number[];
  /** Charge of the fully protonated form. */
  readonly charge: number;
  /** How many of it a formula unit brings. */
  readonly count: number;
  /** Its neutral acid leaves as a gas. */
  readonly gas?: boolean;
  /** The first constant is a guess from the kind of group: its range. */
  readonly guess?: { readonly low: number; readonly high: number; readonly group: string };
}

/** What a substance is in water. */
export interface Ions {
  readonly systems: readonly IonSystem[];
  /** Charge of the ions that stay ions whatever the pH, per formula unit: sodium of a base, less chloride of an acid. */
  readonly spectators: number;
}

interface Anion {
  readonly atoms: Atoms;
  readonly charge: number;
  /** The anion itself, in steps of protonation: absent for those of strong acids. */
  readonly pKas?: readonly number[];
  /** Anions of the system in one of these (disulfite is two of hydrogensulfite). */
  readonly count?: number;
  readonly gas?: boolean;
  /** Charge of the fully protonated form. @default 0 */
  readonly top?: number;
}

const carbonic = [6.35, 10.33];
const sulfurous = [1.81, 7.2];
const phosphoric = [2.15, 7.2, 12.35];

/**
 * Anions and neutral oxides by composition, hydrogen included. Constants at 25 °C and zero ionic strength, common handbook values:
 * carbonic, phosphoric, sulfuric (second), sulfurous, nitrous, hypochlorous, boric, chromic, hydrofluoric acid, hydrogen cyanide and
 * sulfide, hydrazoic acid.
 */
const anions: readonly Anion[] = [
  ...['Cl', 'Br', 'I'].map((one): Anion => ({ atoms: { [one]: 1 }, charge: -1 })),
  { atoms: { F: 1 }, charge: -1, pKas: [3.17] },
  { atoms: { N: 1, O: 3 }, charge: -1 },
  { atoms: { N: 1, O: 2 }, charge: -1, pKas: [3.15] },
  { atoms: { Cl: 1, O: 4 }, charge: -1 },
  { atoms: { Cl: 1, O: 3 }, charge: -1 },
  { atoms: { Cl: 1, O: 1 }, charge: -1, pKas: [7.53] },
  { atoms: { Mn: 1, O: 4 }, charge: -1 },
  { atoms: { I: 1, O: 4 }, charge: -1 },
  { atoms: { I: 1, O: 3 }, charge: -1 },
  { atoms: { S: 1, C: 1, N: 1 }, charge: -1 },
  { atoms: { C: 1, N: 1 }, charge: -1, pKas: [9.21] },
  { atoms: { N: 3 }, charge: -1, pKas: [4.72] },
  { atoms: { B: 1, H: 4 }, charge: -1 },
  { atoms: { O: 1, H: 1 }, charge: -1, pKas: [] },
  { atoms: { S: 1, O: 4 }, charge: -2, pKas: [1.99], top: -1 },
  { atoms: { S: 1, O: 3 }, charge: -2, pKas: sulfurous },
  { atoms: { S: 2, O: 5 }, charge: -2, pKas: sulfurous, count: 2 },
  { atoms: { S: 2, O: 3 }, charge: -2 },
  { atoms: { S: 2, O: 8 }, charge: -2 },
  { atoms: { S: 2, O: 4 }, charge: -2 },
  { atoms: { S: 1 }, charge: -2, pKas: [7.05, 13.9] },
  { atoms: { C: 1, O: 3 }, charge: -2, pKas: carbonic, gas: true },
  { atoms: { Cr: 1, O: 4 }, charge: -2, pKas: [6.5], top: -1 },
  { atoms: { Cr: 2, O: 7 }, charge: -2, pKas: [6.5], top: -1, count: 2 },
  { atoms: { P: 1, O: 4 }, charge: -3, pKas: phosphoric },
  { atoms: { B: 1, O: 3 }, charge: -3, pKas: [9.24] },
  { atoms: { B: 4, O: 7 }, charge: -2, pKas: [9.24], count: 4 },
];

interface Cation {
  readonly charge: number;
  /** Steps of its hydrolysis, of the aqua ion: it takes up alkali, at last as a hydroxide that falls out. */
  readonly pKas?: readonly number[];
}

/** Cations; hydrolysis from the cumulative constants of Baes and Mesmer, The Hydrolysis of Cations (1976). */
const cations: Readonly<Record<string, readonly Cation[]>> = {
  Li: [{ charge: 1 }],
  Na: [{ charge: 1 }],
  K: [{ charge: 1 }],
  Rb: [{ charge: 1 }],
  Cs: [{ charge: 1 }],
  Ag: [{ charge: 1, pKas: [12] }],
  Mg: [{ charge: 2, pKas: [11.44] }],
  Ca: [{ charge: 2, pKas: [12.85] }],
  Sr: [{ charge: 2 }],
  Ba: [{ charge: 2 }],
  Zn: [{ charge: 2, pKas: [8.96, 7.94] }],
  Mn: [{ charge: 2, pKas: [10.59] }],
  Co: [{ charge: 2, pKas: [9.65] }],
  Ni: [{ charge: 2, pKas: [9.86] }],
  Cu: [{ charge: 2, pKas: [8, 9.3] }, { charge: 1 }],
  Fe: [
    { charge: 3, pKas: [2.19, 3.48, 6.33] },
    { charge: 2, pKas: [9.5] },
  ],
  Al: [{ charge: 3, pKas: [4.97, 4.33, 5.7] }],
  Cr: [{ charge: 3, pKas: [4, 5.7, 8.3] }],
  Sn: [{ charge: 2, pKas: [3.4, 3.7] }, { charge: 4 }],
  Pb: [{ charge: 2, pKas: [7.71, 9.41] }],
};

const ammonium = 9.25;
const known = new Map<string, Ions | undefined>();

/**
 * The ions that an inorganic salt, acid or base gives in water, by its formula.
 *
 * @returns nothing for what is no such substance
 * @example [ionsOf('NaOH').spectators, ionsOf('H2SO4').systems[0].charge, ionsOf('NH4Cl').systems[0].pKas] // → [1, -1, [9.25]]
 */
export function ionsOf(formula: string): Ions | undefined {
  if (!known.has(formula)) {
    if (known.size > 5000) known.clear();
    known.set(formula, dissociate(formula));
  }
  return known.get(formula);
}

function dissociate(formula: string): Ions | undefined {
  const atoms = anhydrousAtoms(formula);
  if (equalAtoms(atoms, { N: 1, H: 3 })) return { systems: [{ pKas: [ammonium], charge: 1, count: 1 }], spectators: 0 };
  const gas = oxides.find((one) => equalAtoms(one.atoms, atoms));
  if (gas) return { systems: [gas.system], spectators: 0 };
  const nh4 = ammoniumCount(formula);
  const rest: Record<string, number> = { ...atoms };
  if (nh4 > 0) {
    rest['N'] = (rest['N'] ?? 0) - nh4;
    rest['H'] = (rest['H'] ?? 0) - 4 * nh4;
    for (const one of ['N', 'H']) if (!rest[one]) delete rest[one];
  }
  return new Set(Object.keys(rest)).size === 0 ? undefined : split(rest, nh4);
}

const oxides: readonly { readonly atoms: Atoms; readonly system: IonSystem }[] = [
  { atoms: { S: 1, O: 2 }, system: { pKas: sulfurous, charge: 0, count: 1 } },
  { atoms: { C: 1, O: 2 }, system: { pKas: carbonic, charge: 0, count: 1, gas: true } },
  { atoms: { Cr: 1, O: 3 }, system: { pKas: [6.5], charge: -1, count: 1 } },
];

/** Ammonium in a formula as it is written: its atoms alone would not tell. */
function ammoniumCount(formula: string): number {
  const bare = formula.replace(/[·*].*$/, '');
  const grouped = /\(NH4\)(\d*)/.exec(bare);
  if (grouped) return Number(grouped[1] === '' ? 1 : grouped[1]);
  return /NH4(?!\d)/.test(bare) ? 1 : 0;
}

/** Tries each anion on what is left when metals and ammonium are taken away; hydrogen beyond it is acid. */
function split(atoms: Readonly<Record<string, number>>, nh4: number): Ions | undefined {
  for (const anion of anions) {
    const core = Object.keys(anion.atoms).filter((one) => one !== 'H');
    // A metal of the anion (manganate, chromate) is no cation.
    const metals = Object.keys(atoms).filter((one) => cations[one] && !core.includes(one));
    const others = Object.keys(atoms).filter((one) => !metals.includes(one) && one !== 'H');
    if (others.length !== core.length || !core.every((one) => others.includes(one))) continue;
    const k = (atoms[core[0] ?? ''] ?? 0) / (anion.atoms[core[0] ?? ''] ?? 1);
    if (!(k > 0) || core.some((one) => atoms[one] !== k * (anion.atoms[one] ?? 0))) continue;
    const hydrogens = (atoms['H'] ?? 0) - k * (anion.atoms['H'] ?? 0);
    if (hydrogens < 0) continue;
    const wanted = -anion.charge * k - hydrogens - nh4;
    const positive =
      metals.length === 0
        ? wanted === 0
          ? { systems: [], spectators: 0 }
          : undefined
        : matching(atoms, metals, wanted);
    if (positive) return joined(anion, k, nh4, positive);
  }
  return undefined;
}

/** Charges of the metals that add up to what the anions ask for. */
function matching(
  atoms: Readonly<Record<string, number>>,
  metals: readonly string[],
  wanted: number,
): Ions | undefined {
  const [first, ...rest] = metals;
  if (first === undefined) return wanted === 0 ? { systems: [], spectators: 0 } : undefined;
  for (const { charge, pKas } of cations[first] ?? []) {
    const count = atoms[first] ?? 0;
    const others = matching(atoms, rest, wanted - charge * count);
    if (!others) continue;
    return pKas
      ? { ...others, systems: [{ pKas, charge, count }, ...others.systems] }
      : { ...others, spectators: others.spectators + charge * count };
  }
  return undefined;
}

function joined({ charge, pKas, count = 1, gas, top = 0 }: Anion, k: number, nh4: number, positive: Ions): Ions {
  const bases = nh4 > 0 ? [{ pKas: [ammonium], charge: 1, count: nh4 }] : [];
  const systems = [...positive.systems, ...bases];
  // Hydroxide is what water makes of any cation: no system of its own, and no ion of its own. So is an anion without a weak acid.
  if (pKas === undefined) return { systems, spectators: positive.spectators + charge * k };
  if (pKas.length === 0) return { systems, spectators: positive.spectators };
  return {
    systems: [...systems, { pKas, charge: top, count: k * count, ...(gas ? { gas } : {}) }],
    spectators: positive.spectators,
  };
}
