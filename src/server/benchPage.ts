import 'server-only';
import { AppError } from './appError';
import { findClass, readClassState } from './classes';
import { entriesOf } from './entries';
import { rows } from './tables';
import type { Identity } from '@/core/identity';

/** What a bench's pages start from: its class, the issued preparation, its record and what holds for the class. */
export async function openBench(identity: Identity, classId = identity.classId ?? '', benchId = identity.id) {
  const { id, name, joinCode, issuedAt: since, doc } = await findClass(classId);
  const [bench] = await rows<{ name: string; log: string }>(
    'SELECT b.name, l.id AS log FROM benches b JOIN logs l ON l.bench_id = b.id WHERE b.id = :benchId AND b.class_id = :id',
    { benchId, id },
  );
  if (!bench) throw new AppError('notFound', 'The class has no such bench.');
  const members = await rows<{ name: string }>('SELECT name FROM members WHERE bench_id = :benchId ORDER BY position', {
    benchId,
  });
  const [entries, state] = [await entriesOf(bench.log), await readClassState(id)];
  return {
    identity,
    classId: id,
    className: name,
    joinCode,
    since,
    bench: bench.name,
    members: members.map((one) => one.name),
    doc,
    log: bench.log,
    entries,
    ...state,
  };
}
