import { fact } from '../finding/finding';
import { kinds } from './materials';
import { listedBoiling_C } from '../reference/listedBoiling';
import type { FactNumber } from '../finding/finding';
import type { Judged } from './materials';

/** Boiling point as it is listed, 100 °C of water; NaN where nobody knows. */
export const boilingOf = (substance: Judged): number =>
  substance.boiling === undefined && kinds.water(substance) ? 100 : listedBoiling_C(substance);

/** A temperature as a finding says it: to whole degrees. */
export const wholeDegrees = (value: number): FactNumber => {
  const size = Math.abs(value);
  return fact({ dim: 'temperature', value: size < 0.5 ? 0 : value }, '°C', size >= 99.5 ? 3 : size >= 9.5 ? 2 : 1);
};
