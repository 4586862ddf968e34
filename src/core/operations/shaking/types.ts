import * as field from '../declare/fields';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';

/** Parameters that extraction and wash share. */
export const shakingFields = {
  line: field.line('What is added', { help: 'In as many rounds as the line has portions.' }),
  of: field.optional(field.goal('Stage that it is done for')),
  organic: field.choice('Where the organic layer is expected', { upper: 'upper', lower: 'lower' }),
} satisfies Fields;

export type ShakingParams = ParamsOf<typeof shakingFields>;

/** What happened in the funnel. */
export interface Shaking {
  readonly rounds: readonly { readonly round: number; readonly separated?: Live<Happening> }[];
  /** Which layer the drop test found to be the organic one. */
  readonly found?: 'upper' | 'lower';
  readonly foundAt?: Live<Happening>;
  readonly shaken?: Live<Happening>;
}
