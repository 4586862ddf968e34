import 'server-only';
import mariadb from 'mariadb';
import { Sequelize } from 'sequelize';
import { config } from './config';

/** Opens a pool. Times are UTC; names in the database are snake_case. */
export function connect(url: string, poolSize: number): Sequelize {
  return new Sequelize(url, {
    dialect: 'mariadb',
    dialectModule: mariadb,
    logging: false,
    timezone: '+00:00',
    // The default of one second gives up while a busy process is only slow.
    dialectOptions: { connectTimeout: 10_000 },
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
