import type { Worked } from '../../quantity/worked';

export interface CalculationParams {
  readonly of: string;
  readonly what: 'yield' | 'recovery';
}

export interface Calculation {
  /** What the group worked out, as a fraction, with the digits it was typed with. */
  readonly typed?: { readonly value: number; readonly decimals: number };
  /** What the readings give. */
  readonly right?: Worked<'fraction'>;
}
