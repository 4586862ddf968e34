import 'server-only';
import { randomInt } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { database } from './database';
import { findPreparation } from './preparations';
import { verifyLog, readEntries } from './record';
import { insert, rows } from './tables';
import { chainStart } from '@/core/record/chain';
import { writePreparation } from '@/core/formats/writePreparation';
import type { Identity } from '@/core/people/identity';
import type { BenchBoard, ClassBoard, ClassDoor, ClassSummary, Invitation, IssuedClass } from '@/core/people/class';
import type { Preparation } from '@/core/preparation/document';

/** Version of the computations that a class is issued with. */
const coreVersion = '1';
// Without letters and digits that are mistaken for each other on a board.
const letters = 'ABCDEFGHJKMNPQRTUVWXY346789';

/** What an issue needs. Codes and PINs are drawn at random unless given (the demo's are). */
export interface IssueOptions {
  readonly name: string;
  readonly preparationId: string;
  readonly benches: readonly { readonly name: string; readonly pin?: string }[];
  readonly joinCode?: string;
  readonly by: string;
}

/** Issues a preparation to a class: a frozen copy, the benches with their PINs, an empty record for each. */
export async function issueClass(options: IssueOptions): Promise<IssuedClass> {
  const { id: preparation_id, version, doc } = await findPreparation(options.preparationId);
  const id = ulid();
  const joinCode = options.joinCode ?? draw(letters, 6);
  const benches = await Promise.all(
    options.benches.map(async ({ name, pin = draw('0123456789', 4) }) => ({
      id: ulid(),
      name,
      pin,
      pin_hash: await hash(pin),
    })),
  );
  await database().transaction(async (transaction) => {
    await insert(
      'classes',
      { id, name: options.name, join_code: joinCode, preparation_id, preparation_version: version },
      transaction,
    );
    await insert(
      'issued',
      {
        class_id: id,
        document: writePreparation(doc),
        core_version: coreVersion,
        issued_by: options.by,
        issued_at: new Date(),
      },
      transaction,
    );
    for (const [position, bench] of benches.entries()) {
      await insert(
        'benches',
        { id: bench.id, class_id: id, name: bench.name, position, pin_hash: bench.pin_hash },
        transaction,
      );
      await insert(
        'logs',
        { id: ulid(), class_id: id, bench_id: bench.id, head_seq: 0, head_chain: chainStart },
        transaction,
      );
    }
  });
  return {
    id,
    name: options.name,
    title: doc.title,
    joinCode,
    benches: benches.map(({ name, pin }) => ({ name, pin })),
  };
}

function draw(from: string, length: number): string {
  return Array.from({ length }, () => from.charAt(randomInt(from.length))).join('');
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

/** What a bench card's code leads to; nothing when the class is not found. */
export async function findInvitation(joinCode: string, bench?: string): Promise<Invitation | undefined> {
  try {
    const door = await findClassDoor(joinCode);
    return { joinCode, door, ...(bench !== undefined && door.benches.includes(bench) ? { bench } : {}) };
  } catch (error) {
    if (error instanceof AppError) return undefined;
    throw error;
  }
}

/** All classes, the newest first. */
export async function listClasses(): Promise<readonly ClassSummary[]> {
  const found = await rows<{
    id: string;
    name: string;
    joinCode: string;
    document: string;
    benches: number;
    issuedAt: Date;
  }>(
    `SELECT c.id, c.name, c.join_code AS joinCode, i.document, i.issued_at AS issuedAt,
       (SELECT COUNT(*) FROM benches b WHERE b.class_id = c.id) AS benches
     FROM classes c JOIN issued i ON i.class_id = c.id ORDER BY i.issued_at DESC, c.id DESC`,
  );
  return found.map(({ id, name, joinCode, document, benches, issuedAt }) => ({
    id,
    name,
    joinCode,
    title: (JSON.parse(document) as Preparation).title,
    benches: Number(benches),
    issuedAt: new Date(issuedAt).toISOString(),
  }));
}

/** A class with its issued preparation. */
export async function findClass(
  id: string,
): Promise<{ readonly id: string; readonly name: string; readonly joinCode: string; readonly doc: Preparation }> {
  const [row] = await rows<{ name: string; join_code: string; document: string }>(
    'SELECT c.name, c.join_code, i.document FROM classes c JOIN issued i ON i.class_id = c.id WHERE c.id = :id',
    { id },
  );
  if (!row) throw new AppError('notFound', 'There is no such class.');
  return { id, name: row.name, joinCode: row.join_code, doc: JSON.parse(row.document) as Preparation };
}

/** The record of a bench, by the bench. */
export async function findBenchLog(benchId: string): Promise<string> {
  const [row] = await rows<{ id: string }>('SELECT id FROM logs WHERE bench_id = :benchId', { benchId });
  if (!row) throw new AppError('notFound', 'This bench has no record.');
  return row.id;
}

/** Every bench of a class with its entries and whether its record verifies. */
export async function readBoard(identity: Identity, classId: string): Promise<ClassBoard> {
  const { name, joinCode, doc } = await findClass(classId);
  const benches = await rows<{ bench: string; log: string }>(
    'SELECT b.name AS bench, l.id AS log FROM benches b JOIN logs l ON l.bench_id = b.id WHERE b.class_id = :classId ORDER BY b.position',
    { classId },
  );
  const lanes: BenchBoard[] = [];
  for (const { bench, log } of benches) {
    const fault = await verifyLog(log);
    lanes.push({ bench, log, entries: await readEntries(identity, log, 0), ...(fault ? { fault: fault.why } : {}) });
  }
  return { id: classId, name, joinCode, doc, lanes };
}
