import 'server-only';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { insert, rows, run } from './tables';
import { judgeDocument } from './preparations';
import { openStored } from '@/core/formats/upgradePreparation';
import { writePreparation } from '@/core/formats/writePreparation';
import type { StoredBlock } from '@/core/library/stored';

// As many as one still finds one's way in.
const mostBlocks = 60;

/** Blocks of steps that coordinators keep, by title. */
export async function listBlocks(): Promise<readonly StoredBlock[]> {
  const found = await rows<{ id: string; document: string; author: string }>(
    'SELECT id, document, author_name AS author FROM step_blocks ORDER BY title, id',
  );
  return found.map(({ id, document, author }) => ({ id, author, doc: openStored(document) }));
}

/** Keeps a block of steps, from the text of its document. */
export async function keepBlock(text: string, author: string): Promise<StoredBlock> {
  const { doc } = await judgeDocument(text, author);
  if (doc.steps.length === 0) throw new AppError('badRequest', 'A block holds one step at least.');
  const [{ kept } = { kept: 0 }] = await rows<{ kept: number }>('SELECT COUNT(*) AS kept FROM step_blocks');
  if (Number(kept) >= mostBlocks)
    throw new AppError('conflict', `There are ${String(mostBlocks)} blocks already: take one away first.`);
  const id = ulid();
  const document = writePreparation(doc);
  await insert('step_blocks', { id, title: doc.title, document, author_name: author, created_at: new Date() });
  return { id, author, doc };
}

/** Takes a block away. Procedures that took it keep their steps. */
export async function removeBlock(id: string): Promise<void> {
  const [found] = await rows('SELECT id FROM step_blocks WHERE id = :id', { id });
  if (!found) throw new AppError('notFound', 'There is no such block.');
  await run('DELETE FROM step_blocks WHERE id = :id', { id });
}
