import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';

/** Parameters that extraction and wash share. */
export interface ShakingParams {
  /** What is added to the funnel, in as many rounds as the line has portions. */
  readonly line: string;
  /** Stage that it is done for, when several are made side by side. */
  readonly of?: string;
  /** Where the organic layer is expected. */
  readonly organic: 'upper' | 'lower';
}

/** What happened in the funnel. */
export interface Shaking {
  readonly rounds: readonly { readonly round: number; readonly separated?: Live<Happening> }[];
  /** Which layer the drop test found to be the organic one. */
  readonly found?: 'upper' | 'lower';
  readonly foundAt?: Live<Happening>;
  readonly shaken?: Live<Happening>;
}
