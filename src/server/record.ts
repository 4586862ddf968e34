import 'server-only';
import { ValidationError } from 'yup';
import { AppError } from './appError';
import { admitTo } from './access';
import { inTransaction } from './inTransaction';
import { entriesOf, toEntries } from './entries';
import { keptNames, sealedAuthor } from './authorNames';
import { periodsOfClass } from './periods';
import { log as logger } from './log';
import { logKind } from './logKinds';
import { revokeSessions } from './sessions';
import { headFault, sealHead } from './seals';
import { sha256 } from './hash';
import { insert, rows, run } from './tables';
import { hasFile } from './files';
import { changeFault } from '@/core/record/mayChange';
import { isStanding } from '@/core/record/foldRecord';
import { turnFault, takesFrom } from '@/core/record/periods';
import { canonicalJson } from '@/core/canonicalJson';
import { chainHash, contentHash, sealedContent, sealedName, verifyLogOf } from '@/core/record/chain';
import { draftSchema } from '@/core/record/draftSchema';
import { judged } from '@/core/formats/judged';
import type { Transaction } from 'sequelize';
import type { Identity } from '@/core/identity';
import type { ChainFault } from '@/core/record/chain';
import type { EntryRow } from './entries';
import type { LogOwner } from './access';
import type { SealedHead } from './seals';
import type { Author, Draft, Entry } from '@/core/record/entry';

interface LogRow extends LogOwner, SealedHead {}

/** The class to which a log belongs. */
export async function classOfLog(log: string): Promise<string> {
  const [found] = await rows<LogRow>('SELECT * FROM logs WHERE id = :log', { log });
  return found?.class_id ?? '';
}

/**
 * Stores a draft once. The log's row is locked first, so that numbers have no gaps and the chain has no fork; the same draft
 * sent again gets the answer it got before, by whatever hand; another content under the same id is refused.
 */
export async function storeDraft(identity: Identity, log: string, value: unknown): Promise<Entry> {
  const draft = checked(value, log);
  return inTransaction((transaction) => store(identity, draft, transaction));
}

function checked(value: unknown, log: string): Draft {
  try {
    const draft = judged<Draft>(draftSchema, value);
    if (draft.log !== log) throw new AppError('badRequest', 'The entry belongs to another record.');
    return draft;
  } catch (error) {
    if (error instanceof ValidationError)
      throw new AppError('badRequest', `The entry ${error.path ? `(${error.path}) ` : ''}${error.message}.`);
    throw error;
  }
}

async function store(identity: Identity, draft: Draft, transaction: Transaction): Promise<Entry> {
  const [log] = await rows<LogRow>('SELECT * FROM logs WHERE id = :log FOR UPDATE', { log: draft.log }, transaction);
  await admitTo(identity, log, transaction);
  // Admitted, so it is there.
  if (!log) throw new AppError('notFound', 'There is no such record.');
  const plain: Author = { id: identity.id, name: identity.name, role: identity.role };
  const author = draft.v === 1 ? plain : await sealedAuthor(identity, transaction);
  const content = contentHash({ ...draft, author }, sha256);
  const [same] = await rows<EntryRow>(
    'SELECT seq, received, content, chain, stored FROM entries WHERE id = :id',
    { id: draft.id },
    transaction,
  );
  const [entryThere] = same ? await toEntries([same], transaction) : [];
  if (same && entryThere) {
    if (same.content === content) return entryThere;
    // The very same, brought in meanwhile by another hand from what a tablet had saved: it is there once.
    if (contentHash({ ...draft, author: entryThere.author }, sha256) === same.content) return entryThere;
    throw new AppError('conflict', 'Another entry already has this id.');
  }
  if (!logKind(log.kind)?.takes(draft.body.k))
    throw new AppError('refused', 'This kind of entry does not belong into this record.');
  await allowPeriod(log, draft, transaction);
  if (draft.by !== undefined && !(await isMember(log, draft.by, transaction)))
    throw new AppError('refused', 'Who is said to have made it is no member of this bench.');
  await allow(identity, draft, transaction);
  const received = await receivedNow(log, transaction);
  const bare = { ...draft, author, content, seq: log.head_seq + 1, received };
  const entry: Entry = { ...bare, chain: chainHash(log.head_chain, bare, sha256) };
  const { id, body } = draft;
  await insert(
    'entries',
    {
      id,
      log_id: log.id,
      seq: entry.seq,
      kind: body.k,
      author_id: author.id,
      received: new Date(entry.received),
      content,
      chain: entry.chain,
      stored: canonicalJson(sealedContent({ ...draft, author })),
    },
    transaction,
  );
  await run(
    'UPDATE logs SET head_seq = :seq, head_chain = :chain, head_key = :head_key, head_seal = :head_seal WHERE id = :id',
    { seq: entry.seq, chain: entry.chain, id: log.id, ...sealHead(log.id, entry.seq, entry.chain) },
    transaction,
  );
  // Whoever was signed in at a bench signs in again to see the closed record.
  if (body.k === 'period' && body.to === 'closed') await revokeSessions({ classId: log.class_id }, transaction);
  return entry;
}

/** The server's time, never before that of the entry stored last: a clock that was set back must not turn the order around. */
async function receivedNow({ id, head_seq }: LogRow, transaction: Transaction): Promise<string> {
  const now = Date.now();
  const [last] = await rows<{ received: Date }>(
    'SELECT received FROM entries WHERE log_id = :id AND seq = :head_seq',
    { id, head_seq },
    transaction,
  );
  const before = last ? new Date(last.received).getTime() : 0;
  if (before > now)
    logger.warn({ log: id, behind_ms: before - now }, 'the clock of this server runs behind the record');
  return new Date(Math.max(now, before)).toISOString();
}

async function isMember({ bench_id }: LogRow, member: string, transaction: Transaction): Promise<boolean> {
  const sql = 'SELECT id FROM members WHERE id = :member AND bench_id = :bench_id';
  return (await rows(sql, { member, bench_id }, transaction)).length > 0;
}

/** A closed record takes what was made before, and the marks that open it again. */
async function allowPeriod({ class_id }: LogRow, { body, at }: Draft, transaction: Transaction): Promise<void> {
  const periods = await periodsOfClass(class_id, transaction);
  if (body.k === 'period') {
    const fault = turnFault(periods, body);
    if (fault) throw new AppError('refused', fault);
  } else if (!takesFrom(periods, at)) {
    throw new AppError('refused', 'The record is closed, and this was made after the closing. Have it reopened first.');
  }
}

/** What the kinds of entry ask for beyond their shape. */
async function allow(identity: Identity, draft: Draft, transaction: Transaction): Promise<void> {
  const { body } = draft;
  if ((body.k === 'sign' || body.k === 'return') && identity.role === 'group')
    throw new AppError('forbidden', 'Only the demonstrator or the coordinator signs or returns.');
  if (body.k === 'file' && !(await hasFile(draft.log, body, transaction)))
    throw new AppError('refused', 'The file of this entry did not arrive whole.');
  const targets =
    body.k === 'correct' || body.k === 'void'
      ? [body.target]
      : body.k === 'sign'
        ? body.seals.map(({ entry }) => entry)
        : 'targets' in body
          ? body.targets
          : [];
  if (targets.length === 0) return;
  const entries = await entriesOf(draft.log, 0, transaction);
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  if (targets.some((id) => !byId.has(id)))
    throw new AppError('refused', 'The entry it refers to is not in this record.');
  if (body.k === 'correct' || body.k === 'void') {
    const target = byId.get(body.target);
    const fault = target && changeFault(identity, target);
    if (fault) throw new AppError('forbidden', fault);
  }
  const isReading = ({ body: of }: Entry) => isStanding(of) || of.k === 'correct';
  const meant = targets.flatMap((id) => byId.get(id) ?? []);
  if (body.k !== 'void' && !meant.every(isReading))
    throw new AppError('refused', 'What it refers to is no reading or note.');
  if (body.k === 'sign') {
    const struck = new Set(entries.flatMap(({ body: of }) => (of.k === 'void' ? [of.target] : [])));
    if (body.seals.some(({ entry, content }) => byId.get(entry)?.content !== content || struck.has(entry)))
      throw new AppError('conflict', 'The reading changed since you saw it. Look again before signing.');
  }
  if (body.k === 'void' && byId.get(body.target)?.body.k === 'period')
    throw new AppError('refused', 'A closing or opening is not struck: the next mark changes it.');
  if (body.k === 'void' && body.slip) {
    const signed = entries.some(
      (entry) => entry.body.k === 'sign' && entry.body.seals.some((seal) => seal.entry === body.target),
    );
    // How long after storing it comes is judged by the server's clock when the record is read: nothing a tablet made is lost.
    if (signed) throw new AppError('refused', 'It has been signed meanwhile. Strike it with a reason instead.');
  }
}

/** Verifies a log against its own sealed head: nothing changed, missing or cut off, and nothing told otherwise beside it. */
export async function verifyLog(log: string): Promise<ChainFault | undefined> {
  // Both are read as of one moment: benches go on writing meanwhile.
  return inTransaction(async (transaction) => {
    const [found] = await rows<LogRow>('SELECT * FROM logs WHERE id = :log', { log }, transaction);
    if (!found) throw new AppError('notFound', 'There is no such record.');
    const { head_seq: seq, head_chain: chain } = found;
    const entries = await entriesOf(log, 0, transaction);
    const fault =
      verifyLogOf(entries, { seq, chain }, sha256) ??
      (await columnFault(log, entries, transaction)) ??
      (await nameFault(entries, transaction));
    const seal = headFault(found);
    return fault ?? (seal === undefined ? undefined : { seq, why: seal });
  });
}

/** A name that stands beside must be the one that its author had. One that was forgotten says so itself. */
async function nameFault(entries: readonly Entry[], transaction: Transaction): Promise<ChainFault | undefined> {
  const names = await keptNames(
    entries.flatMap(({ author: { sealed = [] } }) => sealed),
    transaction,
  );
  const wrong = new Set(
    [...names.values()]
      .filter((one) => sealedName(one.name, one.salt, sha256) !== one.sealed)
      .map(({ sealed }) => sealed),
  );
  const first = entries.find(({ author: { sealed } }) => sealed !== undefined && wrong.has(sealed));
  return first && { seq: first.seq, why: `entry ${first.seq} stands under another name than it was made` };
}

/** Kind and author stand beside an entry's text for looking up: they must say the same. */
async function columnFault(
  log: string,
  entries: readonly Entry[],
  transaction: Transaction,
): Promise<ChainFault | undefined> {
  const columns = await rows<{ seq: number; kind: string; author_id: string }>(
    'SELECT seq, kind, author_id FROM entries WHERE log_id = :log ORDER BY seq',
    { log },
    transaction,
  );
  const at = columns.findIndex(
    ({ kind, author_id }, i) => kind !== entries[i]?.body.k || author_id !== entries[i]?.author.id,
  );
  const seq = columns[at]?.seq;
  return seq === undefined ? undefined : { seq, why: `entry ${seq} is listed as something else than it is` };
}
