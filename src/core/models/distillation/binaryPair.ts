import { assertPositive, assertWithin } from '../guards';
import { boilingTemperature } from '../vapour/antoine';
import type { Antoine } from '../../reference/substance';

/** One liquid of a pair that is distilled. */
export interface Liquid {
  readonly antoine: Antoine;
  /** g/mol */
  readonly M: number;
  /** g/mL */
  readonly density: number;
}

/** Two liquids that mix ideally, the more volatile one first. */
export interface BinaryPair {
  readonly lighter: Liquid;
  readonly heavier: Liquid;
}

/** A point of the boiling diagram: liquid x and vapour y in equilibrium at T. */
export interface EquilibriumPoint {
  readonly x: number;
  readonly y: number;
  readonly T: number;
}

/** Boiling diagram of an ideal pair at a pressure, as two functions of the lighter one's mole fraction. */
export interface BoilingDiagram {
  readonly bubble: (x: number) => EquilibriumPoint;
  /** @param near temperature of a point not far off, from which it is found in fewer steps */
  readonly dew: (y: number, near?: number) => EquilibriumPoint;
}

/**
 * Boiling diagram by Raoult's law. Newton's method on the logarithm of the total pressure, which is nearly straight in T: four
 * steps are exact to rounding.
 *
 * @param torr pressure
 * @example Math.round(boilingDiagram({ lighter: { antoine: { A: '6.84498', B: '1203.526', C: '222.863' }, M: 84.16, density: 0.779 }, heavier: { antoine: { A: '6.95464', B: '1344.8', C: '219.482' }, M: 92.14, density: 0.867 } }, 760).bubble(1).T) // → 81
 */
export function boilingDiagram({ lighter, heavier }: BinaryPair, torr: number): BoilingDiagram {
  assertPositive({ pressure: torr });
  assertWithin(1, 7600, { pressure: torr });
  const [a, b] = [numbers(lighter.antoine), numbers(heavier.antoine)];
  const [Ta, Tb] = [boilingTemperature(lighter.antoine, torr), boilingTemperature(heavier.antoine, torr)];
  const solve = (
    start: number,
    value: (pa: number, pb: number) => number,
    weights: (pa: number, pb: number) => number,
  ) => {
    let T = start;
    for (let i = 0; i < 8; i += 1) {
      const [pa, pb] = [pressure(a, T), pressure(b, T)];
      // Slope of ln p of the mixture: each component's own, weighted by its share.
      const share = weights(pa, pb);
      const slope = share * slopeOf(a, T) + (1 - share) * slopeOf(b, T);
      const step = Math.log(value(pa, pb) / torr) / slope;
      T -= step;
      // The next step would be shorter than rounding: it is as the square of this one.
      if (Math.abs(step) < 1e-6) break;
    }
    return T;
  };
  return {
    bubble: (x) => {
      const T = solve(
        Tb + x * (Ta - Tb),
        (pa, pb) => x * pa + (1 - x) * pb,
        (pa, pb) => (x * pa) / (x * pa + (1 - x) * pb),
      );
      return { x, T, y: (x * pressure(a, T)) / torr };
    },
    dew: (y, near = Tb + y * (Ta - Tb)) => {
      const T = solve(
        near,
        (pa, pb) => 1 / (y / pa + (1 - y) / pb),
        (pa, pb) => y / pa / (y / pa + (1 - y) / pb),
      );
      return { y, T, x: (y * torr) / pressure(a, T) };
    },
  };
}

const numbers = ({ A, B, C }: Antoine) => ({ A: Number(A), B: Number(B), C: Number(C) });
type Numbers = ReturnType<typeof numbers>;
// As a power of e: a curve asks for it some ten thousand times.
const pressure = ({ A, B, C }: Numbers, T: number) => Math.exp(Math.LN10 * (A - B / (T + C)));
const slopeOf = ({ B, C }: Numbers, T: number) => (Math.LN10 * B) / (T + C) ** 2;
