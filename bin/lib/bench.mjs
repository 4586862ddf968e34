import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startMariaDb } from './mariadb.mjs';
import { ensureDebianPackages, ensureNodeModules, run, say } from './system.mjs';

// Benchmarks with a database of their own, written to disk as in use. Numbers only: nothing here passes or fails.
const script = (name, env = process.env) =>
  run(
    'node',
    ['--conditions=react-server', 'node_modules/tsx/dist/cli.mjs', '--conditions=react-server', `scripts/${name}.ts`],
    { env },
  );
const folder = mkdtempSync(join(tmpdir(), 'mozle-bench-'));
let database;
try {
  ensureDebianPackages(['mariadbd', 'mariadb']);
  await ensureNodeModules();
  say((await script('benchPlan')).output.trim());
  database = await startMariaDb(folder);
  say((await script('benchRecord', { ...process.env, DATABASE_URL: database.url('mozle') })).output.trim());
} finally {
  await database?.stop();
  rmSync(folder, { recursive: true, force: true });
}
