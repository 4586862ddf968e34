import { mkdtempSync, openSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { prepareDatabase, startApp, testDist, testEnv } from './app.mjs';
import { faults, issue, pause, seeded, write } from './load.mjs';
import { startMariaDb } from './mariadb.mjs';
import { end, ensureBuild, ensureDebianPackages, port, run, say } from './system.mjs';

// App and database are killed in turn, at moments that follow from the seed, while 24 benches write. Every entry that was
// acknowledged must then be there once, with the number and content that were told; every chain must verify; and a board that
// was fed piece by piece through it all must be the fold of the whole.
const rounds = Number(process.argv[2] ?? 20);
const seed = Number(process.argv[3] ?? Date.now() % 1e6);
const random = seeded(seed);
const folder = mkdtempSync(join(tmpdir(), 'mozle-crash-'));
let app;
let database;
const problems = [];

const gone = (child) =>
  new Promise((resolve) =>
    child.exitCode === null && child.signalCode === null ? child.once('exit', resolve) : resolve(),
  );
async function kill(child) {
  // A group of its own: nothing of it lives on.
  process.kill(-child.pid, 'SIGKILL');
  await gone(child);
}

try {
  ensureDebianPackages(['mariadbd', 'mariadb']);
  await ensureBuild(testDist);
  // Written to disk as in use: that is what is tested.
  database = await startMariaDb(folder);
  const env = testEnv(database.url('mozle'), folder);
  await prepareDatabase(env);
  const log = openSync(join(folder, 'app.log'), 'a');
  const at = await port();
  const address = () => `http://127.0.0.1:${at}`;
  app = await startApp(at, env, log);
  const made = await issue(address, 24);
  const { register } = await import('tsx/esm/api');
  register();
  const { marksOf, mergeBoard } = await import('../../src/components/record/mergeBoard');
  const { writeMark } = await import('../../src/core/record/mark.ts');
  const { benchState } = await import('../../src/core/bench/benchState');
  let stop = false;
  const writers = made.groups.map((group) => write(group, () => stop, 150));
  let board = made.board;
  const follow = async () => {
    const news = await made.coordinator(
      'GET',
      `/classes/${made.id}/board?after=${marksOf(board).map(writeMark).join()}`,
    );
    if (news.ok) board = mergeBoard(board, await news.json());
  };
  const watching = (async () => {
    for (; !stop; await pause(700)) await follow().catch(() => undefined);
  })();
  say(`seed ${seed}, ${rounds} rounds, 24 benches`);
  for (let round = 1; round <= rounds; round += 1) {
    await pause(400 + random() * 1200);
    const isApp = random() < 0.5;
    const done = made.groups.reduce((sum, { acknowledged }) => sum + acknowledged.size, 0);
    if (isApp) {
      await kill(app);
      app = await startApp(at, env, log);
    } else {
      await kill(database.server);
      await pause(random() * 500);
      database = await startMariaDb(folder, { wanted: database.at });
    }
    say(`round ${round}: killed ${isApp ? 'the app' : 'mariadbd'} after ${done} entries`);
  }
  await pause(1500);
  stop = true;
  const wrong = (await Promise.all(writers)).reduce((a, b) => a + b, 0);
  await watching;
  if (wrong > 0) problems.push(`${wrong} drafts were refused`);
  problems.push(...(await faults(made)));
  await follow();
  const fresh = await (await made.coordinator('GET', `/classes/${made.id}/board`)).json();
  for (const [i, lane] of fresh.lanes.entries()) {
    const [told, whole] = [board.lanes[i], lane].map(({ entries }) => JSON.stringify(benchState(fresh.doc, entries)));
    if (told !== whole) problems.push(`${lane.bench}: the board is not the fold of the record`);
    if (lane.fault) problems.push(`${lane.bench}: ${lane.fault}`);
  }
  const verified = await run('bin/verify', [], { env });
  if (verified.code !== 0) problems.push(verified.output.trim());
  say(
    `${fresh.lanes.reduce((sum, { entries }) => sum + entries.length, 0)} entries; ${verified.output.trim().split('\n').at(-1)}`,
  );

  const streams = await Promise.all(
    Array.from({ length: 30 }, () =>
      made.coordinator('GET', `/classes/${made.id}/feed`).then(({ body }) => body.getReader()),
    ),
  );
  await Promise.all(streams.map((stream) => stream.read()));
  const asked = performance.now();
  await end(app, 15_000);
  const took = performance.now() - asked;
  say(`stopped with 30 open streams in ${Math.round(took)} ms`);
  if (took > 3000) problems.push(`stopping took ${Math.round(took)} ms`);
} catch (error) {
  problems.push(String(error?.stack ?? error));
} finally {
  await end(app);
  await database?.stop();
  rmSync(folder, { recursive: true, force: true });
}
for (const problem of problems) console.error(`FAIL ${problem}`);
say(problems.length === 0 ? 'nothing lost, nothing doubled' : `${problems.length} problems, seed ${seed}`);
process.exit(problems.length === 0 ? 0 : 1);
