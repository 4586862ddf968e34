import { canonicalJson } from '../canonicalJson';
import type { EntryContent, Entry } from './entry';

/** A hash function, handed in: the core has no cryptography of its own. Hexadecimal SHA-256 of UTF-8 text. */
export type Sha256 = (text: string) => string;

/** Chain value before the first entry of a log. */
export const chainStart = '0'.repeat(64);

/**
 * What of an entry is stored and hashed: everything its author made, and the author. The keys are those of its version; from the second
 * on a name is what stands for it.
 */
export function sealedContent(content: EntryContent): object {
  const { id, v, log, body, at, deviceAt, device, saw, sawClass, by, author } = content;
  if (v === 1) return { id, v, log, body, at, deviceAt, device, saw, author };
  const { id: who, role, name, sealed = name } = author;
  const kept = { id: who, role, name: sealed };
  return { id, v, log, body, at, deviceAt, device, saw, sawClass, by, author: kept };
}

/** Hash of an entry's content. */
export const contentHash = (content: EntryContent, sha256: Sha256): string =>
  sha256(canonicalJson(sealedContent(content)));

/** What stands for a name under the hashes: without the salt nobody can try names until one fits. */
export const sealedName = (name: string, salt: string, sha256: Sha256): string => sha256(`${salt}:${name}`);

/** Next link of a log's chain. */
export function chainHash(before: string, entry: Pick<Entry, 'content' | 'seq' | 'received'>, sha256: Sha256): string {
  return sha256(canonicalJson([before, entry.content, entry.seq, entry.received]));
}

/** Where a record stops being what was stored, or nothing. */
export interface ChainFault {
  readonly seq: number;
  readonly why: string;
}

/** Verifies a whole log against its own head: number and chain of the newest entry. */
export function verifyLogOf(
  entries: readonly Entry[],
  head: { readonly seq: number; readonly chain: string },
  sha256: Sha256,
): ChainFault | undefined {
  const fault = verifyChain(entries, head.seq, sha256);
  const last = entries.at(-1);
  if (!fault && last && last.chain !== head.chain)
    return { seq: last.seq, why: 'the log ends on another entry than it holds' };
  return fault;
}

/**
 * Verifies a whole log: numbers without gaps, contents and chain recomputed.
 *
 * @param entries in order of their sequence
 * @param head number of the newest entry, as the log itself holds it
 */
export function verifyChain(entries: readonly Entry[], head: number, sha256: Sha256): ChainFault | undefined {
  let before = chainStart;
  for (const [i, entry] of entries.entries()) {
    const { seq } = entry;
    if (seq !== i + 1) return { seq: i + 1, why: `entry ${i + 1} is missing` };
    if (contentHash(entry, sha256) !== entry.content) return { seq, why: `entry ${seq} is not what was stored` };
    if (chainHash(before, entry, sha256) !== entry.chain)
      return { seq, why: `entry ${seq} does not follow from the one before` };
    before = entry.chain;
  }
  return entries.length === head
    ? undefined
    : { seq: entries.length + 1, why: `the log counts ${head} entries, ${entries.length} are there` };
}
