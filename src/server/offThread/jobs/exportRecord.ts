import 'server-only';
import { readBoard } from './board';
import { rows } from '@/server/tables';
import { writePreparation } from '@/core/formats/writePreparation';
import { sealedContent } from '@/core/record/chain';
import { keptNames } from '@/server/authorNames';
import type { Entry } from '@/core/record/entry';
import type { SealedHead } from '@/server/seals';
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
    return head ? [{ log, ...(bench === '' ? {} : { bench }), head, entries: upTo.map(asStored) }] : [];
  });
  const file: RecordFile = {
    format: 'mozle-record',
    formatVersion: 2,
    class: { id: classId, name },
    names: await namesIn([own, ...lanes].flatMap(({ entries }) => entries)),
    preparation: JSON.parse(writePreparation(doc)) as unknown,
    logs,
  };
  return { name, text: `${JSON.stringify(file, undefined, 1)}\n` };
}

/** An entry as it is stored: what stands for a name, not the name. */
function asStored(entry: Entry): Entry {
  const { seq, received, content, chain } = entry;
  return { ...(sealedContent(entry) as Entry), seq, received, content, chain };
}

/** The names of the authors, with what shows that they are theirs. */
async function namesIn(entries: readonly Entry[]): Promise<NonNullable<RecordFile['names']>> {
  const kept = await keptNames(entries.flatMap(({ author: { sealed = [] } }) => sealed));
  return Object.fromEntries([...kept.values()].map(({ sealed, salt, name }) => [sealed, { salt, name }]));
}
