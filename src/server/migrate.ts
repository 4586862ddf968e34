import 'server-only';
import { SequelizeStorage, Umzug } from 'umzug';
import { connect } from './database';
import { migrations } from './migrations';
import { withLock } from './withLock';
import type { QueryInterface, Sequelize } from 'sequelize';
import type { Migration } from './migrations/shapes';

const lockName = 'mozle-migrate';
const lockSeconds = 60;

/** Brings the schema of a database up to date, or all the way down. One process at a time; reports each step. */
export async function migrate(
  url: string,
  direction: 'up' | 'down' = 'up',
  list: readonly Migration[] = migrations,
): Promise<readonly string[]> {
  // Its own pool: the lock lives on one connection while the migrations run on another.
  const sequelize = connect(url, 2, true);
  try {
    return await withLock(sequelize, lockName, lockSeconds, async () => {
      const storage = new SequelizeStorage({ sequelize, tableName: 'migrations' });
      const umzug = umzugOf(sequelize, storage, list);
      const executed = new Set(await storage.executed());
      const missing = list.slice(0, executed.size).find(({ name }) => !executed.has(name));
      if (missing)
        throw new Error(
          `the database has run later or unknown steps but not "${missing.name}": another version of the app made it`,
        );
      if (executed.size > list.length) throw new Error('the database is newer than this version of the app');
      const done = direction === 'up' ? await umzug.up() : await umzug.down({ to: 0 });
      return done.map(({ name }) => name);
    });
  } finally {
    await sequelize.close();
  }
}

function umzugOf(sequelize: Sequelize, storage: SequelizeStorage, list: readonly Migration[]) {
  return new Umzug({
    migrations: list.map(({ name, up, down }) => ({
      name,
      up: ({ context }: { context: QueryInterface }) => up(context),
      down: ({ context }: { context: QueryInterface }) => down(context),
    })),
    context: sequelize.getQueryInterface(),
    storage,
    logger: undefined,
  });
}
