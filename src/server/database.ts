import 'server-only';
import mariadb from 'mariadb';
import { Sequelize } from 'sequelize';
import { config } from './config';

/**
 * Opens a pool. Times are UTC; names in the database are snake_case.
 *
 * @param patient for changes of the schema and commands, which take the time they take
 */
export function connect(url: string, poolSize: number, patient = false): Sequelize {
  return new Sequelize(url, {
    dialect: 'mariadb',
    dialectModule: mariadb,
    logging: false,
    timezone: '+00:00',
    dialectOptions: {
      // The default of one second gives up while a busy process is only slow.
      connectTimeout: 10_000,
      // A frozen database must not hold requests for ever; nor may a statement or a lock.
      ...(patient
        ? {}
        : { socketTimeout: 20_000, initSql: 'SET SESSION max_statement_time = 15, innodb_lock_wait_timeout = 8' }),
    },
    pool: { max: poolSize, acquire: 10_000 },
    define: { timestamps: false, underscored: true, freezeTableName: true },
  });
}

const holder = globalThis as typeof globalThis & { mozleDatabase?: Sequelize };

/** The process's pool: one, although Next loads this module once for each bundle. */
export function database(): Sequelize {
  holder.mozleDatabase ??= connect(config.databaseUrl, config.poolSize);
  return holder.mozleDatabase;
}
