import { spawn } from 'node:child_process';
import { run, Stop } from './system.mjs';

/** Where the tests' build of the app lies. */
export const testDist = '.next-test';

/** Environment of the tests' app on a database: its own build, keys in the test's folder, the demo's sign-ins, a quiet log. */
export const testEnv = (url, folder) => ({
  ...process.env,
  DATABASE_URL: url,
  MOZLE_DATA: folder,
  MOZLE_DEMO: '1',
  MOZLE_DIST: testDist,
  LOG_LEVEL: 'error',
});

/** Runs one of the app's scripts, which are TypeScript and for the server only. */
export const runScript = (name, args, env) =>
  run(
    'node',
    [
      '--conditions=react-server',
      'node_modules/tsx/dist/cli.mjs',
      '--conditions=react-server',
      `scripts/${name}.ts`,
      ...args,
    ],
    { env },
  );

/** Migrates the database and loads the demo scenario when asked. */
export async function prepareDatabase(env, options = []) {
  const { code, output } = await runScript('prepareDatabase', options, env);
  const lines = output.trim().split('\n');
  const problem = lines.find((line) => line.startsWith('problem: '))?.slice(9);
  if (code !== 0) throw new Stop(`The database could not be prepared: ${problem ?? lines.at(-1)}`);
  return lines.filter((line) => line.startsWith('database:'));
}

/**
 * Starts the built app on a port and waits until it answers.
 *
 * @param output where it logs to: a descriptor, or something that takes its parts
 */
export async function startApp(port, env, output = 'inherit') {
  const isTaken = typeof output.write === 'function';
  const child = spawn('node', ['bin/lib/serve.mjs'], {
    env: { ...env, PORT: String(port), NODE_ENV: 'production' },
    stdio: isTaken ? ['ignore', 'pipe', 'pipe'] : ['ignore', output, output],
    detached: true,
  });
  if (isTaken) for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => output.write(part));
  const deadline = Date.now() + 30_000;
  while (Date.now() < deadline) {
    if (child.exitCode !== null) throw new Stop('The app did not start.');
    const answer = await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => undefined);
    // A database that is away is seen to by itself.
    if (answer) return child;
    await new Promise((next) => setTimeout(next, 100));
  }
  child.kill();
  throw new Stop('The app did not answer within 30 s.');
}
