import 'server-only';
import { classNumbers } from './classNumbers';
import { findClass, findClassLog } from '@/server/classes';
import { newsOf } from '@/server/entries';
import { rows } from '@/server/tables';
import { shortOfSpace } from '@/server/space';
import { verifyLog } from '@/server/record';
import { beginning } from '@/core/record/mark';
import type { BenchBoard, ClassBoard } from '@/core/people/class';
import type { Mark } from '@/core/record/mark';

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
