import type { Draft } from '@/core/record/entry';

/** A draft that the server will never take, and why. It is shown until a person has seen to it. */
export interface Refused {
  readonly draft: Draft;
  readonly why: string;
}

/**
 * Drafts that this browser has made and the server has not confirmed, kept per record and author: never sent under another
 * name, and never dropped in silence.
 */
export interface Outbox {
  readonly read: () => readonly Draft[];
  readonly write: (drafts: readonly Draft[]) => void;
  readonly refused: () => readonly Refused[];
  readonly setRefused: (refused: readonly Refused[]) => void;
}

/** The outbox of one author at one record, in the browser's storage. */
export function outboxOf(log: string, author: string): Outbox {
  const [drafts, refused] = ['outbox', 'refused'].map((what) => `mozle:${what}:${log}:${author}`) as [string, string];
  return {
    read: () => list<Draft>(drafts),
    write: (items) => keep(drafts, items),
    refused: () => list<Refused>(refused),
    setRefused: (items) => keep(refused, items),
  };
}

function list<T>(key: string): readonly T[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '[]') as readonly T[];
  } catch {
    return [];
  }
}

function keep(key: string, items: readonly unknown[]): void {
  if (items.length > 0) localStorage.setItem(key, JSON.stringify(items));
  else localStorage.removeItem(key);
}
