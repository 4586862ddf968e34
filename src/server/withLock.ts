import 'server-only';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize';

/** Runs work while no other process does the same; the lock lives on a connection of its own. */
export async function withLock<T>(
  sequelize: Sequelize,
  name: string,
  seconds: number,
  work: () => Promise<T>,
): Promise<T> {
  return sequelize.transaction(async (transaction) => {
    const [row] = await sequelize.query<{ got: number }>('SELECT GET_LOCK(?, ?) AS got', {
      replacements: [name, seconds],
      type: QueryTypes.SELECT,
      transaction,
    });
    if (row?.got !== 1) throw new Error(`another process has been at this database's ${name} for ${seconds} seconds`);
    try {
      return await work();
    } finally {
      await sequelize.query('SELECT RELEASE_LOCK(?)', { replacements: [name], type: QueryTypes.SELECT, transaction });
    }
  });
}
