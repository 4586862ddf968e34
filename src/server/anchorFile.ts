import { appendFileSync, existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { canonicalJson } from '@/core/canonicalJson';
import { sealFault, sealText } from './keyFile';

/** Where the newest entry of a record was: its number and chain. */
export type Head = readonly [seq: number, chain: string];

/**
 * A line of the anchors: where records stood on a day, or after a backup was brought in. Kept outside the database, so that one
 * that was changed with everything in it still contradicts them.
 */
export interface Anchor {
  readonly n: number;
  readonly at: string;
  readonly k: 'day' | 'restored';
  /** Heads by record: on a day those that moved since, after a restore all there are. */
  readonly heads: Readonly<Record<string, Head>>;
  /** Seal of the line before: none can be taken out. */
  readonly before: string;
  readonly key: string;
  readonly seal: string;
}

const fileOf = (folder: string) => join(folder, 'anchors.jsonl');
const sealedOf = ({ n, at, k, heads, before }: Omit<Anchor, 'key' | 'seal'>) =>
  canonicalJson(['anchor', n, at, k, heads, before]);

/** Lines of a data folder, the oldest first. */
export function readAnchors(folder: string): readonly Anchor[] {
  const file = fileOf(folder);
  return existsSync(file) ? anchorsOf(readFileSync(file, 'utf8')) : [];
}

/** Lines of a text. A last line that was cut off by a dying process is left out. */
export function anchorsOf(text: string): readonly Anchor[] {
  const lines = text.split('\n').filter(Boolean);
  return lines.flatMap((line, i) => {
    try {
      return [JSON.parse(line) as Anchor];
    } catch (error) {
      if (i === lines.length - 1) return [];
      throw error;
    }
  });
}

/** Adds a line. */
export function addAnchor(folder: string, k: Anchor['k'], heads: Anchor['heads'], at: string): Anchor {
  const last = readAnchors(folder).at(-1);
  const bare = { n: (last?.n ?? 0) + 1, at, k, heads, before: last?.seal ?? '' };
  const anchor: Anchor = { ...bare, ...sealText(folder, sealedOf(bare)) };
  appendFileSync(fileOf(folder), `${JSON.stringify(anchor)}\n`, { mode: 0o600 });
  return anchor;
}

/**
 * Takes over the lines that a backup carries, as far as this folder does not have them.
 *
 * @throws Error when the folder's own lines tell another history
 */
export function takeAnchors(folder: string, carried: readonly Anchor[]): void {
  const own = readAnchors(folder);
  const differs = carried.findIndex(({ seal }, i) => own[i] !== undefined && own[i].seal !== seal);
  if (differs >= 0) throw new Error(`the anchors of the backup and of the data folder part at line ${differs + 1}`);
  const missing = carried.slice(own.length);
  const text = [...own, ...missing].map((one) => `${JSON.stringify(one)}\n`).join('');
  if (missing.length > 0) writeFileSync(fileOf(folder), text, { mode: 0o600 });
}

/** What is wrong with the lines themselves; nothing when every one is sealed and follows from the one before. */
export function anchorFault(folder: string, anchors: readonly Anchor[]): string | undefined {
  for (const [i, anchor] of anchors.entries()) {
    if (anchor.n !== i + 1 || anchor.before !== (anchors[i - 1]?.seal ?? '')) return `line ${i + 1} does not follow`;
    const fault = sealFault(folder, sealedOf(anchor), anchor);
    if (fault) return `line ${i + 1}: ${fault}`;
  }
  return undefined;
}

/** Where a record is to be found at a number, by the newest word on it; earlier lines that were taken back by a restore. */
export interface Anchored {
  readonly log: string;
  readonly seq: number;
  readonly chain: string;
  readonly at: string;
  /** When a backup was brought in that ended before it, ISO 8601: the record may have gone on otherwise since. */
  readonly setBackAt?: string;
}

/** All that the lines say of heads. */
export function anchoredHeads(anchors: readonly Anchor[]): readonly Anchored[] {
  return anchors.flatMap(({ k, at, heads, n }) =>
    Object.entries(heads).map(([log, [seq, chain]]): Anchored => {
      const back =
        k === 'day'
          ? anchors.find((later) => later.n > n && later.k === 'restored' && (later.heads[log]?.[0] ?? -1) < seq)
          : undefined;
      return { log, seq, chain, at, ...(back ? { setBackAt: back.at } : {}) };
    }),
  );
}
