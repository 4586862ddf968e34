import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { prepareDatabase } from './app.mjs';
import { serverFile, startMariaDb } from './mariadb.mjs';
import { end, run, say } from './system.mjs';

// The own database's door, tried by somebody who has an account on the machine: on a new installation, on one of before, and on one
// whose turn was interrupted. 15 s.
const folder = mkdtempSync(join(tmpdir(), 'mozle-door-'));
const problems = [];
const expect = (what, good, told = '') => {
  say(`${good ? 'ok  ' : 'FAIL'} ${what}`);
  if (!good) problems.push(`${what}\n${told}`);
};
const overTcp = (at, user, sql) =>
  run('mariadb', [
    '--no-defaults',
    '-N',
    '--protocol=TCP',
    '--host=127.0.0.1',
    `--port=${at}`,
    `--user=${user}`,
    '-e',
    sql,
  ]);
const bySocket = (home, sql) => {
  const { socket } = JSON.parse(readFileSync(join(home, serverFile), 'utf8'));
  return run('mariadb', ['--no-defaults', '-N', `--user=${userInfo().username}`, `--socket=${socket}`, '-e', sql]);
};
const home = (name) => {
  const made = join(folder, name);
  mkdirSync(made, { mode: 0o700 });
  return made;
};

/** A data folder as versions of before left it: root without a password, also over TCP. */
async function ofBefore(name) {
  const at = home(name);
  const user = process.getuid?.() === 0 ? ['--user=root'] : [];
  const data = `--datadir=${join(at, 'mariadb')}`;
  await run('mariadb-install-db', [
    '--no-defaults',
    ...user,
    data,
    '--auth-root-authentication-method=normal',
    '--skip-test-db',
  ]);
  await withServer([...user, data], at, [
    "CREATE USER mozle@'127.0.0.1' IDENTIFIED BY 'secret'",
    "GRANT ALL ON `mozle%`.* TO mozle@'127.0.0.1'",
    'CREATE DATABASE mozle CHARACTER SET utf8mb4',
    'CREATE TABLE mozle.kept (id INT)',
    'INSERT INTO mozle.kept VALUES (17)',
  ]);
  writeFileSync(join(at, 'password'), 'secret', { mode: 0o600 });
  return at;
}

async function withServer(args, at, statements) {
  const socket = join(at, 's');
  const server = spawn('mariadbd', ['--no-defaults', ...args, `--socket=${socket}`, '--skip-networking'], {
    stdio: 'ignore',
  });
  for (let i = 0; i < 300 && !existsSync(socket); i += 1) await new Promise((next) => setTimeout(next, 100));
  const { code, output } = await run('mariadb', [
    '--no-defaults',
    '-u',
    'root',
    `--socket=${socket}`,
    '-e',
    statements.join('; '),
  ]);
  if (code !== 0) throw new Error(output);
  await end(server, 20_000);
}

async function isLocked(name, at, { url }) {
  const { port: tcp } = new URL(url('mozle'));
  for (const user of ['root', '', userInfo().username, 'mariadb.sys'])
    expect(`${name}: “${user}” does not get in over TCP`, (await overTcp(tcp, user, 'SELECT 1')).code !== 0);
  const secret = join(at, 'keys.json');
  writeFileSync(secret, 'the keys');
  for (const sql of [`SELECT LOAD_FILE('${secret}') IS NOT NULL`, 'SELECT @@local_infile'])
    expect(`${name}: ${sql.slice(0, 20)}… is 0`, (await bySocket(at, sql)).output.trim() === '0');
  for (const sql of [
    `CREATE TABLE mozle.stolen (line TEXT); LOAD DATA INFILE '${secret}' INTO TABLE mozle.stolen`,
    `SELECT 1 INTO OUTFILE '${join(at, 'written')}'`,
  ])
    expect(`${name}: ${sql.slice(0, 70)}… is refused`, (await bySocket(at, sql)).code !== 0);
  await bySocket(at, 'DROP TABLE IF EXISTS mozle.stolen');
  rmSync(secret);
}

const verify = (at, url) =>
  run('bin/verify', [], { env: { ...process.env, MOZLE_DATA: at, DATABASE_URL: url('mozle'), MOZLE_DEMO: '' } });

let database;
try {
  const fresh = home('fresh');
  database = await startMariaDb(fresh);
  await isLocked('new', fresh, database);
  await prepareDatabase({ ...process.env, MOZLE_DATA: fresh, DATABASE_URL: database.url('mozle'), MOZLE_DEMO: '' });
  const good = await verify(fresh, database.url);
  expect('bin/verify finds nothing wrong', good.code === 0, good.output);
  await bySocket(fresh, "CREATE USER guest@'%'; GRANT SELECT ON mysql.* TO mozle@'127.0.0.1'");
  const bad = await verify(fresh, database.url);
  const named = ['guest@%', 'rights on mysql'].every((words) => bad.output.includes(words));
  expect('bin/verify names an account and a right that should not be', bad.code === 1 && named, bad.output);
  await database.stop();

  const before = await ofBefore('before');
  database = await startMariaDb(before);
  await isLocked('of before', before, database);
  const kept = await run('mariadb', [
    '--no-defaults',
    '-N',
    '--protocol=TCP',
    '--host=127.0.0.1',
    `--port=${new URL(database.url('mozle')).port}`,
    '--user=mozle',
    '-psecret',
    '-e',
    'SELECT id FROM mozle.kept',
  ]);
  expect('of before: its data are there', kept.output.trim() === '17', kept.output);
  await database.stop();
  database = await startMariaDb(before);
  await isLocked('of before, started again', before, database);
  await database.stop();

  // Ended after the account by the socket was made, before root over TCP was gone; and before anything.
  const between = await ofBefore('between');
  const user = process.getuid?.() === 0 ? ['--user=root'] : [];
  await withServer([...user, `--datadir=${join(between, 'mariadb')}`], between, [
    `CREATE USER IF NOT EXISTS '${userInfo().username}'@localhost`,
    `ALTER USER '${userInfo().username}'@localhost IDENTIFIED VIA unix_socket`,
    `GRANT ALL ON *.* TO '${userInfo().username}'@localhost WITH GRANT OPTION`,
  ]);
  database = await startMariaDb(between);
  await isLocked('interrupted between', between, database);
} catch (error) {
  problems.push(String(error?.stack ?? error));
} finally {
  await database?.stop();
  rmSync(folder, { recursive: true, force: true });
}
if (problems.length > 0) console.error(problems.join('\n'));
process.exit(problems.length === 0 ? 0 : 1);
