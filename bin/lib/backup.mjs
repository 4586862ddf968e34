import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { prepareDatabase } from './app.mjs';
import { anchorsOf, dumpJudge, readAnchors, sealFault, sealText, settingOf, takeAnchors } from './sources.mjs';
import { databaseAddress, ensureDebianPackages, ensureNodeModules, run, say, Stop } from './system.mjs';

// What ends with a process or is drawn anew: nobody stays signed in across a restore.
const withoutData = ['sessions', 'attempts', 'devices', 'user_links'];
const end = '-- Dump completed';
const anchorMark = '-- mozle-anchor ';
const sealMark = '-- mozle-seal ';
const data = settingOf('MOZLE_DATA');

/** The parts of DATABASE_URL as the database's own programs want them; the password never stands on a command line. */
function connection() {
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
async function through(command, args, env, stdio, flow) {
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
async function check(file, asFound) {
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

async function restore(file, asFound) {
  const { url, name, args, env } = connection();
  if (!existsSync(file)) throw new Stop(`There is no ${file}.`);
  const anchors = await check(file, asFound);
  const client = (sql) => run('mariadb', [...args, '-N', '-e', sql, name], { env });
  const tables = `SELECT table_name FROM information_schema.tables WHERE table_schema = '${name}'`;
  const { code, output } = await client(tables);
  if (code !== 0) throw new Stop(output.trim().split('\n').at(-1));
  if (output.trim() !== '')
    throw new Stop(`The database ${name} is not empty: a backup is brought into an empty one only.`);
  try {
    if (!asFound) takeAnchors(data, anchors);
    await through(
      'mariadb',
      // The client's own commands, which reach files and the shell, are off whatever the file says.
      [...args, '--sandbox', '--batch', '--default-character-set=utf8mb4', name],
      env,
      ['pipe', 'ignore', 'pipe'],
      (child) => pipeline(createReadStream(file), createGunzip(), child.stdin),
    );
    // A backup of an older version is brought up to date; demo data are never added.
    const prepared = { ...process.env, DATABASE_URL: url, MOZLE_DEMO: '' };
    for (const line of await prepareDatabase(prepared, ['--restored', ...(asFound ? ['--as-found'] : [])])) say(line);
    const verified = await run('bin/verify', [], { env: prepared });
    say(verified.output.trim());
    if (verified.code !== 0) throw new Stop('Not every record of the backup is what was stored.');
  } catch (error) {
    const { output: there } = await client(tables);
    const names = there
      .trim()
      .split('\n')
      .filter((one) => /^\w+$/.test(one));
    const drop = names.length > 0 ? `DROP TABLE ${names.map((one) => `\`${one}\``).join(', ')};` : '';
    await client(`SET FOREIGN_KEY_CHECKS = 0; ${drop}`);
    throw new Stop(`${error.message} The database is empty again.`);
  }
}

try {
  const [what, file, option] = process.argv.slice(2);
  const asFound = option === '--as-found';
  if (!file || (option !== undefined && !(asFound && what === 'restore')))
    throw new Stop(`Usage: bin/${what} FILE.sql.gz${what === 'restore' ? ' [--as-found]' : ''}`);
  ensureDebianPackages(['mariadb']);
  await ensureNodeModules();
  await (what === 'restore' ? restore : backup)(file, asFound);
} catch (error) {
  console.error(error instanceof Stop ? error.message : error);
  process.exit(1);
}
