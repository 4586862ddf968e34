import type { ValidateOptions } from 'yup';

/** A schema, also one that is chosen by what it judges. */
interface Judge {
  readonly validateSync: (value: unknown, options?: ValidateOptions) => unknown;
}

/**
 * A value that a strict schema has judged, as the type that the schema stands for: what Yup infers of it knows neither `readonly` nor
 * the unions behind a test.
 *
 * @throws ValidationError
 */
export const judged = <T>(schema: Judge, value: unknown, options: ValidateOptions = {}): T =>
  schema.validateSync(value, { strict: true, ...options }) as T;
