import { BenchScreen } from '@/features/bench/BenchScreen';
import { findBenchLog, findClass } from '@/server/classes';
import { enterPage } from '@/server/page';
import { readEntries } from '@/server/record';

export const metadata = { title: 'Bench' };

export default async function BenchPage() {
  const identity = await enterPage('PAGE /bench');
  const { name, doc } = await findClass(identity.classId ?? '');
  const log = await findBenchLog(identity.id);
  return (
    <BenchScreen
      identity={identity}
      className={name}
      doc={doc}
      log={log}
      entries={await readEntries(identity, log, 0)}
    />
  );
}
