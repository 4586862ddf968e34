import 'server-only';
import { QueryTypes } from 'sequelize';
import { database } from './database';
import type { Transaction } from 'sequelize';

/** Values of a statement, by name. */
export type Values = Readonly<Record<string, string | number | Date | null>>;

/** Rows of a query with named replacements. */
export function rows<T extends object>(sql: string, values: Values = {}, transaction?: Transaction): Promise<T[]> {
  return database().query<T>(sql, {
    replacements: { ...values },
    type: QueryTypes.SELECT,
    ...(transaction ? { transaction } : {}),
  });
}

/** Inserts one row; keys are column names. */
export async function insert(table: string, values: Values, transaction?: Transaction): Promise<void> {
  await database()
    .getQueryInterface()
    .bulkInsert(table, [{ ...values }], transaction ? { transaction } : {});
}

/** Runs a statement that returns nothing of interest. */
export async function run(sql: string, values: Values = {}, transaction?: Transaction): Promise<void> {
  await database().query(sql, {
    replacements: { ...values },
    type: QueryTypes.RAW,
    ...(transaction ? { transaction } : {}),
  });
}
