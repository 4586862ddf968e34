import { openSync } from 'node:fs';
import { join } from 'node:path';
import { prepareDatabase, startApp, testDist, testEnv } from './app.mjs';
import { draftOf, issue, pause } from './load.mjs';
import { end, ensureBuild, port } from './system.mjs';

const benches = 24;
const paceMs = 2000;
const rounds = 8;

/**
 * The load of a class over HTTP: 24 benches, an entry each every two seconds, while a board follows the live feed.
 *
 * @returns lines: the answer to an entry, and how long after sending it stood on the other screen
 */
export async function benchHttp(folder, database) {
  await ensureBuild(testDist);
  const { register } = await import('tsx/esm/api');
  register();
  const { summary } = await import('../../scripts/timings.ts');
  const env = testEnv(database.url('mozle_http'), folder);
  await createDatabase(database.url('mozle'), 'mozle_http');
  await prepareDatabase(env);
  const found = await port();
  const app = await startApp(found, env, openSync(join(folder, 'app.log'), 'a'));
  try {
    const made = await issue(() => `http://127.0.0.1:${found}`, benches);
    const sent = new Map();
    const seen = [];
    const feed = await made.coordinator('GET', `/classes/${made.id}/feed`);
    const reader = feed.body.getReader();
    const following = follow(
      reader,
      (entry) => sent.has(entry.id) && seen.push(performance.now() - sent.get(entry.id)),
    );
    const answers = [];
    const begin = performance.now();
    await Promise.all(
      Array.from({ length: benches * rounds }, async (_, i) => {
        await pause(begin + (i * paceMs) / benches - performance.now());
        const { call, log } = made.groups[i % benches];
        const draft = draftOf(log, i);
        const start = performance.now();
        sent.set(draft.id, start);
        const answer = await call('POST', `/logs/${log}/entries`, draft);
        await answer.json();
        // The first round warms up.
        if (i >= benches) answers.push(performance.now() - start);
      }),
    );
    await pause(1500);
    await reader.cancel();
    await following;
    const [few, many] = [await opening(made, found, 0, 50), await opening(made, found, 1, 500)];
    return [
      `an entry over HTTP, paced:        ${summary(answers)}`,
      `on another screen after sending:  ${summary(seen)} (${seen.length} of ${sent.size})`,
      `opening the bench's page with 50 entries ${few.toFixed(0)} ms, with 500 ${many.toFixed(0)} ms: ${(many / few).toFixed(2)} times`,
    ];
  } finally {
    await end(app);
  }
}

/** Median time in the browser from asking for a bench's page to its sentence and its record standing there. */
async function opening({ groups, pins, joinCode }, at, index, count) {
  const { name, call, log } = groups[index];
  for (let n = 0; n < count; n += 1) {
    await (
      await call('POST', `/logs/${log}/entries`, { ...draftOf(log, n), body: { k: 'words', text: `Note ${n}` } })
    ).json();
  }
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const context = await browser.newContext({ baseURL: `http://127.0.0.1:${at}`, serviceWorkers: 'block' });
    await context.request.post('/api/v1/session', {
      headers: { 'Sec-Fetch-Site': 'same-origin' },
      data: { as: 'group', joinCode, bench: name, pin: pins[index] },
    });
    const times = [];
    for (let i = 0; i < 12; i += 1) {
      const page = await context.newPage();
      const start = performance.now();
      await page.goto('/bench', { waitUntil: 'commit' });
      await page.getByText(`Note ${count - 1}`).waitFor();
      await page.locator('.bench-sentence').waitFor();
      if (i > 1) times.push(performance.now() - start);
      await page.close();
    }
    return times.sort((a, b) => a - b)[Math.floor(times.length / 2)];
  } finally {
    await browser.close();
  }
}

export async function createDatabase(server, name) {
  const { createConnection } = await import('mariadb');
  const connection = await createConnection(server);
  await connection.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
  await connection.end();
}

/** Reads a live feed to its end; tells every entry. */
export async function follow(reader, onEntry) {
  const decoder = new TextDecoder();
  let text = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    text += decoder.decode(value, { stream: true });
    const events = text.split('\n\n');
    text = events.pop() ?? '';
    for (const event of events) {
      const data = event
        .split('\n')
        .find((line) => line.startsWith('data: '))
        ?.slice(6);
      const { k, entries } = data ? JSON.parse(data) : {};
      if (k === 'entries') entries.forEach(onEntry);
    }
  }
}
