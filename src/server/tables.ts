import 'server-only';
import { QueryTypes } from 'sequelize';
import { database } from './database';
import { databaseFault } from './databaseFault';
import { withoutSql } from './withoutSql';
import type { Transaction } from 'sequelize';

/** Values of a statement, by name. */
export type Values = Readonly<Record<string, string | number | Date | null>>;
/** Values of a query, of which some may be lists for IN. */
export type Asked = Readonly<Record<string, Values[string] | readonly string[]>>;

/** Rows of a query with named replacements. */
export function rows<T extends object>(sql: string, values: Asked = {}, transaction?: Transaction): Promise<T[]> {
  return bare(() =>
    database().query<T>(sql, {
      replacements: { ...values },
      type: QueryTypes.SELECT,
      ...(transaction ? { transaction } : {}),
    }),
  );
}

/** Inserts one row; keys are column names. */
export async function insert(table: string, values: Values, transaction?: Transaction): Promise<void> {
  await bare(() =>
    database()
      .getQueryInterface()
      .bulkInsert(table, [{ ...values }], transaction ? { transaction } : {}),
  );
}

/** Runs a statement that returns nothing of interest; values by name, or in order where some are bytes. */
export async function run(
  sql: string,
  values: Values | readonly (string | number | Buffer)[] = {},
  transaction?: Transaction,
): Promise<void> {
  await bare(() =>
    database().query(sql, {
      replacements: Array.isArray(values) ? [...(values as readonly unknown[])] : { ...(values as Values) },
      type: QueryTypes.RAW,
      ...(transaction ? { transaction } : {}),
    }),
  );
}

/** What goes wrong is told without the statement. */
async function bare<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    const fault = databaseFault(error);
    // A page that fails for it says so in words.
    if (fault) Object.assign(error as object, { digest: fault.digest });
    throw withoutSql(error);
  }
}
