import 'server-only';
import { AppError } from './appError';
import { findPreparation } from './preparations';
import { rows } from './tables';
import type { StoredPreparation } from '@/core/preparation/stored';

/** What somebody with a join code may see before signing in. */
export interface ClassDoor {
  readonly name: string;
  readonly benches: readonly string[];
}

/** The class behind a join code. */
export async function findClassDoor(code: string): Promise<ClassDoor> {
  const found = await rows<{ name: string; bench: string }>(
    'SELECT c.name, b.name AS bench FROM classes c JOIN benches b ON b.class_id = c.id WHERE c.join_code = :code ORDER BY b.position',
    { code: code.trim().toUpperCase().slice(0, 6) },
  );
  const [first] = found;
  if (!first)
    throw new AppError('notFound', 'No class has this join code. It stands on the board or on the bench card.');
  return { name: first.name, benches: found.map(({ bench }) => bench) };
}

/** A class with the version of the preparation that it uses. */
export async function findClassPlan(
  classId: string,
): Promise<{ readonly name: string; readonly preparation: StoredPreparation }> {
  const [row] = await rows<{ name: string; preparation_id: string; preparation_version: number }>(
    'SELECT * FROM classes WHERE id = :id',
    { id: classId },
  );
  if (!row) throw new AppError('notFound', 'There is no such class.');
  return { name: row.name, preparation: await findPreparation(row.preparation_id, row.preparation_version) };
}
