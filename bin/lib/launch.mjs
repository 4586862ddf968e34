import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { prepareDatabase, startApp } from './app.mjs';
import { appLog } from './appLog.mjs';
import { startMariaDb } from './mariadb.mjs';
import { settingFaults, settingOf } from './sources.mjs';
import { supervise } from './supervise.mjs';
import { ensureBuild, ensureDebianPackages, lock, port, say, Stop, unlock } from './system.mjs';

/**
 * Starts database and app and keeps both running until the operator ends it.
 *
 * @param env what is set beside the environment
 * @param fresh whether the own database starts over
 * @param onReady what is told then, with the port, the database's address and the environment of the app
 */
export async function launch({ env: set = {}, fresh = false, onReady }) {
  const folder = settingOf('MOZLE_DATA');
  const outside = settingOf('DATABASE_URL');
  const keepers = [];
  let database;
  let closing = false;
  let isTold = false;
  const close = async (code) => {
    if (closing) return;
    closing = true;
    // The app before the database.
    for (const { stop } of keepers.reverse()) await stop();
    if (keepers.length === 0) await database?.stop();
    // Of the one that runs: a second start that is refused leaves it.
    if (isTold) rmSync(join(folder, 'address'), { force: true });
    if (!outside) unlock(folder);
    process.exit(code);
  };
  try {
    const faults = settingFaults({ ...process.env, ...set });
    if (faults.length > 0) throw new Stop(faults.join('\n'));
    const at = await port(Number(settingOf('PORT')));
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    // The lock guards the local database; instances on a server of its own may run side by side.
    if (!outside) lock(folder);
    process.on('SIGINT', () => close(0));
    process.on('SIGTERM', () => close(0));
    if (!outside) ensureDebianPackages(['mariadbd', 'mariadb']);
    if (fresh)
      for (const name of ['mariadb', 'password', 'mariadb.log', 'keys.json', 'anchors.jsonl'])
        rmSync(join(folder, name), { recursive: true, force: true });
    // The database first: were both started at once, a failing build would leave it running with nobody to stop it.
    if (!outside) {
      database = await startMariaDb(folder);
      const { at: wanted } = database;
      let isFirst = true;
      keepers.push(
        await supervise({
          name: 'the database',
          start: async () => {
            if (!isFirst) database = await startMariaDb(folder, { wanted });
            isFirst = false;
            return database.server;
          },
          alive: () => database.answers(),
        }),
      );
    }
    await ensureBuild(settingOf('MOZLE_DIST', { ...process.env, ...set }));
    const address = outside || database.url('mozle');
    // For the commands that work on the same database.
    writeFileSync(join(folder, 'address'), address, { mode: 0o600 });
    isTold = true;
    const env = { ...process.env, ...set, DATABASE_URL: address };
    for (const line of await prepareDatabase(env)) say(line);
    const log = appLog(folder);
    keepers.push(
      await supervise({
        name: 'the app',
        start: () => startApp(at, env, log),
        alive: () => answers(at),
      }),
    );
    await onReady({ at, env, database: address });
  } catch (error) {
    console.error(error instanceof Stop ? error.message : error);
    await close(1);
  }
}

/** Whether the app answers at all; that its database is away is no reason to end it. */
async function answers(at) {
  const answer = await fetch(`http://127.0.0.1:${at}/api/health`, { signal: AbortSignal.timeout(8000) }).catch(
    () => undefined,
  );
  await answer?.arrayBuffer().catch(() => undefined);
  return answer !== undefined;
}
