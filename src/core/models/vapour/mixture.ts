import { findRoot } from '../findRoot';
import { assertPositive, assertWithin } from '../guards';
import { boilingTemperature, vapourPressure } from './antoine';
import type { Antoine } from '../../reference/substance';

/** A component of an ideal liquid mixture. */
export interface Component {
  readonly antoine: Antoine;
  /** Mole fraction. */
  readonly x: number;
}

/** Where a mixture boils and what its vapour or liquid is. */
export interface Equilibrium {
  /** °C */
  readonly T: number;
  /** Mole fractions of the other phase, in the order given. */
  readonly other: readonly number[];
}

function check(components: readonly Component[], torr: number) {
  assertPositive({ pressure: torr });
  for (const { x } of components) assertWithin(0, 1, { 'mole fraction': x });
  const sum = components.reduce((total, { x }) => total + x, 0);
  if (Math.abs(sum - 1) > 1e-9) throw new RangeError(`mole fractions must add up to 1, not ${sum}`);
}

function between(components: readonly Component[], torr: number): readonly [number, number] {
  const points = components.map(({ antoine }) => boilingTemperature(antoine, torr));
  return [Math.min(...points) - 1e-6, Math.max(...points) + 1e-6];
}

/**
 * Bubble point of an ideal liquid mixture, `Σ xᵢ·pᵢ(T) = p` (Raoult's law), with the vapour above it.
 *
 * @param torr pressure
 * @throws RangeError when the fractions do not add up to 1
 * @example bubblePoint([{ antoine: { A: '8.07131', B: '1730.63', C: '233.426' }, x: 1 }]).T.toFixed(1) // → '100.0'
 */
export function bubblePoint(components: readonly Component[], torr = 760): Equilibrium {
  check(components, torr);
  const [low, high] = between(components, torr);
  const total = (T: number) => components.reduce((sum, { antoine, x }) => sum + x * vapourPressure(antoine, T), 0);
  const T = findRoot((t) => total(t) - torr, low, high, 1e-9);
  return { T, other: components.map(({ antoine, x }) => (x * vapourPressure(antoine, T)) / torr) };
}

/**
 * Dew point of an ideal vapour mixture, `Σ yᵢ·p/pᵢ(T) = 1` (Raoult's law), with the first liquid.
 *
 * @param components `x` holds the mole fractions of the vapour
 * @example dewPoint([{ antoine: { A: '8.07131', B: '1730.63', C: '233.426' }, x: 1 }]).T.toFixed(1) // → '100.0'
 */
export function dewPoint(components: readonly Component[], torr = 760): Equilibrium {
  check(components, torr);
  const [low, high] = between(components, torr);
  const total = (T: number) =>
    components.reduce((sum, { antoine, x }) => sum + (x * torr) / vapourPressure(antoine, T), 0);
  const T = findRoot((t) => total(t) - 1, low, high, 1e-9);
  return { T, other: components.map(({ antoine, x }) => (x * torr) / vapourPressure(antoine, T)) };
}

/**
 * Relative volatility of an ideal pair at a temperature, `α = p₁/p₂`.
 *
 * @example relativeVolatility({ A: '8.07131', B: '1730.63', C: '233.426' }, { A: '8.07131', B: '1730.63', C: '233.426' }, 80) // → 1
 */
export function relativeVolatility(lighter: Antoine, heavier: Antoine, T: number): number {
  return vapourPressure(lighter, T) / vapourPressure(heavier, T);
}
