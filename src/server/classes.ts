import 'server-only';
import { AppError } from './appError';
import { isOpenClass } from './access';
import { countedDoor, readCode } from './identify';
import { inTransaction } from './inTransaction';
import { entriesOf } from './entries';
import { insertLog } from './newBench';
import { log } from './log';
import { rows } from './tables';
import { sealClass } from './seals';
import { classState } from '@/core/record/classState';
import { openStored } from '@/core/formats/upgradePreparation';
import { progressOf, projectionsOf } from './projections';
import type { ClassDoor, ClassSummary } from '@/core/people/class';
import type { ClassState } from '@/core/record/classState';
import type { Identity } from '@/core/identity';
import type { Origin } from './identify';
import type { Preparation } from '@/core/document/document';

/** The class behind a join code. Wrong codes are counted: they are all that keeps the names of the benches. */
export async function findClassDoor(text: string, from: Origin): Promise<ClassDoor> {
  const door = await countedDoor(from, () => doorOf(readCode(text)));
  if (!door)
    throw new AppError('notFound', 'No class has this join code. It stands on the board or on the bench card.');
  return door;
}

async function doorOf(code: string | undefined): Promise<ClassDoor | undefined> {
  if (code === undefined) return undefined;
  const found = await rows<{ name: string; bench: string }>(
    'SELECT c.name, b.name AS bench FROM classes c JOIN benches b ON b.class_id = c.id WHERE c.join_code = :code ORDER BY b.position',
    { code },
  );
  return found[0] && { name: found[0].name, benches: found.map(({ bench }) => bench) };
}

/** Classes that are open to somebody of the staff, the newest first. */
export async function listClasses({ id: user, role }: Identity): Promise<readonly ClassSummary[]> {
  const found = await rows<{
    id: string;
    name: string;
    joinCode: string;
    title: string;
    section: string;
    benches: number;
    issuedAt: Date;
  }>(
    `SELECT c.id, c.name, c.join_code AS joinCode, c.section, i.title, i.issued_at AS issuedAt,
       (SELECT COUNT(*) FROM benches b WHERE b.class_id = c.id) AS benches
     FROM classes c JOIN issued i ON i.class_id = c.id
     WHERE ${isOpenClass}
     ORDER BY i.issued_at DESC, c.id DESC`,
    { role, user },
  );
  const progress = await progressOf(found.map(({ id }) => id));
  void catchUp([...progress.values()].filter(({ stale }) => stale).map(({ classId }) => classId));
  return found.map(({ id, name, joinCode, section, title, benches, issuedAt }) => {
    const { finished = 0, median } = progress.get(id) ?? {};
    return {
      id,
      name,
      section,
      joinCode,
      title,
      benches: Number(benches),
      issuedAt: new Date(issuedAt).toISOString(),
      finished,
      ...(median === undefined ? {} : { median }),
    };
  });
}

// As many as one visit may set going; the rest is caught up with at the next.
const mostAtOnce = 12;

/** Brings what is kept of some classes up to their records, behind whoever asked. */
async function catchUp(classIds: readonly string[]): Promise<void> {
  try {
    for (const id of classIds.slice(0, mostAtOnce)) await projectionsOf(id);
  } catch (error) {
    log.warn({ why: error instanceof Error ? error.message : String(error) }, 'results kept for lists');
  }
}

interface FoundClass {
  readonly id: string;
  readonly name: string;
  readonly joinCode: string;
  readonly issuedAt: string;
  readonly doc: Preparation;
}

/** A class with its issued preparation. */
export async function findClass(id: string): Promise<FoundClass> {
  const [row] = await rows<{ name: string; join_code: string; document: string; issued_at: Date }>(
    'SELECT c.name, c.join_code, i.document, i.issued_at FROM classes c JOIN issued i ON i.class_id = c.id WHERE c.id = :id',
    { id },
  );
  if (!row) throw new AppError('notFound', 'There is no such class.');
  return {
    id,
    name: row.name,
    joinCode: row.join_code,
    issuedAt: new Date(row.issued_at).toISOString(),
    doc: openStored(row.document),
  };
}

/** The record of a bench, by the bench. */
export async function findBenchLog(benchId: string): Promise<string> {
  const [row] = await rows<{ id: string }>('SELECT id FROM logs WHERE bench_id = :benchId', { benchId });
  if (!row) throw new AppError('notFound', 'This bench has no record.');
  return row.id;
}

/** The log of a class itself. A class issued before there were such logs gets one when it is first asked for. */
export async function findClassLog(classId: string): Promise<string> {
  const sql = "SELECT id FROM logs WHERE class_id = :classId AND kind = 'class'";
  const [row] = await rows<{ id: string }>(sql, { classId });
  if (row) return row.id;
  return inTransaction(async (transaction) => {
    await rows('SELECT id FROM classes WHERE id = :classId FOR UPDATE', { classId }, transaction);
    const [made] = await rows<{ id: string }>(sql, { classId }, transaction);
    if (!made) {
      await insertLog(classId, null, transaction);
      await sealClass(classId, transaction);
    }
    return made?.id ?? (await rows<{ id: string }>(sql, { classId }, transaction))[0]?.id ?? '';
  });
}

/** What holds for a whole class: its settings, and whether its record is open. */
export async function readClassState(classId: string): Promise<ClassState> {
  return classState(await entriesOf(await findClassLog(classId)));
}
