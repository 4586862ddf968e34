import { ApiError } from '@/api/client';
import { slug } from '@/core/slug';
import type { TabulatedValue } from '@/core/reference/substance';

/** A fault of an entry that the server refused. */
export interface EntryFault {
  readonly path: string;
  readonly reason: string;
}

/** What went wrong when an entry was to be stored. */
export interface EntryProblem {
  readonly says: string;
  readonly faults: readonly EntryFault[];
}

/** A failure to store in words, with the faults the server named. */
export function problemOf(error: unknown): EntryProblem {
  if (!(error instanceof ApiError)) return { says: 'The entry could not be stored. Nothing is lost here.', faults: [] };
  return { says: error.message, faults: (error.details as readonly EntryFault[] | undefined) ?? [] };
}

/** Text of a value as it is typed: "113–115", "1.022 @ 20", "miscible". */
export function typedValue(value: Pick<TabulatedValue, 'digits' | 'high' | 'at_C'> | undefined): string {
  if (!value) return '';
  const range = value.high === undefined ? value.digits : `${value.digits} to ${value.high}`;
  return value.at_C === undefined ? range : `${range} @ ${value.at_C}`;
}

/**
 * Reads a value as it is typed: a numeral, a range with "to" or an en dash, "@" and a temperature.
 *
 * @returns nothing for an empty text; the parts otherwise, right or wrong: the server judges them
 * @example readValue('113 to 115') // → { digits: '113', high: '115' }
 */
export function readValue(text: string): Pick<TabulatedValue, 'digits' | 'high' | 'at_C'> | undefined {
  const [number = '', at] = text
    .trim()
    .replace(/−/g, '-')
    .split(/\s*@\s*/);
  if (number === '') return undefined;
  const [, digits = number, high] = /^(-?[\d.]+)\s*(?:to|–)\s*(-?[\d.]+)$/.exec(number) ?? [];
  const warm = at === undefined || at === '' ? undefined : Number(at.replace(/\s*°?C$/, ''));
  return { digits, ...(high === undefined ? {} : { high }), ...(warm === undefined ? {} : { at_C: warm }) };
}

/** An id from a name, as the library's entries have them. */
export function idFrom(name: string): string {
  return slug(name, 40) || 'entry';
}
