import { createHash } from 'node:crypto';
import { createWriteStream, renameSync, rmSync } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { anchorMark, check, connection, data, sealMark, through } from './dump.mjs';
import { readAnchors, sealText } from './sources.mjs';
import { ensureDebianPackages, say, Stop } from './system.mjs';

// What ends with a process or is drawn anew: nobody stays signed in across a restore.
const withoutData = ['sessions', 'attempts', 'devices', 'user_links', 'admissions'];

async function backup(file) {
  const { name, args, env } = connection();
  const part = `${file}.part`;
  const dump = [
    ...args,
    // One moment of the whole database, while benches go on writing.
    '--single-transaction',
    '--hex-blob',
    '--no-tablespaces',
    '--default-character-set=utf8mb4',
    ...withoutData.map((table) => `--ignore-table-data=${name}.${table}`),
    name,
  ];
  try {
    await through('mariadb-dump', dump, env, ['ignore', 'pipe', 'pipe'], (child) =>
      pipeline(child.stdout, sealed, createGzip(), createWriteStream(part, { mode: 0o600 })),
    );
    await check(part, false);
    renameSync(part, file);
  } finally {
    rmSync(part, { force: true });
  }
  say(`written: ${file}`);
}

/** Adds the anchors to a dump, and at its end a seal over all of it. */
async function* sealed(parts) {
  const hash = createHash('sha256');
  for await (const part of parts) {
    hash.update(part);
    yield part;
  }
  const anchors = readAnchors(data).map((anchor) => `${anchorMark}${JSON.stringify(anchor)}\n`);
  for (const line of anchors) hash.update(line);
  yield anchors.join('');
  const { key, seal } = sealText(data, `backup ${hash.digest('hex')}`);
  yield `${sealMark}${key} ${seal}\n`;
}

const [file, ...more] = process.argv.slice(2);
try {
  if (!file || more.length > 0) throw new Stop('Usage: bin/backup FILE.sql.gz');
  ensureDebianPackages(['mariadb']);
  await backup(file);
} catch (error) {
  console.error(error instanceof Stop ? error.message : error);
  process.exit(1);
}
