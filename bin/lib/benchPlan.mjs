import { openSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { createDatabase } from './benchHttp.mjs';
import { prepareDatabase, startApp, testDist, testEnv } from './app.mjs';
import { end, ensureBuild, port } from './system.mjs';

const many = 500;
const keysTyped = 60;
const [lines, steps] = [40, 60];

/**
 * The screens on which people write: from a key to the picture that shows it, on a plan of 40 lines and 60 steps; and the library with
 * 500 preparations against one with a few.
 */
export async function benchPlan(folder, database) {
  await ensureBuild(testDist);
  const { register } = await import('tsx/esm/api');
  register();
  const { summary } = await import('../../scripts/timings.ts');
  const env = { ...testEnv(database.url('mozle_plan'), folder), DATABASE_URL: database.url('mozle_plan') };
  await createDatabase(database.url('mozle'), 'mozle_plan');
  await prepareDatabase(env);
  const found = await port();
  const app = await startApp(found, env, openSync(join(folder, 'plan.log'), 'a'));
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const context = await browser.newContext({
      baseURL: `http://127.0.0.1:${found}`,
      viewport: { width: 1280, height: 800 },
      serviceWorkers: 'block',
    });
    const ask = (method, path, data) =>
      context.request.fetch(`/api/v1${path}`, { method, data, headers: { 'Sec-Fetch-Site': 'same-origin' } });
    await ask('POST', '/session', { as: 'demo', role: 'coordinator' });
    const text = readFileSync('src/data/preparations/acetanilide.json', 'utf8');
    const few = await library(context, 7);
    const { id } = await (await ask('POST', '/preparations', large(JSON.parse(text)))).json();
    const typed = [];
    for (const [room, label] of [
      ['', 'Benches'],
      ['/procedure', 'Benches'],
      ['/procedure', 'Time, min'],
    ]) {
      const { painted, followed } = await typing(context, `/preparations/${id}${room}`, label);
      const where = `${lines} lines and ${steps} steps, ${room === '' ? 'charge' : 'procedure'}, “${label}”`;
      typed.push(
        `key to paint, ${where}: ${summary(painted)}`,
        `key to all that follows from it, ${where}: ${summary(followed)}`,
      );
    }
    for (let i = 0; i < many; i += 1)
      await ask('POST', '/preparations', text.replace('"title": "Acetanilide"', `"title": "Amide ${i}"`));
    const full = await library(context, 24);
    return [
      ...typed,
      `opening the library with 7 preparations ${few.toFixed(0)} ms, with ${many} more ${full.toFixed(0)} ms: ${(full / few).toFixed(2)} times`,
    ];
  } finally {
    await browser.close();
    await end(app);
  }
}

/** Acetanilide with so many lines and steps. */
function large(doc) {
  const more = Array.from({ length: lines - doc.lines.length }, (_, i) => ({
    id: `more-${i}`,
    substance: 'water',
    role: 'rinse',
    entered: { by: 'volume', digits: '2.0', unit: 'mL' },
  }));
  const all = Array.from({ length: steps }, (_, i) => {
    const step = { ...doc.steps[i % doc.steps.length] };
    delete step.after;
    return { ...step, id: i < doc.steps.length ? step.id : `${step.id}-${i}` };
  });
  return { ...doc, title: 'Large', lines: [...doc.lines, ...more], steps: all };
}

/** Times from a key to the frame after the one in which it was drawn, and to the last change that it led to on the page. */
async function typing(context, address, label) {
  const page = await context.newPage();
  await page.goto(address);
  const field = page.getByLabel(label, { exact: true }).first();
  await field.waitFor();
  await page.waitForLoadState('networkidle');
  await field.focus();
  await page.evaluate(() => {
    const told = { painted: [], followed: [] };
    let start = 0;
    let last = 0;
    new MutationObserver(() => (last = performance.now())).observe(document.querySelector('.plan-grid'), {
      subtree: true,
      childList: true,
      characterData: true,
      attributes: true,
    });
    document.addEventListener(
      'keydown',
      ({ key }) => {
        if (!/^\d$/.test(key)) return;
        start = performance.now();
        last = start;
        requestAnimationFrame(() => {
          // After the frame that the key led to has been drawn.
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => told.painted.push(performance.now() - start);
          port2.postMessage(0);
        });
      },
      true,
    );
    globalThis.told = told;
    globalThis.rest = () =>
      new Promise((done) =>
        setTimeout(() => {
          if (last > start) told.followed.push(last - start);
          done();
        }, 350),
      );
  });
  for (let i = 0; i < keysTyped; i += 1) {
    await page.keyboard.press('Control+A');
    await page.keyboard.press(String(2 + (i % 8)));
    await page.evaluate(() => globalThis.rest());
  }
  const { painted, followed } = await page.evaluate(() => globalThis.told);
  await page.close();
  // The first ones warm up.
  return { painted: painted.slice(8), followed: followed.slice(8) };
}

/** Median time from asking for the library to its cards standing there. */
async function library(context, cards) {
  const times = [];
  for (let i = 0; i < 12; i += 1) {
    const page = await context.newPage();
    const start = performance.now();
    await page.goto('/preparations', { waitUntil: 'commit' });
    await page
      .getByRole('listitem')
      .filter({ has: page.getByRole('heading') })
      .nth(cards - 1)
      .waitFor();
    if (i > 1) times.push(performance.now() - start);
    await page.close();
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)];
}
