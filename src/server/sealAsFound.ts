import 'server-only';
import { config } from './config';
import { noteFound, readKeys } from './keyFile';
import { sealClass, sealHead } from './seals';
import { rows, run } from './tables';

/**
 * Seals what comes from a time before there were seals, once: later a record without a seal is a fault. What is sealed as found
 * says so for good.
 *
 * @param again also after the first time: for a backup from before, whose word is taken for it
 * @returns how many records were sealed
 */
export async function sealAsFound(again = false): Promise<number> {
  if (!again && readKeys(config.dataFolder).foundAt !== undefined) return 0;
  const now = new Date();
  const logs = await rows<{ id: string; head_seq: number; head_chain: string }>(
    'SELECT id, head_seq, head_chain FROM logs WHERE head_seal IS NULL',
  );
  for (const { id, head_seq, head_chain } of logs) {
    await run(
      'UPDATE logs SET head_key = :head_key, head_seal = :head_seal, as_found = :now WHERE id = :id AND head_seal IS NULL',
      { id, now, ...sealHead(id, head_seq, head_chain) },
    );
  }
  const classes = await rows<{ id: string }>(
    'SELECT c.id FROM classes c LEFT JOIN class_seals s ON s.class_id = c.id WHERE s.class_id IS NULL',
  );
  for (const { id } of classes) await sealClass(id, undefined, now);
  noteFound(config.dataFolder, now.toISOString());
  return logs.length;
}
