import 'server-only';
import { createHash } from 'node:crypto';
import { readFile } from './files';
import { rows } from './tables';
import { verifyLog } from './record';
import type { VerifiedLog } from '@/core/formats/recordFile';

/** Verifies every record of the database, and every file against its hash. */
export async function verifyAll(): Promise<readonly VerifiedLog[]> {
  const logs = await rows<{ id: string; bench: string | null; name: string; head: number }>(
    `SELECT l.id, b.name AS bench, c.name, l.head_seq AS head FROM logs l
     LEFT JOIN benches b ON b.id = l.bench_id JOIN classes c ON c.id = l.class_id ORDER BY c.id, b.position`,
  );
  const found: VerifiedLog[] = [];
  for (const { id, bench, name, head } of logs) {
    const fault = await verifyLog(id);
    found.push({
      name: `${name}, ${bench ?? 'the class itself'}`,
      entries: head,
      ...(fault ? { fault: fault.why } : {}),
    });
  }
  const files = await rows<{ id: string; sha256: string }>(
    'SELECT id, sha256 FROM files WHERE complete_at IS NOT NULL',
  );
  const wrong: string[] = [];
  for (const { id, sha256 } of files) {
    const { bytes } = await readFile(id);
    if (createHash('sha256').update(bytes).digest('hex') !== sha256) wrong.push(id);
  }
  if (files.length > 0) {
    const fault = wrong.length > 0 ? { fault: `${wrong.join(', ')} are not what was stored` } : {};
    found.push({ name: `${files.length} files`, entries: 0, ...fault });
  }
  return found;
}
