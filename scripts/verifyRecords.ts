import { readFileSync } from 'node:fs';
import { database } from '@/server/database';
import { sha256 } from '@/server/hash';
import { recordSealFault } from '@/server/seals';
import { verifyAll } from '@/server/verifyAll';
import { verifyRecordFile } from '@/core/formats/recordFile';

// Verifies every record of the database, or of a record file: numbers without gaps, contents and chain as they were stored.
const [file] = process.argv.slice(2);
try {
  const found =
    file === undefined ? await verifyAll() : verifyRecordFile(readFileSync(file, 'utf8'), sha256, recordSealFault);
  for (const { name, entries, note, fault } of found)
    console.log(
      `${fault ? 'BROKEN  ' : 'verified'} ${name}${entries > 0 ? `: ${entries} entries` : ''}${note ? ` (${note})` : ''}${fault ? `, ${fault}` : ''}`,
    );
  const broken = found.filter(({ fault }) => fault !== undefined).length;
  console.log(`${found.length - broken} verified, ${broken} broken`);
  process.exitCode = broken === 0 ? 0 : 1;
} catch (error) {
  console.error((error as Error).message);
  process.exitCode = 1;
}
if (file === undefined) await database().close();
