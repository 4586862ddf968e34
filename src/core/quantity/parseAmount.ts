import { findUnit, toCanonical, unitsOf } from './units';
import type { Dim, Typed } from './dims';

/** Why a keyed amount was refused; `findings` turns it into words. */
export type AmountFault =
  | 'empty'
  | 'tooLong'
  | 'comma'
  | 'notANumber'
  | 'missingUnit'
  | 'unknownUnit'
  | 'wrongKind'
  | 'negative'
  | 'zero'
  | 'tooLarge';

/** Either the amount as typed, or the fault with the text it concerns. */
export type ParsedAmount =
  | { readonly ok: true; readonly typed: Typed }
  | { readonly ok: false; readonly fault: AmountFault; readonly got: string; readonly units: readonly string[] };

/** What a field takes. */
export interface ParseAmountOptions {
  /** Kinds of quantity the field accepts. */
  readonly dims: readonly Dim[];
  /** Unit assumed for a bare number. @default none: a unit must be typed */
  readonly unit?: string;
  /** Accept 0. @default false */
  readonly zero?: boolean;
  /** Accept numbers below zero, for temperatures. @default false */
  readonly negative?: boolean;
}

const numeral = /^[+\-−]?(?:\d+\.?\d*|\.\d+)/;
const longestPart = 9;
const largest = 1e9;

/**
 * Reads an amount as a person keys it: "6.54", "250 mg", ".5 mL". Digits are kept as keyed. A comma is refused
 * rather than guessed: "1,500" is 1.5 to one reader and 1500 to another. At most nine digits on each side of the point.
 *
 * @example parseAmount('250 mg', { dims: ['mass'] }) // → { ok: true, typed: { q: { dim: 'mass', value: 0.25 }, digits: '250', unit: 'mg' } }
 */
export function parseAmount(text: string, options: ParseAmountOptions): ParsedAmount {
  const got = text.trim().slice(0, 40);
  const refuse = (fault: AmountFault): ParsedAmount => ({
    ok: false,
    fault,
    got,
    units: options.dims.flatMap(unitsOf),
  });
  if (text.trim() === '') return refuse('empty');
  if (text.length > 40) return refuse('tooLong');
  if (/\d,\d/.test(got)) return refuse('comma');
  const match = numeral.exec(got);
  if (!match) return refuse('notANumber');
  const rest = got.slice(match[0].length).trim();
  if (/^[\d.]/.test(rest)) return refuse('notANumber');
  if (match[0].split('.').some((part) => part.replace(/\D/g, '').length > longestPart)) return refuse('tooLong');
  const symbol = rest === '' ? options.unit : rest;
  if (symbol === undefined) return refuse('missingUnit');
  const unit = findUnit(symbol);
  if (!unit) return refuse('unknownUnit');
  if (!options.dims.includes(unit.dim)) return refuse('wrongKind');
  const digits = match[0]
    .replace('−', '-')
    .replace(/^\+/, '')
    .replace(/^(-?)\./, '$10.')
    .replace(/\.$/, '');
  const value = toCanonical(digits, unit.symbol);
  if (value < 0 && options.negative !== true) return refuse('negative');
  if (value === 0 && options.zero !== true) return refuse('zero');
  if (value > largest) return refuse('tooLarge');
  return { ok: true, typed: { q: { dim: unit.dim, value }, digits, unit: unit.symbol } };
}
