import { schemaOf } from './schema';
import type { Fields } from './fields';
import type { ParamsSchema } from './schema';

type Params = Readonly<Record<string, unknown>>;

/** Parameters as an earlier version of an operation had them; frozen. */
export interface Earlier {
  readonly fields: Fields;
  /** Brings them to the version after. */
  readonly upgrade: (params: Params) => Params;
}

/** One version of an operation's parameters. */
export interface Version {
  readonly fields: Fields;
  readonly schema: ParamsSchema;
}

/** Versions before today's, the first one first. */
export const earlierVersions = (earlier: readonly Earlier[]): readonly Version[] =>
  earlier.map(({ fields }) => ({ fields, schema: schemaOf(fields) }));

/**
 * Parameters of an earlier version as today's.
 *
 * @param from version in which they are written, from 1 on; today's are handed back
 */
export const upgraded = (earlier: readonly Earlier[], params: Params, from: number): Params =>
  earlier.slice(from - 1).reduce((now, { upgrade }) => upgrade(now), params);
