import { assertPositive, assertWithin } from '../guards';
import { findRoot } from '../findRoot';

/** Gas constant, J/(mol·K); exact since the SI of 2019. */
const R = 8.314462618;
const kelvin = 273.15;

/** A solid that melts: melting point of the pure substance, °C, and enthalpy of fusion, kJ/mol. */
export interface Melting {
  readonly T_m: number;
  readonly fusion: number;
}

/**
 * Temperature at which the last crystal of an impure solid melts, `T = 1/(1/T_m − R·ln(1−x)/ΔH)` (Schröder 1893, van Laar
 * 1903; ideal melt, no solid solution). x counts only what dissolves in the melt.
 *
 * @param x mole fraction of the impurity, 0 to below 1
 * @returns °C
 * @example clearPoint({ T_m: 114, fusion: 21.5 }, 0) // → 114
 */
export function clearPoint({ T_m, fusion }: Melting, x: number): number {
  assertPositive({ fusion, 'T_m in K': T_m + kelvin });
  assertWithin(0, 1 - 1e-12, { x });
  if (x === 0) return T_m;
  return 1 / (1 / (T_m + kelvin) - (R * Math.log(1 - x)) / (fusion * 1000)) - kelvin;
}

/**
 * Impurity that would give a clear point: the inverse of {@link clearPoint}. An estimate, and labelled so: one impurity is
 * assumed, dissolved in the melt, in a dry sample on a slow ramp.
 *
 * @param clear °C, at most T_m
 * @returns mole fraction
 * @example impurityFromClearPoint({ T_m: 114, fusion: 21.5 }, 114) // → 0
 */
export function impurityFromClearPoint({ T_m, fusion }: Melting, clear: number): number {
  assertPositive({ fusion, 'clear point in K': clear + kelvin });
  assertWithin(-kelvin, T_m, { 'clear point': clear });
  return 1 - Math.exp(((fusion * 1000) / R) * (1 / (T_m + kelvin) - 1 / (clear + kelvin)));
}

/** Where two solids melt together at the lowest temperature: both lines of {@link clearPoint} meet there. */
export interface Eutectic {
  readonly T: number;
  /** Mole fraction of the second substance. */
  readonly x: number;
}

/**
 * Eutectic of two solids that mix ideally in the melt and not at all in the solid.
 *
 * @example eutectic({ T_m: 80, fusion: 19 }, { T_m: 80, fusion: 19 }).x.toFixed(6) // → '0.500000'
 */
export function eutectic(a: Melting, b: Melting): Eutectic {
  const x = findRoot((z) => clearPoint(a, z) - clearPoint(b, 1 - z), 1e-9, 1 - 1e-9, 1e-12);
  return { T: clearPoint(a, x), x };
}

/**
 * The eutectic where the impurity is not known: ideal mixing with a substance that melts as this one does. A guess, lower than most
 * impurities reach, and far above what the line of the pure substance alone would say.
 *
 * @example guessedEutectic({ T_m: 114, fusion: 21.5 }).x // → 0.5
 */
export const guessedEutectic = (a: Melting): Eutectic => ({ T: clearPoint(a, 0.5), x: 0.5 });

/**
 * Temperature at which the first liquid is seen: the melt is richer in impurity than the whole, x/f when the fraction f has
 * melted, and never below the eutectic.
 *
 * @param x mole fraction of impurity, 0 to below 1
 * @param f melted fraction that an eye first sees. @default 0.25
 * @param lowest the eutectic. @default that of ideal mixing with an impurity that melts alike
 * @example meltingOnset({ T_m: 114, fusion: 21.5 }, 0) // → 114
 */
export function meltingOnset(
  a: Melting,
  x: number,
  { f = 0.25, lowest = guessedEutectic(a) }: { readonly f?: number; readonly lowest?: Eutectic } = {},
): number {
  assertWithin(1e-6, 1, { f });
  assertWithin(0, 1 - 1e-12, { x });
  const inMelt = x / f;
  if (inMelt >= lowest.x) return Math.min(lowest.T, clearPoint(a, x));
  return Math.max(lowest.T, clearPoint(a, inMelt));
}
