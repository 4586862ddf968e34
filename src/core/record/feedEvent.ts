import type { ClassState } from './classState';
import type { News } from './mark';

/** What a live feed tells: entries of a log in order (all of them, when it was set back), what holds for the class, or only that it is alive and what time it is. */
export type FeedEvent =
  | ({ readonly k: 'entries'; readonly log: string } & News)
  | ({ readonly k: 'class' } & ClassState)
  | { readonly k: 'beat'; readonly now: string };
