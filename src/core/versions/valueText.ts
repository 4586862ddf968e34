import { enteredText } from '../words/parseEntered';
import { isObject } from './sameValue';
import type { Entered } from '../document/document';

const longest = 80;
const shortened = (text: string) => (text.length > longest ? `${text.slice(0, longest - 1)}…` : text);

/** What somebody calls an id of the document. */
export type NameOf = (id: string) => string;

/** A value of a document in words, for a list of what changed. */
export function valueText(value: unknown, nameOf: NameOf): string {
  if (value === undefined) return 'none';
  if (value === true) return 'yes';
  if (value === false) return 'no';
  if (typeof value === 'string') return shortened(nameOf(value)) || 'nothing';
  if (typeof value === 'number') return String(value);
  if (Array.isArray(value)) return shortened(value.map((one) => valueText(one, nameOf)).join(', ')) || 'nothing';
  if (!isObject(value)) return 'none';
  return shortened(objectText(value, nameOf));
}

function objectText(value: Readonly<Record<string, unknown>>, nameOf: NameOf): string {
  if (isEntered(value)) return enteredText(value);
  const { by, digits, low, typical, high, at_C } = value;
  if (by === 'molarity') return `${String(digits)} M`;
  if (by === 'massFraction') return `${String(digits)} % w/w`;
  if (typeof digits === 'string') return typeof at_C === 'number' ? `${digits} at ${String(at_C)} °C` : digits;
  if (typical !== undefined && (typeof typical === 'string' || typeof typical === 'number'))
    return low === undefined && high === undefined
      ? String(typical)
      : `${String(typical)} (${String(low ?? '?')}–${String(high ?? '?')})`;
  return Object.entries(value)
    .map(([key, one]) => `${key} ${valueText(one, nameOf)}`)
    .join(', ');
}

const ways = new Set(['mass', 'volume', 'amount', 'expected', 'equivalents', 'molPercent', 'perMass', 'words']);
const isEntered = (value: object): value is Entered =>
  'by' in value && typeof value.by === 'string' && ways.has(value.by);
