import { fact } from '../finding/finding';
import type { FactNumber } from '../finding/finding';
import type { Worked } from '../quantity/worked';

/** Numbers of operations as findings and sentences print them. */
export const worked = ({ q, unit, figures }: Worked): FactNumber => fact(q, unit, figures);
export const celsiusFact = (value: number, figures = 3): FactNumber =>
  fact({ dim: 'temperature', value }, '°C', figures);
export const minutesFact = (seconds: number): FactNumber =>
  fact({ dim: 'time', value: seconds }, seconds < 60 ? 's' : 'min', 2);
export const percentFact = (share: number, figures = 3): FactNumber =>
  fact({ dim: 'fraction', value: share }, '%', figures);

/** A time this share of the planned one is within the reading of a clock. */
export const shortShare = 0.95;
