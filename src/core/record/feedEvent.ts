import type { ClassState } from './classState';
import type { Entry } from './entry';

/** What a live feed tells: entries of a log in order, what holds for the class, or only that it is alive and what time it is. */
export type FeedEvent =
  | { readonly k: 'entries'; readonly log: string; readonly entries: readonly Entry[] }
  | ({ readonly k: 'class' } & ClassState)
  | { readonly k: 'beat'; readonly now: string };
