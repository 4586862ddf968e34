import { createHash } from 'node:crypto';
import { chainHash, chainStart, contentHash } from '@/core/record/chain';
import type { Author, Body, Entry, LocalDraft, Slot } from '@/core/record/entry';

export const sha256 = (text: string) => createHash('sha256').update(text).digest('hex');

export const group: Author = { id: '0'.repeat(26), name: 'Avocet', role: 'group' };
export const demonstrator: Author = { id: '1'.repeat(26), name: 'demonstrator', role: 'demonstrator' };

const letters = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** Id number `n`, in the form of a ULID. */
export const idOf = (n: number) =>
  `01ARZ3NDEKTSV4RRFFQ69G${letters[Math.floor(n / 32 ** 3) % 32]}${letters[Math.floor(n / 1024) % 32]}${letters[Math.floor(n / 32) % 32]}${letters[n % 32]}`;

/** Makes a log's entries from bodies, numbered and chained as the server does it. */
export function entriesOf(bodies: readonly (Body | readonly [Body, Author])[]): readonly Entry[] {
  let before = chainStart;
  return bodies.map((item, i) => {
    const [body, author] = (Array.isArray(item) ? item : [item, group]) as readonly [Body, Author];
    const at = new Date(Date.UTC(2026, 2, 3, 13, 0, i)).toISOString();
    const content = {
      id: idOf(i + 1),
      v: 1 as const,
      log: idOf(0),
      body,
      at,
      deviceAt: at,
      device: 'tablet',
      saw: i,
      author,
    };
    const hashed = { ...content, content: contentHash(content, sha256), seq: i + 1, received: at };
    before = chainHash(before, hashed, sha256);
    return { ...hashed, chain: before };
  });
}

/** A reading, "2.29 g" at a slot of a line. */
export function reading(
  line: string,
  slot: Slot,
  text: string,
  options: { device?: string; state?: readonly string[] } = {},
): Body {
  const [digits = '', unit = ''] = text.split(' ');
  return { k: 'reading', place: { line, slot }, digits, unit, ...options };
}

/** An entry as it stood on its device before it was sent. */
export function localOf({ id, v, log, body, at, deviceAt, device, saw, author }: Entry): LocalDraft {
  return { id, v, log, body, at, deviceAt, device, saw, author, local: true };
}
