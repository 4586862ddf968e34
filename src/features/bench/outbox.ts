import type { Draft } from '@/core/record/entry';

/** Drafts that this browser has made and the server has not confirmed, kept per record and author: never sent under another name. */
export interface Outbox {
  readonly read: () => readonly Draft[];
  readonly write: (drafts: readonly Draft[]) => void;
}

/** The outbox of one author at one record, in the browser's storage. */
export function outboxOf(log: string, author: string): Outbox {
  const key = `mozle:outbox:${log}:${author}`;
  return {
    read: () => {
      try {
        return JSON.parse(localStorage.getItem(key) ?? '[]') as readonly Draft[];
      } catch {
        return [];
      }
    },
    write: (drafts) =>
      drafts.length > 0 ? localStorage.setItem(key, JSON.stringify(drafts)) : localStorage.removeItem(key),
  };
}
