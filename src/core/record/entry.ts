import type { Role } from '../people/identity';

/** How an amount is read at the bench: net on a tared balance, two weighings of a vessel, or a volume. */
export const slots = ['net', 'full', 'empty', 'volume'] as const;
export type Slot = (typeof slots)[number];

/** Where on a bench's record something belongs: a reading of one line of the charge table. */
export interface RecordPlace {
  readonly line: string;
  readonly slot: Slot;
}

/** What was read, as it was read. `state` is the configuration of a weighed vessel ("cap on"). */
export interface Reading {
  readonly k: 'reading';
  readonly place: RecordPlace;
  readonly digits: string;
  readonly unit: string;
  readonly device?: string;
  readonly state?: readonly string[];
}

/** Something observed or said, in words. */
export interface Words {
  readonly k: 'words';
  readonly line: string;
  readonly text: string;
}

/** Everything that can happen on a bench's record. Nothing is ever changed: a correction is a new entry. */
export type Body =
  | Reading
  | Words
  | { readonly k: 'correct'; readonly target: string; readonly body: Reading | Words; readonly reason: string }
  | { readonly k: 'void'; readonly target: string; readonly reason: string; readonly slip?: true }
  | { readonly k: 'ask'; readonly targets: readonly string[] }
  | {
      readonly k: 'sign';
      readonly seals: readonly { readonly entry: string; readonly content: string }[];
      readonly remark?: string;
    }
  | { readonly k: 'return'; readonly targets: readonly string[]; readonly remark: string };

/** An entry as a device makes it; its id (a ULID) makes sending it twice harmless. Times are ISO 8601, UTC. */
export interface Draft {
  readonly id: string;
  readonly v: 1;
  readonly log: string;
  readonly body: Body;
  /** When it happened, by the server's clock as the device estimates it. */
  readonly at: string;
  /** When it happened by the device's own clock. */
  readonly deviceAt: string;
  readonly device: string;
  /** Newest sequence number that the device had seen. */
  readonly saw: number;
}

export interface Author {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

/** An entry as the server stored it, numbered and chained to the one before. */
export interface Entry extends Draft {
  readonly seq: number;
  readonly author: Author;
  readonly received: string;
  /** SHA-256 of draft and author: what a signature seals. */
  readonly content: string;
  /** SHA-256 over the previous chain, content, seq and received. */
  readonly chain: string;
}

/** Text under the content hash: the draft and who wrote it, canonical. */
export interface Content extends Draft {
  readonly author: Author;
}
