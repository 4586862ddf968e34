import { assertPositive, assertWithin } from '../guards';

/** K of the rule, per torr: liquids that do not associate, and those that do (alcohols, water). Valid for 700 to 820 torr. */
export const pressureConstants = { normal: 1.2e-4, associated: 1.0e-4, acid: 1.15e-4 } as const;

/** The rule goes this far, and not well beyond 60 torr from 760. */
const [least_torr, most_torr] = [600, 850];

/**
 * Boiling temperature at 760 torr from one at another pressure, `t₇₆₀ = t + K·(760 − p)·(273.15 + t)` (Sydney Young's rule, as
 * in laboratory handbooks). Within about 60 torr of 760; beyond that use Antoine's equation.
 *
 * @param t °C at `torr`
 * @example toStandardPressure(80, 760) // → 80
 */
export function toStandardPressure(t: number, torr: number, K: number = pressureConstants.normal): number {
  assertPositive({ K });
  assertWithin(least_torr, most_torr, { pressure: torr });
  assertWithin(-150, 600, { t });
  return t + K * (760 - torr) * (273.15 + t);
}

/**
 * Where something that boils at `t760` boils at another pressure: the rule the other way, for windows of a procedure.
 *
 * @example atPressure(170, 748).toFixed(1) // → '169.4'
 */
export function atPressure(t760: number, torr: number, K: number = pressureConstants.normal): number {
  assertPositive({ K });
  assertWithin(least_torr, most_torr, { pressure: torr });
  assertWithin(-150, 600, { t760 });
  return t760 - K * (760 - torr) * (273.15 + t760);
}
