import type { Dim, Quantity } from './dims';
import type { FormulaId } from '../words/formulaCatalogue';

/** Where an input of a computed number came from. */
export type Source =
  | {
      readonly at: 'line' | 'entry' | 'reference' | 'setting' | 'device' | 'equation' | 'assumption' | 'prediction';
      readonly id: string;
      readonly field?: string;
    }
  | { readonly at: 'worked'; readonly of: Worked };

/** One input of a formula: its value as it went in, how to print it, and its source. */
export interface WorkedInput {
  readonly q: Quantity;
  readonly unit: string;
  readonly figures: number;
  readonly source: Source;
}

/** A number that can show how it was made. Plain JSON: the words come from the formula catalogue. */
export interface Worked<D extends Dim = Dim> {
  readonly q: Quantity<D>;
  /** Standard uncertainty in the canonical unit; absent when no input carries one. */
  readonly u?: number;
  readonly figures: number;
  readonly unit: string;
  readonly formula: FormulaId;
  readonly inputs: Readonly<Record<string, WorkedInput>>;
  readonly certain: 'measured' | 'computed' | 'modelled' | 'assumed';
}

/** "Cannot tell" is a value, never NaN. */
export type Outcome<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly why: string };

/**
 * Significant figures of a product or quotient: those of the least certain measured input. Counts, coefficients and
 * settings are exact and do not limit.
 *
 * @example figuresOfProduct({ m: { figures: 3, source: { at: 'line', id: 'a' } }, n: { figures: 1, source: { at: 'equation', id: 'r' } } }) // → 3
 */
export function figuresOfProduct(inputs: Readonly<Record<string, WorkedInput>>): number {
  const measured = Object.values(inputs).filter(({ source }) => source.at !== 'equation' && source.at !== 'setting');
  return measured.length === 0 ? 4 : Math.min(...measured.map(({ figures }) => figures));
}

/**
 * The result of one formula taken as an input of the next.
 *
 * @example fromWorked({ q: { dim: 'mass', value: 1 }, unit: 'g', figures: 2 }).source.at // → 'worked'
 */
export function fromWorked(of: Worked): WorkedInput {
  return { q: of.q, unit: of.unit, figures: of.figures, source: { at: 'worked', of } };
}
