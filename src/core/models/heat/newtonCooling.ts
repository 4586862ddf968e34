import { assertFinite, assertPositive, assertWithin } from '../guards';

export interface CoolingOptions {
  /** Time in which the distance to the surroundings falls to 1/e, s. For similar vessels it grows as volume^(1/3). */
  readonly timeConstant_s: number;
  readonly from_C: number;
  readonly surroundings_C: number;
}

/**
 * Time until something that cools or warms reaches a temperature, `t = τ·ln((T₀ − T_a)/(T − T_a))` (Newton's law of cooling).
 *
 * @param to between where it starts and the surroundings
 * @returns s
 * @throws RangeError when the temperature is not on the way
 * @example coolingTime({ timeConstant_s: 600, from_C: 100, surroundings_C: 20 }, 60).toFixed(1) // → '415.9'
 */
export function coolingTime({ timeConstant_s, from_C, surroundings_C }: CoolingOptions, to: number): number {
  assertPositive({ timeConstant_s });
  assertFinite({ from_C, surroundings_C, to });
  const ratio = (from_C - surroundings_C) / (to - surroundings_C);
  if (!(ratio >= 1)) throw new RangeError(`${to} °C is not on the way from ${from_C} to ${surroundings_C} °C`);
  return timeConstant_s * Math.log(ratio);
}

/**
 * Temperature after a time; the inverse of {@link coolingTime}.
 *
 * @example temperatureAfter({ timeConstant_s: 600, from_C: 100, surroundings_C: 20 }, 600 * Math.LN2).toFixed(6) // → '60.000000'
 */
export function temperatureAfter({ timeConstant_s, from_C, surroundings_C }: CoolingOptions, seconds: number): number {
  assertPositive({ timeConstant_s });
  assertFinite({ from_C, surroundings_C });
  assertWithin(0, 1e9, { seconds });
  return surroundings_C + (from_C - surroundings_C) * Math.exp(-seconds / timeConstant_s);
}

/**
 * Time of heating or cooling at another scale, from the tested one: heat goes with volume, its way out with surface, so that
 * time grows at least as s^(1/3) for similar vessels.
 *
 * @example timeAtScale(600, 8) // → 1200
 */
export function timeAtScale(seconds: number, factor: number): number {
  assertPositive({ factor });
  assertWithin(0, 1e12, { seconds });
  return seconds * Math.cbrt(factor);
}
