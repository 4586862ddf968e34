import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { anchorsOf, dumpJudge, sealFault, settingOf } from './sources.mjs';
import { databaseAddress, Stop } from './system.mjs';

// What writing and bringing in a backup share: the way to the database, and the reading of a dump.
export const anchorMark = '-- mozle-anchor ';
export const sealMark = '-- mozle-seal ';
export const data = settingOf('MOZLE_DATA');
const end = '-- Dump completed';

/** The parts of DATABASE_URL as the database's own programs want them; the password never stands on a command line. */
export function connection() {
  const url = databaseAddress(data);
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    url,
    name: pathname.slice(1),
    args: [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
      '--protocol=TCP',
    ],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
  };
}

/** Runs a program with its input or output in a stream; its complaints end up in one line. */
export async function through(command, args, env, stdio, flow) {
  const child = spawn(command, args, { env, stdio });
  let complaint = '';
  child.stderr.on('data', (part) => (complaint += part));
  const done = new Promise((resolve, reject) => child.on('error', reject).on('close', resolve));
  try {
    await flow(child);
  } catch (error) {
    child.kill();
    await done.catch(() => undefined);
    throw new Stop(complaint.trim().split('\n').at(-1) || error.message);
  }
  if ((await done) !== 0) throw new Stop(complaint.trim().split('\n').at(-1));
}

/** Lines of a compressed dump, as text. They end at a line feed alone: a stored text may hold any other separator. */
async function* linesOf(file) {
  const decoder = new TextDecoder();
  let begun = [];
  for await (const part of createReadStream(file).pipe(createGunzip())) {
    const [first, ...more] = decoder.decode(part, { stream: true }).split('\n');
    begun.push(first);
    if (more.length === 0) continue;
    yield begun.join('');
    yield* more.slice(0, -1);
    begun = [more.at(-1)];
  }
  if (begun.join('') !== '') yield begun.join('');
}

/**
 * Reads a backup to its end before anything is brought in: every line is one of a dump of ours, nothing was cut off, and the seal
 * holds. Answers the anchors that it carries.
 */
export async function check(file, asFound) {
  // A damaged stream ends the lines without a word: it is read by itself first.
  try {
    await pipeline(createReadStream(file), createGunzip(), async (parts) => {
      for await (const part of parts) void part;
    });
  } catch (error) {
    throw new Stop(`${file} is damaged or no backup: ${error.message}`);
  }
  const hash = createHash('sha256');
  const fits = dumpJudge();
  const anchors = [];
  let [ended, seal, number] = [false, undefined, 0];
  for await (const line of linesOf(file)) {
    number += 1;
    if (seal !== undefined) throw new Stop(`${file} goes on after its seal (line ${number}).`);
    if (line.startsWith(sealMark)) {
      seal = line.slice(sealMark.length).split(' ');
      continue;
    }
    if (!fits(line)) throw new Stop(`${file} is no backup of Mozle: line ${number} holds something else.`);
    hash.update(`${line}\n`);
    if (line.startsWith(end)) ended = true;
    if (line.startsWith(anchorMark)) anchors.push(...anchorsOf(line.slice(anchorMark.length)));
  }
  if (!ended) throw new Stop(`${file} is cut off or no backup: its end is missing.`);
  const fault = sealFault(data, `backup ${hash.digest('hex')}`, { key: seal?.[0] ?? null, seal: seal?.[1] ?? null });
  if (fault === 'broken') throw new Stop(`${file} was changed after it was written: its seal does not hold.`);
  if (fault && !asFound)
    throw new Stop(
      `${file} is ${fault === 'unsealed' ? 'not sealed' : 'sealed with a key that is not here'}. With keys.json of the server that wrote it, copied into ${data}, it can be verified; bin/restore FILE --as-found takes its word for it.`,
    );
  return anchors;
}
