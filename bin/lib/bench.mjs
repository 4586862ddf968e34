import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { benchHttp } from './benchHttp.mjs';
import { benchPages } from './benchPages.mjs';
import { benchPlan } from './benchPlan.mjs';
import { benchHostile, benchLoad } from './benchLoad.mjs';
import { startMariaDb } from './mariadb.mjs';
import { ensureDebianPackages, run, say } from './system.mjs';

// Benchmarks with a database of their own, written to disk as in use. Numbers only: nothing here passes or fails.
const script = (name, env = process.env) =>
  run(
    'node',
    ['--conditions=react-server', 'node_modules/tsx/dist/cli.mjs', '--conditions=react-server', `scripts/${name}.ts`],
    { env },
  );
/** What the browser computes itself, measured in the browser. */
async function inBrowser() {
  const { build } = await import('esbuild');
  const { chromium } = await import('@playwright/test');
  const { outputFiles } = await build({
    entryPoints: ['scripts/benchProcess.ts'],
    bundle: true,
    write: false,
    minify: true,
    format: 'iife',
    tsconfig: 'tsconfig.json',
  });
  const preparations = 'src/data/preparations';
  const docs = readdirSync(preparations).map((file) => JSON.parse(readFileSync(join(preparations, file), 'utf8')));
  const pair = docs.find(({ title }) => title.startsWith('Cyclohexane')).substances;
  const liquid = (id, M) => {
    const { antoine, density } = pair.find((one) => one.id === id);
    return { antoine, M, density: Number(density.digits) };
  };
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
  try {
    const page = await browser.newPage();
    await page.addScriptTag({ content: outputFiles[0].text });
    const bench = { docs, lighter: liquid('cyclohexane', 84.16), heavier: liquid('toluene', 92.14) };
    return await page.evaluate((given) => globalThis.benchProcess(given), bench);
  } finally {
    await browser.close();
  }
}

const folder = mkdtempSync(join(tmpdir(), 'mozle-bench-'));
let database;
try {
  ensureDebianPackages(['mariadbd', 'mariadb', 'chromium']);
  say((await script('benchPlan')).output.trim());
  for (const line of await inBrowser()) say(line);
  database = await startMariaDb(folder);
  say(
    (
      await script('benchRecord', { ...process.env, DATABASE_URL: database.url('mozle'), MOZLE_DATA: folder })
    ).output.trim(),
  );
  for (const measure of [benchPlan, benchHttp, benchPages, benchLoad, benchHostile])
    for (const line of await measure(folder, database)) say(line);
} finally {
  await database?.stop();
  rmSync(folder, { recursive: true, force: true });
}
