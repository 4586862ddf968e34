import { bytesToHex } from '@noble/hashes/utils.js';
import { store } from './store';
import { writeOutboxFile } from '@/core/formats/outboxFile';
import type { OutboxLine } from '@/core/formats/outboxFile';
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

/** All that is on this device only, with its files, as a file that an operator can keep and bring in elsewhere. */
export async function outboxFile(): Promise<string> {
  const kept = await store().drafts.orderBy('n').toArray();
  return writeOutboxFile(await Promise.all(kept.map(lineOf)));
}

async function lineOf({ draft, author, authorName, className, refused }: Kept): Promise<OutboxLine> {
  const { body } = draft;
  const file = body.k === 'file' ? await store().files.get(body.file) : undefined;
  return {
    author,
    authorName,
    className,
    ...(refused === undefined ? {} : { refused }),
    draft,
    ...(file ? { bytes: bytesToHex(new Uint8Array(file.bytes)) } : {}),
  };
}
