import { assertFinite } from '../guards';
import type { Antoine } from '../../reference/substance';

const number = ({ A, B, C }: Antoine) => ({ A: Number(A), B: Number(B), C: Number(C) });

/**
 * Vapour pressure of a pure liquid, `log10 p = A − B/(T + C)` (Antoine 1888). Outside its range the equation is a guess:
 * ask {@link Antoine} for `low_C` and `high_C`.
 *
 * @param T °C, above −C
 * @returns torr
 * @example vapourPressure({ A: '8.07131', B: '1730.63', C: '233.426' }, 100).toFixed(0) // → '760'
 */
export function vapourPressure(antoine: Antoine, T: number): number {
  const { A, B, C } = number(antoine);
  assertFinite({ A, B, C, T });
  if (T + C <= 0) throw new RangeError(`Antoine's equation has no meaning at ${T} °C`);
  return 10 ** (A - B / (T + C));
}

/**
 * Temperature at which a pure liquid boils: the inverse of {@link vapourPressure}.
 *
 * @param torr above 0
 * @returns °C
 * @example boilingTemperature({ A: '8.07131', B: '1730.63', C: '233.426' }).toFixed(1) // → '100.0'
 */
export function boilingTemperature(antoine: Antoine, torr = 760): number {
  if (!(torr > 0) || !Number.isFinite(torr)) throw new RangeError(`no liquid boils at ${torr} torr`);
  const { A, B, C } = number(antoine);
  return B / (A - Math.log10(torr)) - C;
}
