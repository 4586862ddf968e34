import * as field from '../declare/fields';
import type { Worked } from '../../quantity/worked';
import type { Fields, ParamsOf } from '../declare/fields';

export const calculationFields = {
  of: field.goal('What is worked out'),
  what: field.choice('Share', { yield: 'yield', recovery: 'recovery' }),
} satisfies Fields;

export type CalculationParams = ParamsOf<typeof calculationFields>;

export interface Calculation {
  /** What the group worked out, as a fraction, with the digits it was typed with. */
  readonly typed?: { readonly value: number; readonly decimals: number };
  /** What the readings give. */
  readonly right?: Worked<'fraction'>;
}
