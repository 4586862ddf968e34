/** A measured solubility: °C and g per mL of solvent (any unit that stays the same). */
export interface SolubilityPoint {
  readonly T: number;
  readonly s: number;
}

/** `ln s = A + B/T`, T in K. */
export interface SolubilityFit {
  readonly A: number;
  readonly B: number;
  /** Root mean square of the residuals of ln s; zero through two points. */
  readonly scatter: number;
}

const kelvin = (T: number) => T + 273.15;

/**
 * Fits `ln s = A + B/T` by least squares (van 't Hoff; one enthalpy of solution over the range). Only where the solid is the
 * saturating phase: a second liquid has its own line.
 *
 * @param points at least two temperatures
 * @throws RangeError for fewer, or a solubility that is not positive
 */
export function fitSolubility(points: readonly SolubilityPoint[]): SolubilityFit {
  if (new Set(points.map(({ T }) => T)).size < 2) throw new RangeError('a fit needs two temperatures');
  const bad = points.find(({ s }) => !(s > 0));
  if (bad) throw new RangeError(`a solubility must be more than zero, not ${bad.s}`);
  const xs = points.map(({ T }) => 1 / kelvin(T));
  const ys = points.map(({ s }) => Math.log(s));
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const [mx, my] = [mean(xs), mean(ys)];
  const sum = (f: (dx: number, dy: number) => number) =>
    xs.reduce((total, x, i) => total + f(x - mx, (ys[i] ?? NaN) - my), 0);
  const B = sum((dx, dy) => dx * dy) / sum((dx) => dx * dx);
  const A = my - B * mx;
  const squares = xs.reduce((total, x, i) => total + ((ys[i] ?? NaN) - A - B * x) ** 2, 0);
  return { A, B, scatter: Math.sqrt(squares / points.length) };
}

/** Solubility of a fit at a temperature, in the unit of its points. */
export function fittedSolubility({ A, B }: SolubilityFit, T: number): number {
  return Math.exp(A + B / kelvin(T));
}
