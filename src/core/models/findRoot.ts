/**
 * Root of a continuous function between two points where its sign differs. Regula falsi with the Illinois weights (Dowell
 * and Jarratt 1971), which keeps the bracket and converges faster than halving; every fourth step halves, so that no
 * function can make it creep.
 *
 * @param tolerance largest error of the root. @default 1e-12 of the interval
 * @param ends values at both ends, where they are known already
 * @throws RangeError when both ends have the same sign
 * @example findRoot((x) => x * x - 4, 0, 5).toFixed(9) // → '2.000000000'
 */
export function findRoot(
  f: (x: number) => number,
  low: number,
  high: number,
  tolerance: number = 1e-12 * Math.abs(high - low),
  ends: readonly [low: number, high: number] = [f(low), f(high)],
): number {
  let [a, b, fa, fb] = [low, high, ...ends];
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (fa > 0 === fb > 0 || Number.isNaN(fa + fb))
    throw new RangeError(`no root between ${low} and ${high}: ${fa} and ${fb} have one sign`);
  for (let i = 0; i < 200 && Math.abs(b - a) > tolerance; i += 1) {
    const middle = i % 4 === 3 ? (a + b) / 2 : (a * fb - b * fa) / (fb - fa);
    const value = f(middle);
    if (value === 0) return middle;
    // The end that stays counts half, so that the next line crosses beyond the root.
    if (value > 0 === fb > 0) fa /= 2;
    else [a, fa] = [b, fb];
    [b, fb] = [middle, value];
  }
  return b;
}
