import { openSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { prepareDatabase, startApp, testDist, testEnv } from './app.mjs';
import { enter, faults, issue, pause, seeded, write } from './load.mjs';
import { startCluster } from './galera.mjs';
import { end, ensureBuild, ensureDebianPackages, port, run, say } from './system.mjs';

// Two instances on different nodes of a three-node cluster. Two tablets of each bench write through different instances, so
// that the nodes contend for the same record; then the node of one instance is killed. Tablets may have to send again; nothing
// that was acknowledged may be lost or doubled.
const seconds = Number(process.argv[2] ?? 30);
const seed = Number(process.argv[3] ?? Date.now() % 1e6);
const random = seeded(seed);
const apps = [];
const problems = [];
let cluster;

try {
  ensureDebianPackages(['mariadbd', 'mariadb', 'rsync', 'galera']);
  await ensureBuild(testDist);
  cluster = await startCluster(3);
  const env = (i) => testEnv(cluster.url(i), cluster.folder);
  await prepareDatabase(env(0));
  for (const i of [0, 1]) {
    const at = await port();
    apps.push({ at, child: await startApp(at, env(i), openSync(join(cluster.folder, `app-${i}.log`), 'a')) });
  }
  const addressOf = (i) => `http://127.0.0.1:${apps[i].at}`;
  let alive = [0, 1];
  // A tablet keeps to its instance as long as that one is there.
  const through = (i) => () => addressOf(alive.includes(i) ? i : alive[0]);
  const made = await issue(through(0), 12);
  const others = [];
  for (const [i, group] of made.groups.entries()) {
    const { joinCode } = made.board;
    others.push({
      ...group,
      call: await enter(through(1), { as: 'group', joinCode, bench: group.name, pin: made.pins[i] }),
    });
  }
  let stop = false;
  const writers = [...made.groups, ...others].map((group) => write(group, () => stop, 150));
  const count = () => made.groups.reduce((sum, { acknowledged }) => sum + acknowledged.size, 0);
  await pause(seconds * 500 + random() * 1000);
  say(`${count()} entries; killing the second node`);
  process.kill(-cluster.nodes[1].server.pid, 'SIGKILL');
  // Its instance answers with errors from now on; the balancer in front takes it out after a moment.
  await pause(2000);
  alive = [0];
  await pause(seconds * 500);
  stop = true;
  const wrong = (await Promise.all(writers)).reduce((a, b) => a + b, 0);
  say(`${count()} entries acknowledged`);
  if (wrong > 0) problems.push(`${wrong} drafts were refused`);
  problems.push(...(await faults(made)));
  for (const i of [0, 2]) {
    const verified = await run('bin/verify', [], { env: env(i) });
    say(`node ${i + 1}: ${verified.output.trim().split('\n').at(-1)}`);
    if (verified.code !== 0) problems.push(verified.output.trim());
  }
} catch (error) {
  problems.push(String(error?.stack ?? error));
} finally {
  await Promise.all(apps.map(({ child }) => end(child)));
  await cluster?.stop();
  if (cluster && problems.length === 0) rmSync(cluster.folder, { recursive: true, force: true });
}
for (const problem of problems) console.error(`FAIL ${problem}`);
say(problems.length === 0 ? 'only retries, nothing lost' : `${problems.length} problems, seed ${seed}`);
process.exit(problems.length === 0 ? 0 : 1);
