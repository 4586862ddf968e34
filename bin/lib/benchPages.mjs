import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { draftOf, issue, pause } from './load.mjs';
import { withApp } from './benchLoad.mjs';

const benches = 24;
const runs = 3;
const runMs = 15_000;
const everyMs = 2000;
const atOnce = 8;
const warm = 10;
const asks = 30;

/** CPU time of a process's main thread, ms. */
function mainThreadMs(pid) {
  const [, rest] = readFileSync(`/proc/${pid}/task/${pid}/stat`, 'utf8').split(') ');
  const [user, system] = rest.split(' ').slice(11, 13).map(Number);
  return (user + system) * 10;
}

const machine = () => {
  const cpus = readFileSync('/proc/cpuinfo', 'utf8').match(/^model name.*$/gm) ?? [];
  return `${cpus.length} × ${cpus[0]?.split(': ')[1] ?? 'unknown'}`;
};

/** Twenty pages of handouts, as a PDF. */
async function handout() {
  const { plainPdf } = await import('../../tests/support/plainPdf.ts');
  const folder = 'tests/handouts';
  const texts = readdirSync(folder).filter((name) => name.endsWith('.txt'));
  const lines = texts.flatMap((name) => readFileSync(join(folder, name), 'utf8').split('\n'));
  return plainPdf(Array.from({ length: 20 }, (_, i) => lines.slice(i * 40, (i + 1) * 40)));
}

/** CPU time of the main thread for each page, warm; and what one person's pages do to the entries of 24 benches. */
export const benchPages = (folder, database) =>
  withApp(folder, database, 'mozle_pages', async ({ at, pid, summary }) => {
    const made = await issue(at, benches);
    const { found } = await (await made.coordinator('GET', '/preparations')).json();
    const plan = `/preparations/${found.at(-1).id}`;
    const of = `/classes/${made.id}`;
    const page = (path) => made.coordinator('GET', `/../..${path}`);
    const groupPage = (path) => made.groups[0].call('GET', `/../..${path}`);
    const lines = [`on ${machine()}:`, '  main thread a page, warm:'];
    const staffPages = [
      '/account',
      '/preparations',
      plan,
      `${plan}/procedure`,
      `${plan}/process`,
      `${plan}/safety`,
      `${plan}/versions`,
      `${plan}/hazards`,
      `${plan}/sheets/student`,
      `${plan}/sheets/coordinator`,
      '/preparations/handout',
      '/reference',
      '/reference/toluene',
      '/reference/new',
      '/models',
      '/courses',
      '/classes',
      of,
      `${of}/results`,
      `${of}/roster`,
    ];
    // The list of classes brings what is kept up to the records once, behind whoever asks first; that is not its own cost.
    await page('/classes');
    for (const [path, get] of [
      ...staffPages.map((one) => [one, page]),
      ['/bench', groupPage],
      ['/bench/results', groupPage],
    ]) {
      const ask = async () => {
        for (;;) {
          const answer = await get(path);
          await answer.arrayBuffer();
          // Its share is used up: the rest of it waits.
          if (answer.status !== 503) return;
          await pause(1000);
        }
      };
      for (let i = 0; i < warm; i += 1) await ask();
      const before = mainThreadMs(pid);
      for (let i = 0; i < asks; i += 1) await ask();
      lines.push(
        `    ${((mainThreadMs(pid) - before) / asks).toFixed(1).padStart(5)} ms  ${path.replace(/[0-9A-Z]{26}/, '…')}`,
      );
    }
    const pdf = await handout();
    const list = [
      () => page(of),
      () => page(plan),
      () => page(`${plan}/sheets/student`),
      () => page('/reference'),
      () => made.coordinator('POST', '/handouts', pdf),
      () => page(`${of}/results`),
      () => made.coordinator('GET', `${of}/results`),
    ];
    const run = async (isBusy) => {
      let on = true;
      const asked = {};
      const busy = Array.from({ length: isBusy ? atOnce : 0 }, async (_, first) => {
        for (let n = first; on; n += 1) {
          const answer = await list[n % list.length]();
          await answer.arrayBuffer();
          asked[answer.status] = (asked[answer.status] ?? 0) + 1;
        }
      });
      const times = [];
      const begin = performance.now();
      const count = Math.floor((runMs / everyMs) * benches);
      await Promise.all(
        Array.from({ length: count }, async (_, i) => {
          await pause(begin + (i * everyMs) / benches - performance.now());
          const { call, log } = made.groups[i % benches];
          const start = performance.now();
          await (await call('POST', `/logs/${log}/entries`, draftOf(log, i))).arrayBuffer();
          times.push(performance.now() - start);
        }),
      );
      on = false;
      await Promise.all(busy);
      return { times: times.sort((a, b) => a - b), asked };
    };
    for (const isBusy of [false, true]) {
      const found_ = [];
      for (let i = 0; i < runs; i += 1) found_.push(await run(isBusy));
      const at99 = found_.map(({ times }) => times[Math.floor(times.length * 0.99)]).sort((a, b) => a - b);
      const statuses = Object.entries(found_.at(-1).asked).map(([status, n]) => `${n} × ${status}`);
      lines.push(
        `  an entry of ${benches} benches, ${isBusy ? `while one person asks for a fixed list ${atOnce} at a time` : 'alone'}: p99 ${at99[1].toFixed(0)} ms (median of ${runs}: ${at99.map((one) => one.toFixed(0)).join(', ')}); the last: ${summary(found_.at(-1).times)}${statuses.length > 0 ? `; answered ${statuses.join(', ')}` : ''}`,
      );
    }
    return lines;
  });
