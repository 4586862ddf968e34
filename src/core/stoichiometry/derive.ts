import { figuresOfProduct } from '../quantity/worked';
import type { Dim } from '../quantity/dims';
import type { FormulaId } from '../words/formulaCatalogue';
import type { Worked, WorkedInput } from '../quantity/worked';

/** A result to be wrapped with its working. */
export interface Derived<D extends Dim> {
  readonly formula: FormulaId;
  readonly dim: D;
  readonly unit: string;
  readonly value: number;
  readonly inputs: Readonly<Record<string, WorkedInput>>;
  /** @default those of the least certain input */
  readonly figures?: number;
  readonly certain?: Worked['certain'];
  /** A product or quotient, so that relative uncertainties add in quadrature. @default true */
  readonly quotient?: boolean;
}

/**
 * Wraps a product or quotient with its working. Relative standard uncertainties of the inputs add in quadrature
 * (GUM, 5.1.6); inputs without one count as exact, and the interface says what the figure covers.
 *
 * @example derive({ formula: 'taken', dim: 'mass', unit: 'g', value: 2, inputs: {}, figures: 3 }).certain // → 'computed'
 */
export function derive<D extends Dim>({
  formula,
  dim,
  unit,
  value,
  inputs,
  figures,
  certain,
  quotient = true,
}: Derived<D>): Worked<D> {
  const relative = quotient ? Math.hypot(...Object.values(inputs).map(relativeUncertainty)) : 0;
  return {
    q: { dim, value },
    ...(relative > 0 ? { u: Math.abs(value) * relative } : {}),
    figures: figures ?? figuresOfProduct(inputs),
    unit,
    formula,
    inputs,
    certain: certain ?? 'computed',
  };
}

function relativeUncertainty({ source }: WorkedInput): number {
  if (source.at !== 'worked' || source.of.u === undefined || source.of.q.value === 0) return 0;
  return source.of.u / Math.abs(source.of.q.value);
}
