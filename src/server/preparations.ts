import 'server-only';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { offThread } from './offThread/offThread';
import { inTransaction } from './inTransaction';
import { cardColumns } from './shelf';
import { sha256 } from './hash';
import { insert, rows, run } from './tables';
import { largestFile } from '@/core/formats/limits';
import { openStored } from '@/core/formats/upgradePreparation';
import { writePreparation } from '@/core/formats/writePreparation';
import type { Preparation } from '@/core/document/document';
import type { StoredPreparation } from '@/core/document/stored';

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

/** Stores a new preparation from the text of a file. */
export async function createPreparation(text: string, author: string): Promise<StoredPreparation> {
  const doc = await accept(text, author);
  const id = ulid();
  await inTransaction(async (transaction) => {
    await insert('preparations', { id, ...cardColumns(doc), head_version: 1, updated_at: new Date() }, transaction);
    await insertVersion(id, 1, doc, author, transaction);
  });
  return { id, version: 1, doc };
}

/**
 * Stores the next version. Refused when somebody else stored one since `base`: their work is never overwritten.
 *
 * @param base version from which the text was edited
 */
export async function saveVersion(id: string, base: number, text: string, author: string): Promise<StoredPreparation> {
  const doc = await accept(text, author);
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
      { ...cardColumns(doc), version, id },
      transaction,
    );
    await insertVersion(id, version, doc, author, transaction);
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

async function insertVersion(
  id: string,
  version: number,
  doc: Preparation,
  author: string,
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
      created_at: new Date(),
    },
    transaction,
  );
}

async function accept(text: string, who: string): Promise<Preparation> {
  if (text.length > largestFile) throw new AppError('tooLarge', `The file is larger than ${largestFile / 1e6} MB.`);
  const read = await offThread('preparation', [text], { who, deadlineMs });
  if (!read.ok) throw new AppError('refused', 'The file was refused. Nothing was stored.', read.faults);
  return read.doc;
}

/** Stored text went through {@link accept}; it is parsed, not judged again, so that an old version always opens. */
function parse(document: string): Preparation {
  return openStored(document);
}
