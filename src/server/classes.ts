import 'server-only';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { isOpenClass } from './access';
import { countedDoor, readCode } from './identify';
import { courseOfPreparation } from './courses';
import { inTransaction } from './inTransaction';
import { findPreparation } from './preparations';
import { entriesOf, newsOf } from './entries';
import { log } from './log';
import { verifyLog } from './record';
import { draw, drawPin, insertLog } from './newBench';
import { addMembers } from './roster';
import { addStaff } from './classStaff';
import { shortOfSpace } from './space';
import { insert, rows, run } from './tables';
import { sealClass } from './seals';
import { beginning } from '@/core/record/mark';
import { classState } from '@/core/record/classState';
import { openStored } from '@/core/formats/upgradePreparation';
import { baselineText, classNumbers } from './classNumbers';
import { missingParts } from '@/core/process/proof/missingParts';
import { renderFinding } from '@/core/finding/renderFinding';
import { coreVersion } from '@/core/results/projection';
import { progressOf, projectionsOf } from './projections';
import { asIssued, scaledPlan } from '@/core/process/planOf';
import { withCourse } from '@/core/conventions/course';
import { writePreparation } from '@/core/formats/writePreparation';
import type { BenchBoard, ClassBoard, ClassDoor, ClassSummary, IssuedClass } from '@/core/people/class';
import type { ClassState } from '@/core/record/classState';
import type { Identity } from '@/core/people/identity';
import type { Mark } from '@/core/record/mark';
import type { Origin } from './identify';
import type { Preparation } from '@/core/document/document';

// Without letters and digits that are mistaken for each other on a board.
const letters = 'ABCDEFGHJKMNPQRTUVWXY346789';

/** What an issue needs. Codes and PINs are drawn at random unless given (the demo's are). */
export interface IssueOptions {
  readonly name: string;
  readonly preparationId: string;
  readonly section?: string;
  readonly benches: readonly { readonly name: string; readonly pin?: string; readonly members?: readonly string[] }[];
  /** Demonstrators who belong to the class, by id. */
  readonly staff?: readonly string[];
  readonly joinCode?: string;
  readonly by: string;
  /** When it is issued; the demo's was the day before. */
  readonly at?: Date;
}

/** Issues a preparation to a class: a frozen copy, the benches with their PINs, an empty record for each. */
export async function issueClass(options: IssueOptions): Promise<IssuedClass> {
  const { id: preparation_id, version, doc: stored } = await findPreparation(options.preparationId);
  const course = await courseOfPreparation(preparation_id);
  const lacking = missingParts(stored).filter(({ severity }) => severity === 'stop');
  if (lacking.length > 0)
    throw new AppError(
      'refused',
      `It is not written to its end, and no class was made. ${lacking.map((one) => renderFinding(one).says).join(' ')}`,
    );
  const doc = asIssued(scaledPlan(withCourse(stored, course?.settings)));
  const id = ulid();
  const joinCode = options.joinCode ?? draw(letters, 6);
  const benches = await Promise.all(
    options.benches.map(async ({ name, members = [], pin = drawPin() }) => ({
      id: ulid(),
      name,
      members,
      pin,
      pin_hash: await hash(pin),
    })),
  );
  await inTransaction(async (transaction) => {
    await insert(
      'classes',
      {
        id,
        name: options.name,
        join_code: joinCode,
        preparation_id,
        preparation_version: version,
        course_id: course?.id ?? null,
        section: options.section ?? '',
      },
      transaction,
    );
    await run(
      'UPDATE preparations SET used_at = :at WHERE id = :id',
      { at: options.at ?? new Date(), id: preparation_id },
      transaction,
    );
    await insert(
      'issued',
      {
        class_id: id,
        document: writePreparation(doc),
        title: doc.title,
        core_version: coreVersion,
        baseline: baselineText(doc),
        issued_by: options.by,
        issued_at: options.at ?? new Date(),
      },
      transaction,
    );
    for (const [position, bench] of benches.entries()) {
      await insert(
        'benches',
        { id: bench.id, class_id: id, name: bench.name, position, pin_hash: bench.pin_hash },
        transaction,
      );
      await insertLog(id, bench.id, transaction);
      await addMembers(bench.id, bench.members, transaction);
    }
    await insertLog(id, null, transaction);
    await addStaff(id, options.staff ?? [], transaction);
    await sealClass(id, transaction);
  });
  return {
    id,
    name: options.name,
    title: doc.title,
    joinCode,
    benches: benches.map(({ name, pin }) => ({ name, pin })),
  };
}

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
  const sql = 'SELECT id FROM logs WHERE class_id = :classId AND bench_id IS NULL';
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

/**
 * A class with its own log and every bench's, in walking order.
 *
 * @param after where the asker stands in each log, the class's own first: only later entries are sent, and only the chains of
 *   logs with later entries are verified again
 */
export async function readBoard(classId: string, after: readonly Mark[] = []): Promise<ClassBoard> {
  const { name, joinCode, issuedAt: since, doc } = await findClass(classId);
  const benches = await rows<{ id: string; bench: string; log: string; seq: number; chain: string }>(
    `SELECT b.id, b.name AS bench, l.id AS log, l.head_seq AS seq, l.head_chain AS chain FROM benches b JOIN logs l ON l.bench_id = b.id
     WHERE b.class_id = :classId ORDER BY b.position`,
    { classId },
  );
  const own = await readLane({ id: classId, bench: '', log: await findClassLog(classId) }, after[0]);
  const lanes: BenchBoard[] = [];
  for (const [i, { id, bench, log, seq, chain }] of benches.entries()) {
    const known = after[i + 1];
    const hasAll = known?.seq === seq && chain.startsWith(known.chain);
    lanes.push(hasAll ? { id, bench, log, entries: [] } : await readLane({ id, bench, log }, known));
  }
  const space = shortOfSpace();
  const now = new Date().toISOString();
  const alarm = space === undefined ? {} : { spaceLeft_MB: space };
  const numbers = await classNumbers(classId);
  return { id: classId, now, name, joinCode, since, ...alarm, numbers, doc, own, lanes };
}

async function readLane(lane: Pick<BenchBoard, 'id' | 'bench' | 'log'>, after = beginning): Promise<BenchBoard> {
  const news = await newsOf(lane.log, after);
  const fault = news.entries.length > 0 || after.seq === 0 ? await verifyLog(lane.log) : undefined;
  return { ...lane, ...news, ...(fault ? { fault: fault.why } : {}) };
}
