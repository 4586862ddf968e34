import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, openSync, readFileSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { prepareDatabase, startApp, testDist } from './app.mjs';
import { end, port, run, say } from './system.mjs';

// A start as in use, in a folder of its own: nobody's password is in it, the first coordinator gets a link, and both processes
// come back when they are killed or frozen.
const folder = mkdtempSync(join(tmpdir(), 'mozle-start-'));
const at = await port();
const address = `http://127.0.0.1:${at}`;
const env = { ...process.env, PORT: String(at), MOZLE_DATA: folder, MOZLE_DIST: testDist, MOZLE_DEMO: '' };
const problems = [];
const expect = (what, good) => {
  say(`${good ? 'ok  ' : 'FAIL'} ${what}`);
  if (!good) problems.push(what);
};
const pause = (ms) => new Promise((next) => setTimeout(next, ms));
let output = '';
const launched = spawn('bin/start', [], { env, stdio: ['ignore', 'pipe', 'pipe'] });
for (const stream of [launched.stdout, launched.stderr]) stream.on('data', (part) => (output += part));

async function until(what, work, seconds = 90) {
  for (let i = 0; i < seconds * 2; i += 1) {
    if (await work().catch(() => false)) return expect(what, true);
    await pause(500);
  }
  expect(`${what} (not within ${seconds} s)`, false);
}
const health = async () => (await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(7000) })).json();
const isWell = async () => (await health()).database === 'ok';

/** Process ids of our own children and theirs, by a word of their command. */
function ownProcess(word) {
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
      const environment = readFileSync(`/proc/${pid}/environ`, 'utf8');
      if (command.includes(word) && environment.includes(`MOZLE_DATA=${folder}`)) return Number(pid);
    } catch {
      // Gone meanwhile.
    }
  }
  throw new Error(`no process ${word}`);
}

try {
  await until('it starts', isWell, 240);
  await until('the first coordinator gets a link', async () => /\/welcome\/[\w-]{32}/.test(output));
  const token = /\/welcome\/([\w-]{32})/.exec(output)?.[1] ?? '';
  const write = (path, body) =>
    fetch(`${address}/api/v1${path}`, {
      method: 'POST',
      headers: { 'Sec-Fetch-Site': 'same-origin' },
      body: JSON.stringify(body),
    });
  expect('no demo door is open', (await write('/session', { as: 'demo', role: 'coordinator' })).status === 403);
  expect(
    'no password is known',
    (await write('/session', { as: 'staff', name: 'coordinator', password: 'tide-table' })).status === 401,
  );
  expect(
    'the link sets a password',
    (await write('/welcome', { token, password: 'herons in the evening' })).status === 200,
  );
  expect('it does so once', (await write('/welcome', { token, password: 'herons in the evening' })).status === 404);
  const secret = ['keys.json', 'app.log', 'mariadb.log', 'password', 'address'];
  const open = secret.filter((name) => (statSync(join(folder, name)).mode & 0o077) !== 0);
  expect(`what is secret is the owner's alone${open.length > 0 ? `, not ${open.join()}` : ''}`, open.length === 0);
  for (const [word, signal] of [
    ['bin/lib/serve.mjs', 'SIGKILL'],
    ['mariadbd', 'SIGKILL'],
    ['mariadbd', 'SIGSTOP'],
  ]) {
    process.kill(ownProcess(word), signal);
    await pause(1000);
    await until(`${word} comes back after ${signal}`, isWell, 120);
  }
  const elsewhere = { ...env, PORT: String(await port()), PUBLIC_URL: 'https://mozle.example', MOZLE_DEMO: '1' };
  const demo = await run('bin/demo', [], { env: elsewhere });
  expect('the demo refuses to be reached from elsewhere', demo.code !== 0 && /published/.test(demo.output));
  const wide = { ...env, PORT: String(await port()), HOST: '0.0.0.0' };
  const listening = await run('bin/demo', [], { env: wide });
  expect('the demo refuses to listen to a network', listening.code !== 0 && /published.*HOST/.test(listening.output));
  const odd = await run('bin/start', [], { env: { ...env, PORT: 'x', TRUST_PROXY: '-1' } });
  expect(
    'settings that cannot be are named',
    odd.code !== 0 && /PORT=x/.test(odd.output) && /TRUST_PROXY=-1/.test(odd.output),
  );
  // The same database server, seen as one from outside.
  const server = readFileSync(join(folder, 'address'), 'utf8');
  const holding = server.replace(/mozle$/, 'mozle_demo');
  await run('mariadb', [
    '--no-defaults',
    '--protocol=TCP',
    '--host=127.0.0.1',
    `--port=${new URL(server).port}`,
    '--user=mozle',
    `-p${new URL(server).password}`,
    '-e',
    'CREATE DATABASE mozle_demo CHARACTER SET utf8mb4',
  ]);
  const beside = { ...env, MOZLE_DATA: join(folder, 'beside'), DATABASE_URL: holding };
  mkdirSync(beside.MOZLE_DATA);
  await prepareDatabase({ ...beside, MOZLE_DEMO: '1' });
  const published = await run('bin/start', [], { env: { ...beside, PORT: String(await port()) } });
  expect(
    'a start refuses a database with published passwords',
    published.code !== 0 && /password/.test(published.output) && !published.output.includes('ready'),
  );
  // A log that cannot be written, as on a full disk.
  const full = await port();
  const deaf = await startApp(full, { ...env, DATABASE_URL: server, LOG_LEVEL: 'trace' }, openSync('/dev/full', 'w'));
  const answers = [];
  for (let i = 0; i < 40; i += 1) answers.push((await fetch(`http://127.0.0.1:${full}/api/v1/preparations`)).status);
  expect(
    'with a log that cannot be written the app goes on answering',
    answers.every((status) => status === 401),
  );
  await end(deaf);
} catch (error) {
  problems.push(String(error?.stack ?? error));
}
await end(launched, 40_000);
rmSync(folder, { recursive: true, force: true });
if (problems.length > 0) console.error(`${problems.join('\n')}\n${output.slice(-3000)}`);
process.exit(problems.length === 0 ? 0 : 1);
