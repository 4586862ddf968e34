import type { Composition } from '../compound/parseFormula';

/** A member of an equation that is to be balanced. */
export interface Unbalanced {
  readonly side: 'left' | 'right';
  readonly composition: Composition;
}

/** The smallest whole coefficients, in the order of the members; or why there are none. */
export type Balanced =
  | { readonly kind: 'one'; readonly coefficients: readonly number[] }
  /** No positive numbers make both sides agree. */
  | { readonly kind: 'none' }
  /** Several equations in one: any mixture of them balances. */
  | { readonly kind: 'several'; readonly independent: number };

// An exact rational as numerator and positive denominator.
type Rational = readonly [n: bigint, d: bigint];

const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? (a < 0n ? -a : a) : gcd(b, a % b));
const lcm = (a: bigint, b: bigint): bigint => (a / gcd(a, b)) * b;
const reduced = (n: bigint, d: bigint): Rational => {
  const g = gcd(n, d) * (d < 0n ? -1n : 1n);
  return g === 0n ? [0n, 1n] : [n / g, d / g];
};
const times = (a: Rational, b: Rational): Rational => reduced(a[0] * b[0], a[1] * b[1]);
const minus = (a: Rational, b: Rational): Rational => reduced(a[0] * b[1] - b[0] * a[1], a[1] * b[1]);
const over = (a: Rational, b: Rational): Rational => reduced(a[0] * b[1], a[1] * b[0]);
const zero: Rational = [0n, 1n];

const decimals = 6;
/** Counts of a formula are whole, or decimals of a few places (hydrates of half a water). */
const rational = (value: number): Rational =>
  reduced(BigInt(Math.round(value * 10 ** decimals)), BigInt(10 ** decimals));

/**
 * Balances an equation: the null space of the matrix of elements (and charge) over members, by exact rational elimination; the smallest
 * whole coefficients where it has one dimension and all are positive (standard linear algebra of chemical equations).
 *
 * @param members at least one; every atom count at most 10⁶
 * @example balanceEquation([{ H: 2 }, { O: 2 }, { H: 2, O: 1 }].map((atoms, i) => ({ side: i < 2 ? 'left' : 'right', composition: { atoms, charge: 0 } }))).coefficients // → [2, 1, 2]
 */
export function balanceEquation(members: readonly Unbalanced[]): Balanced {
  const symbols = [...new Set(members.flatMap(({ composition }) => Object.keys(composition.atoms)))];
  const sign = ({ side }: Unbalanced) => (side === 'left' ? 1 : -1);
  const matrix = [
    ...symbols.map((symbol) => members.map((one) => rational(sign(one) * (one.composition.atoms[symbol] ?? 0)))),
    members.map((one) => rational(sign(one) * one.composition.charge)),
  ];
  const pivots = eliminate(matrix, members.length);
  const free = members.map((_, i) => i).filter((i) => !pivots.includes(i));
  if (free.length === 0) return { kind: 'none' };
  if (free.length > 1) return { kind: 'several', independent: free.length };
  const at = free[0] ?? 0;
  const solution = members.map((_, i): Rational => {
    if (i === at) return [1n, 1n];
    const row = matrix[pivots.indexOf(i)];
    return minus(zero, row?.[at] ?? zero);
  });
  if (!solution.every(([n]) => n > 0n)) return { kind: 'none' };
  const denominator = solution.reduce((all, [, d]) => lcm(all, d), 1n);
  const whole = solution.map(([n, d]) => (n * denominator) / d);
  const common = whole.reduce((all, one) => gcd(all, one), 0n);
  return { kind: 'one', coefficients: whole.map((one) => Number(one / common)) };
}

/** Brings a matrix to reduced row echelon form, in place. Gives the pivot column of each row. */
function eliminate(matrix: Rational[][], columns: number): readonly number[] {
  const pivots: number[] = [];
  for (let column = 0; column < columns && pivots.length < matrix.length; column += 1) {
    const at = pivots.length;
    const found = matrix.findIndex((row, i) => i >= at && (row[column]?.[0] ?? 0n) !== 0n);
    if (found < 0) continue;
    [matrix[at], matrix[found]] = [matrix[found] as Rational[], matrix[at] as Rational[]];
    const pivot = matrix[at] as Rational[];
    const lead = pivot[column] as Rational;
    matrix[at] = pivot.map((one) => over(one, lead));
    matrix.forEach((row, i) => {
      const factor = row[column] as Rational;
      if (i !== at && factor[0] !== 0n)
        matrix[i] = row.map((one, k) => minus(one, times(factor, matrix[at]?.[k] ?? zero)));
    });
    pivots.push(column);
  }
  return pivots;
}

/** A small molecule that makes an equation balance when it is written on a side. */
export interface MissingMolecule<T> {
  readonly molecule: T;
  readonly side: 'left' | 'right';
}

/**
 * Which of some small molecules could be missing: each on the side where it alone makes the equation balance, the one with the smallest
 * coefficients first.
 *
 * @param candidates what is usually left out: water, acids, carbon dioxide, nitrogen, salts
 * @example missingMolecules([{ side: 'left', composition: { atoms: { H: 2 }, charge: 0 } }, { side: 'right', composition: { atoms: { H: 2, O: 1 }, charge: 0 } }], [{ composition: { atoms: { O: 2 }, charge: 0 } }])[0].side // → 'left'
 */
export function missingMolecules<T extends { readonly composition: Composition }>(
  members: readonly Unbalanced[],
  candidates: readonly T[],
): readonly MissingMolecule<T>[] {
  const found = candidates.flatMap((molecule) =>
    (['right', 'left'] as const).flatMap((side) => {
      const balanced = balanceEquation([...members, { side, composition: molecule.composition }]);
      return balanced.kind === 'one' ? [{ molecule, side, total: total(balanced.coefficients) }] : [];
    }),
  );
  return found.sort((a, b) => a.total - b.total).map(({ molecule, side }) => ({ molecule, side }));
}

const total = (coefficients: readonly number[]) => coefficients.reduce((sum, one) => sum + one, 0);
