import { existsSync, mkdtempSync, openSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
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
// What a developer has set for their own Mozle is not the tests'.
for (const name of ['PUBLIC_URL', 'DATABASE_URL', 'MOZLE_DATA', 'MOZLE_DEMO', 'PORT', 'HOST', 'TRUST_PROXY'])
  delete process.env[name];
// What takes long and finds seldom: more draws of the properties, more crashes, a start as in use, the texts of every page by axe.
const all = process.argv.includes('--all');
if (all) process.env.ALL_TESTS = '1';
else delete process.env.ALL_TESTS;
const seeds = [7, 19, 101, 977, 4001, 20_011, 65_537, 99_991, 424_243, 8_675_309];
const propertySuites = 'conservation|converge|anyRecord|readPreparation|quantity|mark|edit|bareImage|readable';
const folder = mkdtempSync(join(tmpdir(), 'mozle-test-'));
const total = { passed: 0, failed: 0 };
const times = [];
// Why tests failed, said again at the very end, where a shortened log still shows it.
const reasons = [];
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

/** A check that counts as one test. */
async function single(name, command, args, env) {
  const { good } = await check(name, command, args, env);
  total[good ? 'passed' : 'failed'] += 1;
}

async function jest(name, project, more, env) {
  const file = join(folder, `${name}.json`);
  const { good } = await check(
    name,
    'node',
    ['node_modules/jest/bin/jest.js', `--selectProjects=${project}`, '--json', `--outputFile=${file}`, ...more],
    env,
  );
  const found = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : {};
  const { numPassedTests = 0, numFailedTests = 0, numFailedTestSuites = 0, testResults = [] } = found;
  for (const { name, assertionResults, message } of testResults) {
    const suite = relative('.', name);
    for (const { fullName, duration } of assertionResults)
      times.push({ seconds: (duration ?? 0) / 1000, name: `${suite}: ${fullName}` });
    if (message) reasons.push(`${suite}\n${message}`);
  }
  count(numPassedTests, Math.max(numFailedTests, numFailedTestSuites), good);
}

async function e2e(env) {
  const file = 'test-results/e2e.json';
  rmSync(file, { force: true });
  const { good } = await check('playwright', 'node', ['node_modules/@playwright/test/cli.js', 'test'], env);
  const { stats = {}, suites = [] } = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : {};
  const { expected = 0, unexpected = 0, flaky = 0 } = stats;
  const walk = ({ file: spec, specs = [], suites: inner = [] }) => {
    for (const { title, tests } of specs)
      for (const { results } of tests) {
        for (const { errors = [], attachments = [] } of results) {
          reasons.push(
            ...errors.map(({ message = '', location }) => `${spec}:${location?.line ?? '?'} ${title}\n${message}`),
          );
          // The pages as they stood, in words.
          for (const { name, path } of attachments)
            if (errors.length > 0 && name === 'error-context' && existsSync(path)) reasons.push(pagesOf(path));
        }
        times.push({
          seconds: results.reduce((sum, { duration }) => sum + duration, 0) / 1000,
          name: `${spec}: ${title}`,
        });
      }
    inner.forEach(walk);
  };
  suites.forEach(walk);
  count(expected, unexpected + flaky, good);
}

/** What a failed browser test's pages showed, from their main part on: Playwright's own description, without all around it. */
const pagesOf = (path) =>
  [...readFileSync(path, 'utf8').matchAll(/```yaml\n([\s\S]*?)```/g)]
    .map(([, page]) => page.slice(Math.max(0, page.search(/^- main/m))))
    .join('\n');

/** A runner that failed without a failed test (it crashed, it found none) counts as one failure. */
function count(passed, failed, good) {
  total.passed += passed;
  total.failed += good && passed > 0 ? failed : Math.max(1, failed);
}

const beside = [
  ['lint', 'lint'],
  ['import direction', 'imports'],
  ['unused code', 'unused'],
  ['licences and engines', 'packages'],
];
const afterBuild = [
  ['types', 'types'],
  ['format', 'format'],
];

async function checks(all) {
  for (const [name, script] of all) await single(name, 'npm', ['run', '--silent', script]);
}

const started = Date.now();
try {
  ensureNode();
  ensureSpace('.', 2000);
  ensureDebianPackages(['mariadbd', 'mariadb', 'chromium', 'pdftotext']);
  await ensureNodeModules();
  const lock = await run('git', ['diff', '--exit-code', '--stat', 'package-lock.json']);
  if (lock.code !== 0) say(`FAIL npm install changed package-lock.json\n${lock.output}`);
  total[lock.code === 0 ? 'passed' : 'failed'] += 1;
  database = await startMariaDb(folder, { sync: false });
  const url = database.url('mozle');
  // Two cores: the build and the quicker checks beside the longest one, then two workers each.
  await Promise.all([ensureBuild(testDist, 'checked').then(() => checks(afterBuild)), checks(beside)]);
  await single('the database’s door', 'node', ['bin/lib/testDatabase.mjs']);
  await jest('unit', 'unit', []);
  await jest('service', 'service', ['--forceExit'], { DATABASE_URL: url });
  if (all) {
    // A short run of what bin/test-crash does at length.
    await single('crash, 10 rounds', 'bin/test-crash', ['10', '7']);
    for (const seed of seeds)
      await jest(`properties, seed ${seed}`, 'unit', [`--testPathPatterns=${propertySuites}`], {
        FC_SEED: String(seed),
      });
    await jest('bent drafts, 10000', 'service', ['--forceExit', '--testPathPatterns=malformed'], {
      DATABASE_URL: url,
      FUZZ: '10000',
    });
    await single('a start as in use', 'node', ['bin/lib/testStart.mjs']);
    await single('a fresh machine', 'node', ['bin/lib/testFresh.mjs']);
  }
  const env = testEnv(url, folder);
  await prepareDatabase(env);
  // Two instances on one database: neither may keep state of its own.
  for (let i = 0; i < 2; i += 1) {
    const at = await port();
    apps.push({ at, child: await startApp(at, env, openSync(join(folder, `app-${i}.log`), 'a')) });
  }
  const [first, second] = apps.map(({ at }) => `http://127.0.0.1:${at}`);
  await e2e({
    BASE_URL: first,
    SECOND_URL: second,
    DATABASE_URL: url,
    MOZLE_DATA: folder,
  });
} catch (error) {
  console.error(error instanceof Stop ? error.message : error);
  total.failed += 1;
}
await close();
say('\nthe slowest:');
for (const { seconds, name } of times.sort((a, b) => b.seconds - a.seconds).slice(0, 15))
  say(`${seconds.toFixed(1).padStart(6)} s  ${name.slice(0, 150)}`);
for (const one of reasons) say(`\nfailed: ${stripVTControlCharacters(one).slice(0, 1500)}`);
say(`\nin ${((Date.now() - started) / 60_000).toFixed(1)} min`);
say(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
