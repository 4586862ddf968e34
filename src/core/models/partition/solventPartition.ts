/** Classes of solvents that part differently from water. */
export const solventClasses = [
  'aliphatic',
  'aromatic',
  'halogenated',
  'ether',
  'ester',
  'ketone',
  'alcohol',
  'other',
] as const;
export type SolventClass = (typeof solventClasses)[number];

/** How a solute gives and takes hydrogen bonds. */
export type SoluteClass = 'donor' | 'amine' | 'acceptor';

interface Relation {
  readonly slope: number;
  readonly shift: number;
  /** Standard deviation that is usual for the relation, log units. */
  readonly u: number;
}

const A: Readonly<Record<Exclude<SolventClass, 'other'>, Relation>> = {
  aliphatic: { slope: 0.675, shift: -1.842, u: 0.6 },
  aromatic: { slope: 1.015, shift: -1.402, u: 0.5 },
  halogenated: { slope: 1.126, shift: -1.343, u: 0.5 },
  ether: { slope: 1.13, shift: -0.17, u: 0.3 },
  ester: { slope: 0.932, shift: 0.052, u: 0.3 },
  ketone: { slope: 1.094, shift: 0.05, u: 0.3 },
  alcohol: { slope: 0.697, shift: 0.381, u: 0.2 },
};
const B: Partial<Record<SolventClass, Relation>> = {
  aliphatic: { slope: 1.063, shift: -0.734, u: 0.5 },
  aromatic: { slope: 1.223, shift: -0.573, u: 0.5 },
  halogenated: { slope: 1.276, shift: 0.171, u: 0.5 },
};
const amineInEther: Relation = { slope: 1.142, shift: -1.07, u: 0.4 };

/**
 * Partition coefficient in a solvent from that in octanol, `log P(solvent) = a·log P(octanol) + b` (Collander's relation with the
 * constants of Leo, Hansch and Elkins, Chem. Rev. 71 (1971) 525: cyclohexane, benzene, chloroform, diethyl ether, ethyl acetate,
 * 4-methylpentan-2-one and butan-1-ol for their classes; regression A for hydrogen-bond donors, B for acceptors). Anything else: octanol's own ± 1.
 *
 * @param logP of octanol, −10 to 15
 * @returns log P and its standard uncertainty
 * @throws RangeError when log P is no number in that range
 * @example solventPartition(1.46, 'aliphatic', 'donor').logP.toFixed(2) // → '-0.86'
 */
export function solventPartition(
  logP: number,
  solvent: SolventClass,
  solute: SoluteClass,
): { readonly logP: number; readonly u: number } {
  if (!(logP >= -10 && logP <= 15)) throw new RangeError(`log P must lie in -10 to 15, not ${logP}`);
  const relation = relationOf(solvent, solute);
  return relation ? { logP: relation.slope * logP + relation.shift, u: relation.u } : { logP, u: 1 };
}

function relationOf(solvent: SolventClass, solute: SoluteClass): Relation | undefined {
  if (solvent === 'other') return undefined;
  if (solute === 'donor') return A[solvent];
  if (solute === 'amine' && solvent === 'ether') return amineInEther;
  return B[solvent] ?? A[solvent];
}

/** Groups with the atoms of oxygen and nitrogen they hold, and what each takes off log P. */
const polar: readonly (readonly [group: string, O: number, N: number, off: number])[] = [
  ['ester', 2, 0, 1.2],
  ['carboxylicAcid', 2, 0, 1],
  ['anhydride', 3, 0, 1.5],
  ['amide', 1, 1, 2.2],
  ['nitro', 2, 1, 0.2],
  ['nitrile', 0, 1, 1],
  ['alcohol', 1, 0, 1.2],
  ['phenol', 1, 0, 1.2],
  ['ether', 1, 0, 0.9],
  ['ketone', 1, 0, 1.1],
  ['aldehyde', 1, 0, 1.1],
  ['amine', 0, 1, 1.2],
];

/**
 * A rough log P of octanol from atoms and groups, where none is listed: each carbon and heavy halogen raises it, each polar group
 * lowers it (the size of fragment increments as of Hansch and Leo, averaged).
 *
 * @returns a guess within about ± 1.5
 * @example guessedLogP({ C: 6, H: 6 }).toFixed(1) // → '2.7'
 */
export function guessedLogP(
  atoms: Readonly<Record<string, number>>,
  groups: Readonly<Partial<Record<string, number>>> = {},
): number {
  const n = (one: string) => atoms[one] ?? 0;
  let [oxygen, nitrogen] = [n('O'), n('N')];
  let sum = 0.45 * n('C') + 0.7 * (n('Cl') + n('Br') + n('I')) + 0.2 * n('F') + 0.3 * n('S');
  for (const [group, O, N, off] of polar) {
    const most = Math.min(O > 0 ? oxygen / O : Infinity, N > 0 ? nitrogen / N : Infinity);
    const count = Math.min(groups[group] ?? 0, Math.floor(most));
    sum -= count * off;
    oxygen -= count * O;
    nitrogen -= count * N;
  }
  return Math.min(7, Math.max(-4, sum - oxygen - 1.5 * nitrogen));
}
