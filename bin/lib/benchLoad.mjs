import { openSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { prepareDatabase, startApp, testDist, testEnv } from './app.mjs';
import { createDatabase, follow } from './benchHttp.mjs';
import { draftOf, enter, issue, pause } from './load.mjs';
import { end, ensureBuild, port } from './system.mjs';

const seconds = Number(process.env.BENCH_SECONDS ?? 60);
const benches = 24;
const perSecond = 2;
const streams = 100;

/** Starts the app on a database of its own and hands both to what is measured. */
export async function withApp(folder, database, name, work) {
  await ensureBuild(testDist);
  const { register } = await import('tsx/esm/api');
  register();
  const { summary } = await import('../../scripts/timings.ts');
  await createDatabase(database.url('mozle'), name);
  const env = testEnv(database.url(name), folder);
  await prepareDatabase(env);
  const at = await port();
  const app = await startApp(at, env, openSync(join(folder, `${name}.log`), 'a'));
  try {
    return await work({ at: () => `http://127.0.0.1:${at}`, pid: app.pid, summary });
  } finally {
    await end(app);
  }
}

const memoryMb = (pid) =>
  Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024);

/** Two entries a second at each of 24 benches, a hundred screens following: answers, delay on the screens, memory. */
export const benchLoad = (folder, database) =>
  withApp(folder, database, 'mozle_load', async ({ at, pid, summary }) => {
    const made = await issue(at, benches);
    const before = memoryMb(pid);
    const sent = new Map();
    const delays = [];
    const readers = [];
    for (let i = 0; i < streams; i += 1) {
      const feed = await made.coordinator('GET', `/classes/${made.id}/feed`);
      const reader = feed.body.getReader();
      readers.push([reader, follow(reader, ({ id }) => sent.has(id) && delays.push(performance.now() - sent.get(id)))]);
    }
    const answers = [];
    let wrong = 0;
    const begin = performance.now();
    await Promise.all(
      made.groups.map(async ({ call, log }, bench) => {
        for (let n = 0; n < seconds * perSecond; n += 1) {
          await pause(begin + ((n + bench / benches) * 1000) / perSecond - performance.now());
          const draft = draftOf(log, n);
          const start = performance.now();
          sent.set(draft.id, start);
          const answer = await call('POST', `/logs/${log}/entries`, draft);
          await answer.arrayBuffer();
          if (answer.status !== 201) wrong += 1;
          else answers.push(performance.now() - start);
        }
      }),
    );
    await pause(2000);
    const after = memoryMb(pid);
    await Promise.all(readers.map(async ([reader, following]) => reader.cancel().then(() => following)));
    return [
      `${benches} benches, ${perSecond} entries/s each, ${streams} screens, ${seconds} s:`,
      `  an entry:                       ${summary(answers)} (${wrong} refused)`,
      `  on a screen after sending:      ${summary(delays)} (${delays.length} of ${sent.size * streams})`,
      `  memory of the app:              ${before} MB before, ${after} MB after`,
    ];
  });

/** What a hostile mix of sessions does to somebody else's: each as fast as it is let. */
export const benchHostile = (folder, database) =>
  withApp(folder, database, 'mozle_hostile', async ({ at, summary }) => {
    const made = await issue(at, 8);
    const [victim, ...others] = made.groups;
    for (const [i, { call, log }] of made.groups.entries())
      for (let n = 0; n < 60; n += 1)
        await (await call('POST', `/logs/${log}/entries`, draftOf(log, n + i))).arrayBuffer();
    const staff = await enter(at, { as: 'demo', role: 'coordinator' });
    const chain = encodeURIComponent('C'.repeat(399));
    const empty = JSON.stringify({ formatVersion: 2, steps: Array.from({ length: 10_000 }, () => ({})) });
    const list = Array.from({ length: 2000 }, (_, i) => `${'C'.repeat(380)}${i}`).join('\n');
    const odd = () => ({ ...draftOf(others[0].log, 1), at: '2026-99-99T99:99:99.999Z' });
    let on = true;
    const asked = {};
    const again = async (what, work) => {
      for (let n = 0; on; n += 1) {
        const answer = await work(n).catch(() => undefined);
        asked[`${what} ${answer?.status}`] = (asked[`${what} ${answer?.status}`] ?? 0) + 1;
        await answer?.arrayBuffer().catch(() => undefined);
      }
    };
    const wrongPin = (n) =>
      fetch(`${at()}/api/v1/session`, {
        method: 'POST',
        headers: { 'Sec-Fetch-Site': 'same-origin' },
        body: JSON.stringify({
          as: 'group',
          joinCode: made.joinCode,
          bench: others[n % others.length].name,
          pin: String(n),
        }),
      });
    const mix = [
      again('structure', () => others[0].call('GET', `/structures?smiles=${chain}`)),
      again('structure', (n) => others[1].call('GET', `/structures?smiles=${'C1CC1'.repeat(n % 70)}`)),
      again('preparation', () => staff('POST', '/preparations', empty)),
      again('structure file', () => staff('POST', '/reference/structures', list)),
      again('long line', () => staff('POST', '/reference/structures', 'C'.repeat(900_000))),
      again('results', () => made.coordinator('GET', `/classes/${made.id}/results`)),
      again('board', () => made.coordinator('GET', `/classes/${made.id}/board`)),
      again('odd entry', () => others[2].call('POST', `/logs/${others[2].log}/entries`, odd())),
      again('wrong PIN', wrongPin),
    ];
    const times = [];
    const begin = performance.now();
    for (let n = 0; performance.now() - begin < seconds * 1000; n += 1) {
      const start = performance.now();
      const answer = await victim.call('POST', `/logs/${victim.log}/entries`, draftOf(victim.log, n));
      await answer.arrayBuffer();
      times.push(performance.now() - start);
      await pause(50);
    }
    on = false;
    await Promise.all(mix);
    return [
      `somebody else’s entry in ${seconds} s of a hostile mix: ${summary(times)}`,
      ...Object.entries(asked).map(([what, count]) => `  ${what}: ${count}`),
    ];
  });
