import { hexToBytes } from '@noble/hashes/utils.js';
import { api, ApiError } from '../client';
import { beginning } from '@/core/record/mark';
import { newDraft } from './newDraft';
import { sendKept } from './sendKept';
import type { Draft } from '@/core/record/entry';
import type { Identity } from '@/core/identity';
import type { Kept, KeptFile } from './store';
import type { OutboxGroup, OutboxLine } from '@/core/formats/outboxFile';

/** Saved entries of one author for one record, beside what the server has of them. */
export interface LookedAt {
  readonly group: OutboxGroup;
  /** Those that the record does not have. */
  readonly fresh: readonly OutboxLine[];
  /** Signatures and returns of somebody else: they are given again by who gave them. */
  readonly notOurs: number;
  /** Why nothing of it can be brought in. */
  readonly fault?: string;
}

/** What came of it. */
export interface BroughtIn {
  readonly stored: number;
  readonly refused: readonly { readonly name: string; readonly why: string }[];
}

/** Compares saved entries with the record. Nothing is written. */
export function lookAt(groups: readonly OutboxGroup[], identity: Identity): Promise<readonly LookedAt[]> {
  return Promise.all(
    groups.map(async (group) => {
      try {
        const { entries } = await api.entries(group.log, beginning, identity.id);
        const known = new Set(entries.map(({ id }) => id));
        const missing = group.lines.filter(({ draft }) => !known.has(draft.id));
        const fresh = missing.filter(({ author, draft }) => author === identity.id || !isJudgement(draft));
        return { group, fresh, notOurs: missing.length - fresh.length };
      } catch (error) {
        if (!(error instanceof ApiError) || error.code !== 'notFound') throw error;
        return { group, fresh: [], notOurs: 0, fault: 'This record is not on this server.' };
      }
    }),
  );
}

const isJudgement = ({ body: { k } }: Draft) => k === 'sign' || k === 'return';

/**
 * Stores saved entries under the name of who brings them in, with their own ids and times; a note on each record says whose
 * they are. An entry that its tablet sends later all the same is there once.
 *
 * @throws ApiError when the server cannot be reached; what was stored until then is not stored again
 */
export async function bringIn(looked: readonly LookedAt[], identity: Identity): Promise<BroughtIn> {
  let stored = 0;
  const refused: { name: string; why: string }[] = [];
  for (const { group, fresh } of looked) {
    const before = stored;
    const onRefused = (_: Kept, why: string) => {
      refused.push({ name: group.authorName, why });
      return Promise.resolve();
    };
    await sendKept(
      fresh.map((line) => keptOf(line, identity)),
      () => (stored += 1),
      onRefused,
    );
    if (stored > before) await api.sendDraft(noteOn(group, stored - before), identity.id);
  }
  return { stored, refused };
}

function keptOf({ draft, className, bytes }: OutboxLine, { id: author, name: authorName }: Identity): Kept {
  const { id, log, body } = draft;
  const kept: Kept = { id, log, author, authorName, className, draft };
  if (body.k !== 'file' || bytes === undefined) return kept;
  const { file, name, sha256 } = body;
  const whole: KeptFile = { id: file, log, author, name, sha256, bytes: hexToBytes(bytes).slice().buffer };
  return { ...kept, file: whole };
}

function noteOn({ log, authorName }: OutboxGroup, count: number): Draft {
  const text = `Brought in from what a tablet had saved: ${count} ${count === 1 ? 'entry' : 'entries'} made by ${authorName}.`;
  return newDraft(log, { k: 'words', text }, 0);
}
