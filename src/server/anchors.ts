import 'server-only';
import { addAnchor, anchoredHeads, readAnchors } from './anchorFile';
import { config } from './config';
import { connect } from './database';
import { rows } from './tables';
import { withLock } from './withLock';
import type { Head } from './anchorFile';

const dayMs = 24 * 3_600_000;

async function headsNow(): Promise<ReadonlyMap<string, Head>> {
  const logs = await rows<{ id: string; head_seq: number; head_chain: string }>(
    'SELECT id, head_seq, head_chain FROM logs ORDER BY id',
  );
  return new Map(logs.map(({ id, head_seq, head_chain }) => [id, [head_seq, head_chain] as const]));
}

/** Anchors where the records stand, unless that was done within a day. Of several processes one does it. */
export async function anchorDaily(now = Date.now()): Promise<boolean> {
  const isDue = () => now - Date.parse(readAnchors(config.dataFolder).at(-1)?.at ?? '1970-01-01') >= dayMs;
  if (!isDue()) return false;
  const sequelize = connect(config.databaseUrl, 1);
  try {
    return await withLock(sequelize, 'mozle-anchors', 30, async () => {
      if (!isDue()) return false;
      const last = new Map(anchoredHeads(readAnchors(config.dataFolder)).map(({ log, chain }) => [log, chain]));
      const moved = [...(await headsNow())].filter(([log, [, chain]]) => last.get(log) !== chain);
      addAnchor(config.dataFolder, 'day', Object.fromEntries(moved), new Date(now).toISOString());
      return true;
    });
  } finally {
    await sequelize.close();
  }
}

/** Notes that a backup was brought in, and where every record stands since. */
export async function anchorRestore(now = new Date()): Promise<void> {
  addAnchor(config.dataFolder, 'restored', Object.fromEntries(await headsNow()), now.toISOString());
}
