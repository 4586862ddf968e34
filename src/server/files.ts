import 'server-only';
import { createHash } from 'node:crypto';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { config } from './config';
import { inTransaction } from './inTransaction';
import { insert, rows, run } from './tables';
import { isBareImage } from '@/core/record/bareImage';
import { fileTypeOf, fileTypes, mostFiles } from '@/core/record/fileKinds';
import type { Transaction } from 'sequelize';
import type { FileNote } from '@/core/record/entry';
import type { Received } from '@/core/record/fileKinds';

interface FileRow {
  readonly id: string;
  readonly log_id: string;
  readonly author_id: string;
  readonly name: string;
  readonly type: string;
  readonly bytes: number;
  readonly sha256: string;
  readonly complete_at: Date | null;
}

/** Bytes of the largest part of a file that is sent at once. */
export const largestPart = 256_000;

/** A file that a device is about to send. Its id makes beginning again harmless. */
export interface Upload {
  readonly id: string;
  readonly name: string;
  readonly bytes: number;
  readonly sha256: string;
}

/** Begins a file, or tells how far it has come in. Whoever may write on the record may finish what another began. */
export async function beginFile(log: string, author: string, upload: Upload): Promise<Received> {
  const { id, name, bytes, sha256 } = upload;
  const [known] = await rows<FileRow>('SELECT * FROM files WHERE id = :id', { id });
  if (known) {
    if (known.log_id !== log || known.sha256 !== sha256 || known.bytes !== bytes)
      throw new AppError('conflict', 'Another file already has this id.');
    await run('UPDATE files SET author_id = :author WHERE id = :id AND complete_at IS NULL', { author, id });
    return receivedOf(known);
  }
  await inTransaction(async (transaction) => {
    // One after the other in a class, so that nobody slips past a limit beside somebody else.
    const [owner] = await rows<{ class_id: string }>(
      'SELECT class_id FROM classes c JOIN logs l ON l.class_id = c.id WHERE l.id = :log FOR UPDATE',
      { log },
      transaction,
    );
    const [there] = await rows<{ own: number; ownBytes: number | null; bytes: number | null }>(
      `SELECT SUM(f.log_id = :log) AS own, SUM(IF(f.log_id = :log, f.bytes, 0)) AS ownBytes, SUM(f.bytes) AS bytes FROM files f JOIN logs l ON l.id = f.log_id
       WHERE l.class_id = :classId`,
      { log, classId: owner?.class_id ?? '' },
      transaction,
    );
    if (Number(there?.own ?? 0) >= mostFiles)
      throw new AppError('refused', `A record takes at most ${mostFiles} files.`);
    if (Number(there?.ownBytes ?? 0) + bytes > config.classFilesBytes / 2)
      throw new AppError('refused', `The files of this record would take more than half of what its class may hold.`);
    if (Number(there?.bytes ?? 0) + bytes > config.classFilesBytes)
      throw new AppError('refused', `The files of this class would take more than ${config.classFilesBytes / 1e6} MB.`);
    const made = { id, log_id: log, author_id: author, name, type: '', bytes, sha256 };
    await insert('files', { ...made, begun_at: new Date(), complete_at: null }, transaction);
  });
  return { received: 0, complete: false };
}

/**
 * Takes the next part of a file. A part that is there already is ignored; one that leaves a gap is answered with where to go
 * on. The last part has the whole checked: length, hash, and by its content the type.
 */
export async function takePart(id: string, author: string, first: number, part: Uint8Array): Promise<Received> {
  return inTransaction(async (transaction) => {
    const [file] = await rows<FileRow>('SELECT * FROM files WHERE id = :id FOR UPDATE', { id }, transaction);
    if (!file || file.author_id !== author) throw new AppError('notFound', 'There is no such file.');
    const { received, complete } = await receivedOf(file, transaction);
    if (complete || first !== received) return { received, complete };
    if (received + part.byteLength > file.bytes)
      throw new AppError('badRequest', 'More was sent than the file was said to hold.');
    await run(
      'INSERT INTO file_parts (id, file_id, first_byte, part) VALUES (?, ?, ?, ?)',
      [ulid(), id, first, Buffer.from(part)],
      transaction,
    );
    if (received + part.byteLength < file.bytes) return { received: received + part.byteLength, complete: false };
    return finish(file, transaction);
  });
}

async function finish(file: FileRow, transaction: Transaction): Promise<Received> {
  const whole = await bytesOf(file.id, transaction);
  const fault = faultOf(file, whole);
  if (fault) throw new AppError('refused', fault);
  await run(
    'UPDATE files SET type = :type, complete_at = UTC_TIMESTAMP(3) WHERE id = :id',
    { id: file.id, type: fileTypeOf(whole) ?? '' },
    transaction,
  );
  return { received: file.bytes, complete: true };
}

function faultOf({ name, sha256 }: FileRow, whole: Uint8Array): string | undefined {
  if (createHash('sha256').update(whole).digest('hex') !== sha256)
    return `“${name}” did not arrive as it was sent. Choose it again.`;
  const type = fileTypeOf(whole);
  if (!type) return `“${name}” is none of the kinds that a record takes: ${Object.values(fileTypes).join(', ')}.`;
  if (type.startsWith('image/') && !isBareImage(whole))
    return `“${name}” holds more than the picture, which may tell where and with what it was taken. Add it on the bench page, which takes that out.`;
  return undefined;
}

async function receivedOf({ id, complete_at }: FileRow, transaction?: Transaction): Promise<Received> {
  const [sum] = await rows<{ received: number | null }>(
    'SELECT SUM(LENGTH(part)) AS received FROM file_parts WHERE file_id = :id',
    { id },
    transaction,
  );
  return { received: Number(sum?.received ?? 0), complete: complete_at !== null };
}

async function bytesOf(id: string, transaction?: Transaction): Promise<Buffer> {
  const parts = await rows<{ part: Buffer }>(
    'SELECT part FROM file_parts WHERE file_id = :id ORDER BY first_byte',
    { id },
    transaction,
  );
  return Buffer.concat(parts.map(({ part }) => part));
}

/** A whole file with its type. */
export async function readFile(
  id: string,
): Promise<{ readonly log: string; readonly name: string; readonly type: string; readonly bytes: Buffer }> {
  const [file] = await rows<FileRow>('SELECT * FROM files WHERE id = :id AND complete_at IS NOT NULL', { id });
  if (!file) throw new AppError('notFound', 'There is no such file.');
  return { log: file.log_id, name: file.name, type: file.type, bytes: await bytesOf(id) };
}

/** Whether the file that an entry speaks of is here, whole, in the same record and with the same content. */
export async function hasFile(
  log: string,
  { file, sha256, bytes }: FileNote,
  transaction: Transaction,
): Promise<boolean> {
  const [found] = await rows(
    'SELECT id FROM files WHERE id = :file AND log_id = :log AND sha256 = :sha256 AND bytes = :bytes AND complete_at IS NOT NULL',
    { file, log, sha256, bytes },
    transaction,
  );
  return found !== undefined;
}
