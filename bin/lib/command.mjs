import { ensureNode, ensureNodeModules, ensureSpace, isInstalled, Stop } from './system.mjs';

// The one way from bin/ to a program that imports packages. Nothing here or in system.mjs imports one, so that this runs on a fresh
// machine: commands that start Mozle install it first, the others say that it is not there.
const programs = {
  demo: { file: './demo.mjs', installs: true },
  start: { file: './start.mjs', installs: true },
  account: { file: './account.mjs' },
  backup: { file: './backup.mjs' },
  restore: { file: './restore.mjs' },
  keys: { file: './keys.mjs' },
  rebuild: { file: './rebuild.mjs' },
  verify: { file: './verify.mjs' },
  'test-crash': { file: './crash.mjs' },
  'test-cluster': { file: './cluster.mjs' },
  bench: { file: './bench.mjs', installs: true },
};
const neededMB = 1500;

const [name] = process.argv.splice(2, 1);
const { file, installs } = programs[name];
try {
  ensureNode();
  if (installs) {
    ensureSpace('.', neededMB);
    await ensureNodeModules();
  } else if (!isInstalled())
    throw new Stop('Mozle is not installed here yet: bin/start, bin/demo or bin/test does that first.');
} catch (error) {
  console.error(error instanceof Stop ? error.message : error);
  process.exit(1);
}
await import(file);
