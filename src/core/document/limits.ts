import type { Preparation } from './document';

/** Most of each that a preparation holds. */
export const mostOf = { substances: 80, lines: 60, vessels: 30, devices: 40, stages: 20, steps: 100 } as const;

/** Whether a document keeps to the most of everything. */
export const hasRoom = (doc: Preparation): boolean =>
  (Object.keys(mostOf) as (keyof typeof mostOf)[]).every((key) => doc[key].length <= mostOf[key]);
