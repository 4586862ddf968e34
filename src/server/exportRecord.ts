import 'server-only';
import { readBoard } from './classes';
import { rows } from './tables';
import { writePreparation } from '@/core/formats/writePreparation';
import type { SealedHead } from './seals';
import type { RecordFile } from '@/core/formats/recordFile';

/** The whole record of a class as a file that can be verified on its own: the issued preparation and every entry as stored. */
export async function exportRecord(classId: string): Promise<{ readonly name: string; readonly text: string }> {
  // Heads first: what is stored while the entries are read lies beyond them and is left out.
  const found = await rows<SealedHead>(
    'SELECT id, head_seq, head_chain, head_key, head_seal FROM logs WHERE class_id = :classId',
    { classId },
  );
  const heads = new Map(
    found.map(({ id, head_seq: seq, head_chain: chain, head_key: key, head_seal: seal }) => [
      id,
      { seq, chain, ...(key !== null && seal !== null ? { key, seal } : {}) },
    ]),
  );
  const { name, doc, own, lanes } = await readBoard(classId);
  const logs = [own, ...lanes].flatMap(({ bench, log, entries }) => {
    const head = heads.get(log);
    const upTo = entries.filter(({ seq }) => seq <= (head?.seq ?? 0));
    return head ? [{ log, ...(bench === '' ? {} : { bench }), head, entries: upTo }] : [];
  });
  const file: RecordFile = {
    format: 'mozle-record',
    formatVersion: 1,
    class: { id: classId, name },
    preparation: JSON.parse(writePreparation(doc)) as unknown,
    logs,
  };
  return { name, text: `${JSON.stringify(file, undefined, 1)}\n` };
}
