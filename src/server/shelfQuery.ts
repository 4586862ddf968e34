import 'server-only';
import { number, object, string, ValidationError } from 'yup';
import { AppError } from './appError';
import { lengths, levels } from '@/core/library/stored';
import type { ShelfQuery } from '@/core/library/stored';

const schema = object({
  words: string().max(200, 'search for at most 200 characters'),
  operation: string().matches(/^[A-Za-z]{1,40}$/, 'is no operation'),
  level: string().oneOf(levels, 'is no level'),
  length: string().oneOf(lengths, 'is no length'),
  tag: string().max(40),
  archived: string().oneOf(['true', 'false']),
  offset: number().integer().min(0).max(1_000_000),
}).noUnknown('holds what no search knows');

/** What an address asks for; refused in words when it asks for what there is not. */
export function shelfQueryOf(params: URLSearchParams): ShelfQuery {
  const given = Object.fromEntries([...params].filter(([, value]) => value !== ''));
  try {
    const { archived, ...rest } = schema.validateSync(given, { strict: false, stripUnknown: false });
    const query = Object.fromEntries(Object.entries(rest).filter(([, value]) => value !== undefined)) as ShelfQuery;
    return { ...query, archived: archived === 'true' };
  } catch (error) {
    if (error instanceof ValidationError) throw new AppError('badRequest', error.message);
    throw error;
  }
}
