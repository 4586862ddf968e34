import { existsSync, mkdtempSync, openSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { prepareDatabase, startApp, testDist, testEnv } from './app.mjs';
import { startMariaDb } from './mariadb.mjs';
import {
  end,
  ensureBuild,
  ensureDebianPackages,
  ensureNode,
  ensureNodeModules,
  ensureSpace,
  port,
  run,
  say,
  Stop,
} from './system.mjs';

// The environment is pinned here: time zone and locale decide what dates and sorted names look like.
Object.assign(process.env, { TZ: 'Europe/Dublin', LC_ALL: 'C.UTF-8', NEXT_TELEMETRY_DISABLED: '1' });
const folder = mkdtempSync(join(tmpdir(), 'mozle-test-'));
const total = { passed: 0, failed: 0 };
let database;
const apps = [];

let closing;
/** Stops what was started and removes its data; also when the run is interrupted. */
function close() {
  closing ??= (async () => {
    await Promise.all(apps.map(({ child }) => end(child)));
    await database?.stop();
    rmSync(folder, { recursive: true, force: true });
  })();
  return closing;
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => close().then(() => process.exit(130)));

async function check(name, command, args, env = {}) {
  const started = Date.now();
  const { code, output } = await run(command, args, { env: { ...process.env, ...env } });
  const good = code === 0;
  say(`${good ? 'ok  ' : 'FAIL'} ${name} (${((Date.now() - started) / 1000).toFixed(0)} s)`);
  if (!good) say(output);
  return { good, output };
}

async function single(name, script) {
  const { good } = await check(name, 'npm', ['run', '--silent', script]);
  total[good ? 'passed' : 'failed'] += 1;
}

async function jest(project, env) {
  const file = join(folder, `${project}.json`);
  const args = ['node_modules/jest/bin/jest.js', '--selectProjects', project, '--json', `--outputFile=${file}`];
  const { good } = await check(
    `jest: ${project}`,
    'node',
    project === 'service' ? [...args, '--runInBand', '--forceExit'] : args,
    env,
  );
  const {
    numPassedTests = 0,
    numFailedTests = 0,
    numFailedTestSuites = 0,
  } = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : {};
  count(numPassedTests, Math.max(numFailedTests, numFailedTestSuites), good);
}

async function e2e(env) {
  const file = 'test-results/e2e.json';
  rmSync(file, { force: true });
  const { good } = await check('playwright', 'node', ['node_modules/@playwright/test/cli.js', 'test'], env);
  const {
    expected = 0,
    unexpected = 0,
    flaky = 0,
  } = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')).stats : {};
  count(expected, unexpected + flaky, good);
}

/** A runner that failed without a failed test (it crashed, it found none) counts as one failure. */
function count(passed, failed, good) {
  total.passed += passed;
  total.failed += good && passed > 0 ? failed : Math.max(1, failed);
}

async function checks() {
  for (const [name, script] of [
    ['format', 'format'],
    ['lint', 'lint'],
    ['types', 'types'],
    ['import direction', 'imports'],
    ['unused code', 'unused'],
    ['licences and engines', 'packages'],
  ]) {
    await single(name, script);
  }
  await jest('unit');
}

try {
  ensureNode();
  ensureSpace('.', 2000);
  ensureDebianPackages(['mariadbd', 'mariadb', 'chromium']);
  await ensureNodeModules();
  const lock = await run('git', ['diff', '--exit-code', '--stat', 'package-lock.json']);
  if (lock.code !== 0) say(`FAIL npm install changed package-lock.json\n${lock.output}`);
  total[lock.code === 0 ? 'passed' : 'failed'] += 1;
  database = await startMariaDb(folder, { sync: false });
  // Two cores: the build beside the checks.
  await Promise.all([ensureBuild(testDist), checks()]);
  const url = database.url('mozle');
  await jest('service', { DATABASE_URL: url });
  // A short run of what bin/test-crash does at length.
  const crash = await check('crash, 3 rounds', 'node', ['bin/lib/crash.mjs', '3', '7']);
  total[crash.good ? 'passed' : 'failed'] += 1;
  const env = testEnv(url, folder);
  await prepareDatabase(env);
  // Two instances on one database: neither may keep state of its own.
  for (let i = 0; i < 2; i += 1) {
    const at = await port();
    apps.push({ at, child: await startApp(at, env, openSync(join(folder, `app-${i}.log`), 'a')) });
  }
  const [first, second] = apps.map(({ at }) => `http://127.0.0.1:${at}`);
  await e2e({ BASE_URL: first, SECOND_URL: second, DATABASE_URL: url, MOZLE_DATA: folder });
} catch (error) {
  console.error(error instanceof Stop ? error.message : error);
  total.failed += 1;
}
await close();
say(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
