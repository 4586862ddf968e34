import { assertWithin } from '../guards';

/** Apparent expansion of the filling in glass, per K; a probe has no stem. */
export const stemConstants = { mercury: 1.6e-4, spirit: 1e-3, probe: 0 } as const;

/**
 * What an emergent stem takes off a reading, `Δt = k·N·(t − t_stem)`, to be added to it.
 *
 * @param reading °C
 * @param emergent degrees of the scale between the boiling liquid's vapour and the top of the thread
 * @param stem °C at the middle of the emergent thread
 * @returns K
 * @example stemCorrection(167, { emergent: 100, stem: 30, filling: 'mercury' }).toFixed(1) // → '2.2'
 */
export function stemCorrection(
  reading: number,
  {
    emergent,
    stem,
    filling,
  }: { readonly emergent: number; readonly stem: number; readonly filling: keyof typeof stemConstants },
): number {
  assertWithin(0, 1000, { emergent });
  assertWithin(-200, 1000, { reading, stem });
  return stemConstants[filling] * emergent * (reading - stem);
}
