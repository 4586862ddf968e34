import 'server-only';
import { QueryTypes } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { connect } from './database';
import { migrations } from './migrations';
import type { QueryInterface, Sequelize } from 'sequelize';
import type { Migration } from './migrations';

const lockName = 'mozle-migrate';
const lockSeconds = 60;

/** Brings the schema of a database up to date, or all the way down. One process at a time; reports each step. */
export async function migrate(url: string, direction: 'up' | 'down' = 'up', list: readonly Migration[] = migrations): Promise<readonly string[]> {
  // Its own pool: the lock lives on one connection while the migrations run on another.
  const sequelize = connect(url, 2);
  try {
    return await locked(sequelize, async () => {
      const umzug = umzugOf(sequelize, list);
      const executed = await umzug.executed();
      executed.forEach(({ name }, i) => {
        if (list[i]?.name !== name) throw new Error(`the database has run "${name}" as step ${i + 1}, this version knows "${list[i]?.name ?? 'no such step'}" there`);
      });
      const done = direction === 'up' ? await umzug.up() : await umzug.down({ to: 0 });
      return done.map(({ name }) => name);
    });
  } finally {
    await sequelize.close();
  }
}

function umzugOf(sequelize: Sequelize, list: readonly Migration[]) {
  return new Umzug({
    migrations: list.map(({ name, up, down }) => ({
      name,
      up: ({ context }: { context: QueryInterface }) => up(context),
      down: ({ context }: { context: QueryInterface }) => down(context),
    })),
    context: sequelize.getQueryInterface(),
    storage: new OrderedStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
}

// The stock storage lists names alphabetically; the order of the list is what counts here.
class OrderedStorage extends SequelizeStorage {
  override async executed(...args: Parameters<SequelizeStorage['executed']>): Promise<string[]> {
    const done = new Set(await super.executed(...args));
    const known = migrations.map(({ name }) => name).filter((name) => done.has(name));
    return [...known, ...[...done].filter((name) => !known.includes(name))];
  }
}

async function locked<T>(sequelize: Sequelize, work: () => Promise<T>): Promise<T> {
  return sequelize.transaction(async (transaction) => {
    const [row] = await sequelize.query<{ got: number }>('SELECT GET_LOCK(?, ?) AS got', {
      replacements: [lockName, lockSeconds],
      type: QueryTypes.SELECT,
      transaction,
    });
    if (row?.got !== 1) throw new Error(`another process has been migrating this database for ${lockSeconds} seconds`);
    try {
      return await work();
    } finally {
      await sequelize.query('SELECT RELEASE_LOCK(?)', { replacements: [lockName], type: QueryTypes.SELECT, transaction });
    }
  });
}
