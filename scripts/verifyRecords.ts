import { database } from '@/server/database';
import { verifyLog } from '@/server/record';
import { rows } from '@/server/tables';

// Verifies every record of the database: numbers without gaps, contents and chain as they were stored.
const logs = await rows<{ id: string; bench: string | null; name: string; head: number }>(
  `SELECT l.id, b.name AS bench, c.name, l.head_seq AS head FROM logs l
   LEFT JOIN benches b ON b.id = l.bench_id JOIN classes c ON c.id = l.class_id ORDER BY c.id, b.position`,
);
let broken = 0;
for (const { id, bench, name, head } of logs) {
  const fault = await verifyLog(id);
  if (fault) broken += 1;
  console.log(
    `${fault ? 'BROKEN  ' : 'verified'} ${name}, ${bench ?? 'the class itself'}: ${head} entries${fault ? `, ${fault.why}` : ''}`,
  );
}
console.log(`${logs.length - broken} records verified, ${broken} broken`);
await database().close();
process.exitCode = broken === 0 ? 0 : 1;
