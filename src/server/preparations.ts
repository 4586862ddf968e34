import 'server-only';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { isOpenClass } from './access';
import { offThread } from './offThread/offThread';
import { inTransaction } from './inTransaction';
import { sha256 } from './hash';
import { insert, rows, run } from './tables';
import { largestFile } from '@/core/formats/limits';
import { openStored } from '@/core/formats/upgradePreparation';
import { writePreparation } from '@/core/formats/writePreparation';
import type { Identity } from '@/core/identity';
import type { Preparation } from '@/core/document/document';
import type { CardColumns } from './offThread/jobs/cardColumns';
import type { NewerVersion, StoredPreparation } from '@/core/library/stored';

const deadlineMs = 15_000;

/** The newest document of every preparation. */
export async function listDocuments(): Promise<readonly { readonly id: string; readonly doc: Preparation }[]> {
  const found = await rows<{ id: string; document: string }>(
    `SELECT p.id, v.document FROM preparations p
     JOIN preparation_versions v ON v.preparation_id = p.id AND v.version = p.head_version ORDER BY p.title`,
  );
  return found.map(({ id, document }) => ({ id, doc: parse(document) }));
}

/** A preparation, at its newest or at a given version. */
export async function findPreparation(id: string, version?: number): Promise<StoredPreparation> {
  const [row] = await rows<{ version: number; document: string }>(
    `SELECT v.version, v.document FROM preparation_versions v JOIN preparations p ON p.id = v.preparation_id
     WHERE p.id = :id AND v.version = COALESCE(:version, p.head_version)`,
    { id, version: version ?? null },
  );
  if (!row) throw new AppError('notFound', 'There is no such preparation.');
  return { id, version: row.version, doc: parse(row.document) };
}

/** Versions of a preparation, the newest first, each with its document and those classes that were issued it and are open to whoever asks. */
export async function listVersions(
  { id: user, role }: Identity,
  id: string,
  most = 30,
): Promise<readonly VersionRow[]> {
  const found = await rows<{ version: number; document: string; author: string; reason: string; at: Date }>(
    `SELECT version, document, author_name AS author, reason, created_at AS at FROM preparation_versions
     WHERE preparation_id = :id ORDER BY version DESC LIMIT :most`,
    { id, most },
  );
  if (found.length === 0) throw new AppError('notFound', 'There is no such preparation.');
  const classes = await rows<{ id: string; name: string; version: number }>(
    `SELECT c.id, c.name, c.preparation_version AS version FROM classes c WHERE c.preparation_id = :id AND ${isOpenClass} ORDER BY c.id`,
    { id, role, user },
  );
  return found.map(({ version, document, author, reason, at }) => ({
    version,
    author,
    reason,
    at: new Date(at).toISOString(),
    doc: parse(document),
    classes: classes.filter((one) => one.version === version).map(({ id: key, name }) => ({ id: key, name })),
  }));
}

/** A stored version with who, when and why. */
export interface VersionRow {
  readonly version: number;
  readonly author: string;
  readonly reason: string;
  /** ISO 8601. */
  readonly at: string;
  readonly doc: Preparation;
  readonly classes: readonly { readonly id: string; readonly name: string }[];
}

/** The newest version, and the one from which somebody's changes began. */
export async function newerVersion(identity: Identity, id: string, base: number): Promise<NewerVersion> {
  const [newest] = await listVersions(identity, id, 1);
  if (!newest) throw new AppError('notFound', 'There is no such preparation.');
  const { version: head, author, at, doc: theirs } = newest;
  return { head, author, at, theirs, base: (await findPreparation(id, base)).doc };
}

/** Stores a new preparation from the text of a file. */
export async function createPreparation(text: string, author: string): Promise<StoredPreparation> {
  const { doc, columns } = await judgeDocument(text, author);
  const id = ulid();
  await inTransaction(async (transaction) => {
    await insert('preparations', { id, ...columns, head_version: 1, updated_at: new Date() }, transaction);
    await insertVersion({ id, version: 1, doc, author, reason: '' }, transaction);
  });
  return { id, version: 1, doc };
}

/**
 * Stores the next version. Refused when somebody else stored one since `base`: their work is never overwritten.
 *
 * @param base version from which the text was edited
 * @param reason why, in the author's words
 */
export async function saveVersion(
  id: string,
  base: number,
  text: string,
  author: string,
  reason = '',
): Promise<StoredPreparation> {
  const { doc, columns } = await judgeDocument(text, author);
  const version = base + 1;
  await inTransaction(async (transaction) => {
    const [head] = await rows<{ head_version: number }>(
      'SELECT head_version FROM preparations WHERE id = :id FOR UPDATE',
      { id },
      transaction,
    );
    if (!head) throw new AppError('notFound', 'There is no such preparation.');
    if (head.head_version !== base) {
      throw new AppError(
        'stale',
        `Version ${head.head_version} was stored meanwhile; yours started from ${base}. Keep yours as a copy, or reload.`,
      );
    }
    await run(
      `UPDATE preparations SET title = :title, summary = :summary, card = :card, words = :words, minutes = :minutes,
         head_version = :version, updated_at = UTC_TIMESTAMP(3) WHERE id = :id`,
      { ...columns, version, id },
      transaction,
    );
    await insertVersion({ id, version, doc, author, reason }, transaction);
  });
  return { id, version, doc };
}

/** Stores a copy of a preparation's newest version under a title of its own. */
export async function copyPreparation(id: string, author: string): Promise<StoredPreparation> {
  const { doc } = await findPreparation(id);
  const title = `${doc.title.slice(0, 110)}, copy`;
  return createPreparation(writePreparation({ ...doc, title }), author);
}

type Transaction = Parameters<typeof insert>[2];

interface NewVersion extends StoredPreparation {
  readonly author: string;
  readonly reason: string;
}

async function insertVersion(
  { id, version, doc, author, reason }: NewVersion,
  transaction: Transaction,
): Promise<void> {
  const document = writePreparation(doc);
  await insert(
    'preparation_versions',
    {
      id: ulid(),
      preparation_id: id,
      version,
      document,
      content: sha256(document),
      author_name: author,
      reason,
      created_at: new Date(),
    },
    transaction,
  );
}

/** The document of a text, judged by its reader off the server's thread, with its columns. Refused with the reader's faults. */
export async function judgeDocument(
  text: string,
  who: string,
): Promise<{ readonly doc: Preparation; readonly columns: CardColumns }> {
  if (text.length > largestFile) throw new AppError('tooLarge', `The file is larger than ${largestFile / 1e6} MB.`);
  const read = await offThread('preparation', [text], { who, deadlineMs });
  if (!read.ok) throw new AppError('refused', 'The file was refused. Nothing was stored.', read.faults);
  return read;
}

/** Stored text went through {@link judgeDocument}; it is parsed, not judged again, so that an old version always opens. */
function parse(document: string): Preparation {
  return openStored(document);
}
