import { again } from './again';
import { isolations } from './isolations';
import { liquids } from './liquids';
import { solids } from './solids';
import type { Job } from './job';

/** What a chemist expects of a stage, g, and why the models come to another number or to the same. */
export interface Expected {
  readonly stage: string;
  readonly low: number;
  readonly high: number;
  readonly why: string;
}

export type Tried = Job & { readonly expects: readonly Expected[] };

/** Ten kinds of job as teachers bring them, some of them twice, each from the plan to the results. */
export const jobs: Readonly<Record<string, Tried>> = {
  ...liquids,
  ...solids,
  ...isolations,
  ...Object.fromEntries(Object.entries(again).map(([name, job]) => [`${name}-again`, job])),
};
