import { anhydrousAtoms, atomsOf, equalAtoms } from '../compound/atomsOf';

/** A functional group or a kind of inorganic species, found in a structure by pattern or known by its formula. */
export interface Group {
  readonly name: string;
  /** SMARTS patterns; a match of any counts. */
  readonly smarts?: readonly string[];
  /** Formulas of the species, element symbols in the order of the file. */
  readonly formulas?: readonly string[];
  /** Matches of these groups are no match of this one (an anhydride is no ester). */
  readonly unless?: readonly string[];
}

/** Groups that decide about reactivity, drying agents and waste. */
export const groups = {
  alcohol: { name: 'alcohol', smarts: ['[CX4][OX2H1]'] },
  phenol: { name: 'phenol', smarts: ['c[OX2H1]'] },
  carboxylicAcid: { name: 'carboxylic acid', smarts: ['[#6][CX3](=O)[OX2H1]', '[CX3H1](=O)[OX2H1]'] },
  sulfonicAcid: { name: 'sulfonic acid', smarts: ['[#6]S(=O)(=O)[OX2H1]'] },
  // Counted atom by atom: what hangs on the nitrogen decides, and patterns cannot say that.
  amine: { name: 'amine' },
  amide: { name: 'amide', smarts: ['[NX3][CX3](=O)'] },
  ketone: { name: 'ketone', smarts: ['[#6][CX3](=O)[#6]'] },
  aldehyde: { name: 'aldehyde', smarts: ['[CX3H1](=O)[#6]', '[CX3H2]=O'] },
  ester: { name: 'ester', smarts: ['[#6][CX3](=O)[OX2H0][#6]', '[CX3H1](=O)[OX2H0][#6]'], unless: ['anhydride'] },
  anhydride: { name: 'acid anhydride', smarts: ['[CX3](=O)[OX2][CX3](=O)'] },
  acidHalide: { name: 'acid halide', smarts: ['[CX3](=O)[F,Cl,Br,I]', '[#6][SX4](=O)(=O)[Cl,Br]'] },
  ether: { name: 'ether', smarts: ['[CX4][OX2][CX4]', 'c[OX2][CX4]', 'c[OX2]c'] },
  organohalide: { name: 'organic halide', smarts: ['[#6][F,Cl,Br,I]'] },
  alkene: { name: 'alkene', smarts: ['[CX3;!a]=[CX3;!a]'] },
  nitro: { name: 'nitro compound', smarts: ['[#6][N+](=O)[O-]'] },
  nitrile: { name: 'nitrile', smarts: ['[CX2]#[NX1]'] },
  mineralAcid: { name: 'mineral acid', formulas: ['HCl', 'HBr', 'HI', 'H2SO4', 'HNO3', 'H3PO4', 'HClO4'] },
  nitricAcid: { name: 'nitric acid', formulas: ['HNO3'] },
  hydroxide: { name: 'hydroxide', formulas: ['NaOH', 'KOH', 'LiOH', 'CsOH', 'Ba(OH)2', 'Ca(OH)2'] },
  ammonia: { name: 'ammonia', formulas: ['NH3'] },
  bicarbonate: { name: 'bicarbonate', formulas: ['NaHCO3', 'KHCO3', 'NH4HCO3'] },
  carbonate: {
    name: 'carbonate',
    formulas: ['Na2CO3', 'K2CO3', 'Li2CO3', 'CaCO3', 'MgCO3', 'Na2CO3·H2O', 'Na2CO3·10H2O', 'Cs2CO3'],
  },
  hypochlorite: { name: 'hypochlorite', formulas: ['NaOCl', 'NaClO', 'Ca(OCl)2'] },
  sulfite: { name: 'sulfite', formulas: ['Na2SO3', 'NaHSO3', 'Na2S2O5', 'K2S2O5', 'Na2S2O4'] },
  thiosulfate: { name: 'thiosulfate', formulas: ['Na2S2O3', 'Na2S2O3·5H2O'] },
  nitrite: { name: 'nitrite', formulas: ['NaNO2', 'KNO2'] },
  halogen: { name: 'free halogen', formulas: ['Cl2', 'Br2', 'I2'] },
  metal: { name: 'active metal', formulas: ['Li', 'Na', 'K', 'Ca', 'Mg', 'Zn', 'Al', 'Fe', 'Sn'] },
  hydride: { name: 'metal hydride', formulas: ['NaBH4', 'KBH4', 'LiBH4', 'LiAlH4', 'NaH', 'KH', 'LiH', 'CaH2'] },
  chloroform: { name: 'chloroform', formulas: ['CHCl3'] },
  water: { name: 'water', formulas: ['H2O'] },
} as const satisfies Record<string, Group>;

export type GroupId = keyof typeof groups;
/** How often each group stands in a structure. */
export type GroupCounts = Readonly<Partial<Record<GroupId, number>>>;
export const groupIds = Object.keys(groups) as readonly GroupId[];

/**
 * Completes the pattern counts of a structure with the species known by formula, and drops what is part of another group.
 *
 * @param formula as listed, hydrate water included
 * @param matches number of pattern matches per group; absent where there is no structure
 */
export function groupCounts(formula: string | undefined, matches: GroupCounts): GroupCounts {
  const all: readonly [GroupId, Group][] = groupIds.map((id) => [id, groups[id]]);
  const counts: Partial<Record<GroupId, number>> = {};
  for (const [id, group] of all) {
    const count = isOneOf(formula, group.formulas) ? 1 : (matches[id] ?? 0);
    const hidden = group.unless?.some((other) => (matches[other as GroupId] ?? 0) > 0) ?? false;
    if (count > 0 && !hidden) counts[id] = count;
  }
  return counts;
}

/** The same species however its formula is written: NaClO is NaOCl. */
function isOneOf(formula: string | undefined, formulas: readonly string[] = []): boolean {
  if (formula === undefined) return false;
  const atoms = atomsOf(formula);
  return formulas.some((one) => one === formula || equalAtoms(atomsOf(one), atoms));
}

const byFormula = new Map<string, GroupCounts>();

/**
 * What is known of a substance's groups: those found in its structure, else what its formula alone tells.
 *
 * @example groupsOf({ formula: 'NaOH' }) // → { hydroxide: 1 }
 */
export function groupsOf({ groups: found, formula }: { groups?: GroupCounts; formula?: string }): GroupCounts {
  if (found !== undefined || formula === undefined) return found ?? {};
  let counts = byFormula.get(formula);
  if (counts === undefined) {
    counts = groupCounts(formula, {});
    if (byFormula.size > 5000) byFormula.clear();
    byFormula.set(formula, counts);
  }
  return counts;
}

/** Whether any of some groups is there. */
export function hasGroup(counts: GroupCounts | undefined, ...ids: readonly GroupId[]): boolean {
  return counts !== undefined && ids.some((id) => (counts[id] ?? 0) > 0);
}

/** Hydrogen sulfates of the alkali metals: a proton as strong as it needs. */
function isBisulfate(formula: string | undefined): boolean {
  const { H, S, O, Na = 0, K = 0, ...others } = anhydrousAtoms(formula);
  return H === 1 && S === 1 && O === 4 && Na + K === 1 && Object.keys(others).length === 0;
}

const protons: Readonly<Record<string, number>> = { H2SO4: 2, H3PO4: 2 };

/**
 * Protons that a molecule gives to carbonate: carboxylic, sulfonic and mineral acids; an anhydride or acid halide counts as
 * what water makes of it. Phenols are too weak (pKa about 10 against 6.35 of carbonic acid).
 *
 * @example [acidProtons('HCl', { mineralAcid: 1 }), acidProtons('C4H6O3', { anhydride: 1 })] // → [1, 2]
 */
export function acidProtons(formula: string | undefined, counts: GroupCounts = {}): number {
  const mineral = counts.mineralAcid ? (protons[formula ?? ''] ?? 1) : isBisulfate(formula) ? 1 : 0;
  const { carboxylicAcid = 0, sulfonicAcid = 0, anhydride = 0, acidHalide = 0 } = counts;
  return mineral + carboxylicAcid + sulfonicAcid + 2 * anhydride + 2 * acidHalide;
}
