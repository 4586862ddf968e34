import { headOf } from './headOf';
import type { Draft, Entry } from './entry';

/**
 * Where a reader stands in a log: number of the newest entry up to which it has all, and how that entry's chain begins. The
 * chain tells a log that went on from one that was set back to an earlier state and went on otherwise.
 */
export interface Mark {
  readonly seq: number;
  /** First digits of the chain; empty for the beginning of a log. */
  readonly chain: string;
}

const digits = 12;

/** Where somebody stands who has nothing. */
export const beginning: Mark = { seq: 0, chain: '' };

/** Where somebody stands who has these entries, in any order. */
export function markOf(entries: readonly Pick<Entry, 'seq' | 'chain'>[]): Mark {
  const seq = headOf(entries);
  return { seq, chain: entries.find((one) => seq > 0 && one.seq === seq)?.chain.slice(0, digits) ?? '' };
}

/**
 * A mark as one word of an address.
 *
 * @example writeMark({ seq: 7, chain: 'ab12cd34ef56' }) // → '7.ab12cd34ef56'
 */
export const writeMark = ({ seq, chain }: Mark): string => (chain ? `${seq}.${chain}` : String(seq));

/**
 * Reads a mark; nothing when the text is none. A number alone is a mark too: then no chain is compared.
 *
 * @example readMark('7.ab12') // → { seq: 7, chain: 'ab12' }
 * @example readMark('seven') // → undefined
 */
export function readMark(text: string): Mark | undefined {
  const [, seq, chain = ''] = /^(\d{1,9})(?:\.([0-9a-f]{1,64}))?$/.exec(text) ?? [];
  return seq === undefined ? undefined : { seq: Number(seq), chain };
}

/** What a reader does not have yet. */
export interface News {
  readonly entries: readonly Entry[];
  /** The log was set back since it was last read: these are all its entries. */
  readonly anew?: true;
}

/** Entries of a reader with what came since, or only what there is when the log was set back. */
export function withNews(before: readonly Entry[], { entries, anew }: News): readonly Entry[] {
  if (anew) return entries;
  if (entries.length === 0) return before;
  return [...new Map([...before, ...entries].map((entry) => [entry.id, entry])).values()];
}

/** Whether two sets of entries are of one history: no number stands for two entries. */
export function isOneHistory(some: readonly Entry[], others: readonly Entry[]): boolean {
  const ids = new Map(some.map(({ seq, id }) => [seq, id]));
  return others.every(({ seq, id }) => (ids.get(seq) ?? id) === id);
}

/**
 * What somebody made and a log that was set back no longer has, as it was made, in its order: it is sent again under its old
 * ids and times, so that its contents are the same to the last byte.
 */
export function lostDrafts(before: readonly Entry[], there: readonly Entry[], author: string): readonly Draft[] {
  const known = new Set(there.map(({ id }) => id));
  return before
    .filter((one) => one.author.id === author && !known.has(one.id))
    .toSorted((a, b) => a.seq - b.seq)
    .map(({ id, v, log, body, at, deviceAt, device, saw }) => ({ id, v, log, body, at, deviceAt, device, saw }));
}
