import { store } from './store';
import type { Kept } from './store';

/** Unsent drafts of one bench or person at one class, as others may see them: how many, not what. */
export interface WaitingGroup {
  readonly author: string;
  readonly name: string;
  readonly className: string;
  readonly count: number;
}

/** Whose drafts wait on this device for their next sign-in. */
export async function waitingGroups(): Promise<readonly WaitingGroup[]> {
  const groups = new Map<string, WaitingGroup>();
  for (const { author, authorName: name, className } of await store().drafts.toArray()) {
    const key = `${author} ${className}`;
    groups.set(key, { author, name, className, count: (groups.get(key)?.count ?? 0) + 1 });
  }
  return [...groups.values()];
}

/** All that is on this device only, as a file that an operator can keep. Files are told with their hash, not their bytes. */
export async function outboxFile(): Promise<string> {
  const kept = await store().drafts.orderBy('n').toArray();
  const line = ({ draft, author, authorName, className, refused }: Kept) => ({
    author,
    authorName,
    className,
    ...(refused === undefined ? {} : { refused }),
    draft,
  });
  return `${JSON.stringify({ format: 'mozle-outbox', formatVersion: 1, kept: kept.map(line) }, undefined, 1)}\n`;
}
