import 'server-only';
import { existsSync, statfsSync } from 'node:fs';
import { config } from './config';

const keptMs = 10_000;
let last = { at: 0, mb: Infinity };

/** Free space where this server keeps its data, MB. Looked at every ten seconds at most. */
function freeMb(now: number): number {
  if (now - last.at < keptMs) return last.mb;
  const folder = existsSync(config.dataFolder) ? config.dataFolder : '.';
  const { bavail, bsize } = statfsSync(folder);
  last = { at: now, mb: Math.floor((bavail * bsize) / 1e6) };
  return last.mb;
}

/** How little space is left, MB, where it is less than it should be; nothing while there is enough. */
export function shortOfSpace(now = Date.now()): number | undefined {
  const mb = freeMb(now);
  return mb < config.freeSpaceMb ? mb : undefined;
}
