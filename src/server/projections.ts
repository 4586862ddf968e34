import 'server-only';
import { coreVersion } from '@/core/results/coreVersion';
import { entriesOf } from './entries';
import { offThread } from './offThread/offThread';
import { rows, run } from './tables';
import type { Projection } from '@/core/results/projection';

const deadlineMs = 60_000;

/** A bench's numbers as they are kept. */
export interface Kept {
  readonly bench: string;
  readonly projection: Projection;
}

interface Lane {
  readonly id: string;
  readonly bench: string;
  readonly log: string;
  readonly head: number;
  readonly kept: number | null;
  readonly keptClass: number | null;
  readonly keptCore: string | null;
  readonly projection: string | null;
}

/**
 * The numbers of all benches of a class. What is kept is used where nothing was recorded since and the core is the same; the rest is
 * folded anew, on another thread, and kept. This is the only writer.
 *
 * @param anew whether to fold everything, whatever is kept
 */
export async function projectionsOf(classId: string, anew = false): Promise<readonly Kept[]> {
  const [own] = await rows<{ log: string; head: number; document: string }>(
    `SELECT l.id AS log, l.head_seq AS head, i.document FROM logs l JOIN issued i ON i.class_id = l.class_id
     WHERE l.class_id = :classId AND l.kind = 'class'`,
    { classId },
  );
  if (!own) return [];
  const lanes = await rows<Lane>(
    `SELECT b.id, b.name AS bench, l.id AS log, l.head_seq AS head, r.head_seq AS kept, r.class_seq AS keptClass,
       r.core_version AS keptCore, r.numbers AS projection
     FROM benches b JOIN logs l ON l.bench_id = b.id LEFT JOIN bench_results r ON r.bench_id = b.id
     WHERE b.class_id = :classId ORDER BY b.position`,
    { classId },
  );
  const fresh = (one: Lane) =>
    !anew && one.kept === one.head && one.keptClass === own.head && one.keptCore === coreVersion;
  const stale = lanes.filter((one) => !fresh(one));
  const folded = new Map<string, Projection>();
  if (stale.length > 0) {
    const read = [];
    for (const { log } of stale) read.push(await entriesOf(log));
    const classEntries = await entriesOf(own.log);
    const found = await offThread('project', [own.document, classEntries, read], { who: classId, deadlineMs });
    for (const [i, lane] of stale.entries()) {
      const projection = found[i];
      if (!projection) continue;
      folded.set(lane.id, projection);
      await keep(lane.id, { head: read[i]?.at(-1)?.seq ?? 0, classHead: classEntries.at(-1)?.seq ?? 0, projection });
    }
  }
  return lanes.flatMap((lane): readonly Kept[] => {
    const projection =
      folded.get(lane.id) ?? (lane.projection === null ? undefined : (JSON.parse(lane.projection) as Projection));
    return projection ? [{ bench: lane.bench, projection }] : [];
  });
}

/** Of two that fold at once, what saw more stays. */
async function keep(
  bench: string,
  {
    head,
    classHead,
    projection,
  }: { readonly head: number; readonly classHead: number; readonly projection: Projection },
): Promise<void> {
  await run(
    `INSERT INTO bench_results (bench_id, head_seq, class_seq, core_version, done, to_do, share, numbers)
     VALUES (:bench, :head, :classHead, :coreVersion, :done, :toDo, :share, :numbers)
     ON DUPLICATE KEY UPDATE
       numbers = IF(VALUES(head_seq) >= head_seq, VALUES(numbers), numbers), share = IF(VALUES(head_seq) >= head_seq, VALUES(share), share),
       done = IF(VALUES(head_seq) >= head_seq, VALUES(done), done), to_do = IF(VALUES(head_seq) >= head_seq, VALUES(to_do), to_do),
       class_seq = IF(VALUES(head_seq) >= head_seq, VALUES(class_seq), class_seq),
       core_version = IF(VALUES(head_seq) >= head_seq, VALUES(core_version), core_version), head_seq = GREATEST(VALUES(head_seq), head_seq)`,
    {
      bench,
      head,
      classHead,
      coreVersion,
      done: projection.done,
      toDo: projection.toDo,
      share: projection.share ?? null,
      numbers: JSON.stringify(projection),
    },
  );
}

/** How far a class is, from what is kept. */
export interface ClassProgress {
  readonly classId: string;
  /** Benches whose steps are all done. */
  readonly finished: number;
  /** Median of the shares that are known: a yield, or a recovery. */
  readonly median?: number;
  /** Something was recorded since. */
  readonly stale: boolean;
}

/** How far some classes are, without folding a record. */
export async function progressOf(classIds: readonly string[]): Promise<ReadonlyMap<string, ClassProgress>> {
  if (classIds.length === 0) return new Map();
  const found = await rows<{
    classId: string;
    head: number;
    ownHead: number;
    kept: number | null;
    keptClass: number | null;
    core: string | null;
    done: number | null;
    toDo: number | null;
    share: number | null;
  }>(
    `SELECT b.class_id AS classId, l.head_seq AS head, o.head_seq AS ownHead, r.head_seq AS kept, r.class_seq AS keptClass,
       r.core_version AS core, r.done, r.to_do AS toDo, r.share
     FROM benches b JOIN logs l ON l.bench_id = b.id JOIN logs o ON o.class_id = b.class_id AND o.kind = 'class'
     LEFT JOIN bench_results r ON r.bench_id = b.id WHERE b.class_id IN (:classIds)`,
    { classIds },
  );
  return new Map(
    classIds.map((classId) => {
      const own = found.filter((one) => one.classId === classId);
      const shares = own.flatMap(({ share }) => share ?? []).sort((a, b) => a - b);
      const middle = shares.length / 2;
      const median =
        shares.length === 0
          ? undefined
          : ((shares[Math.ceil(middle) - 1] ?? NaN) + (shares[Math.floor(middle)] ?? NaN)) / 2;
      return [
        classId,
        {
          classId,
          finished: own.filter(({ done, toDo }) => done !== null && toDo !== null && toDo > 0 && done >= toDo).length,
          ...(median === undefined ? {} : { median }),
          stale: own.some(
            ({ head, kept, ownHead, keptClass, core }) =>
              kept !== head || keptClass !== ownHead || core !== coreVersion,
          ),
        },
      ];
    }),
  );
}

/** Folds every record anew. Tells for each class how many benches came to other numbers than were kept. */
export async function rebuildProjections(): Promise<
  readonly { readonly name: string; readonly benches: number; readonly changed: number }[]
> {
  const classes = await rows<{ id: string; name: string }>('SELECT id, name FROM classes ORDER BY id');
  const told = [];
  for (const { id, name } of classes) {
    const before = new Map(
      (
        await rows<{ bench: string; numbers: string }>(
          `SELECT b.name AS bench, r.numbers FROM bench_results r JOIN benches b ON b.id = r.bench_id WHERE b.class_id = :id`,
          { id },
        )
      ).map(({ bench, numbers }) => [bench, numbers]),
    );
    const now = await projectionsOf(id, true);
    const changed = now.filter(({ bench, projection }) => {
      const was = before.get(bench);
      return was !== undefined && was !== JSON.stringify(projection);
    });
    told.push({ name, benches: now.length, changed: changed.length });
  }
  return told;
}
