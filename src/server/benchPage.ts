import 'server-only';
import { findBenchLog, findClass, readSettings } from './classes';
import { readEntries } from './record';
import type { Identity } from '@/core/people/identity';

/** What a group's pages start from: its class, the issued preparation, its record and the class's settings. */
export async function openBench(identity: Identity) {
  const { id, name, doc } = await findClass(identity.classId ?? '');
  const log = await findBenchLog(identity.id);
  const [entries, settings] = [await readEntries(identity, log, 0), await readSettings(id)];
  return { identity, className: name, doc, log, entries, settings };
}
