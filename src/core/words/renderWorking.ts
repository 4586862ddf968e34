import { format } from '../quantity/format';
import { withUncertainty } from '../quantity/withUncertainty';
import { formulaCatalogue } from './formulaCatalogue';
import type { FormulaText } from '../quantity/formulaText';
import type { Source, Worked, WorkedInput } from '../quantity/worked';

/** A worked value in words and figures, ready to show or print. */
export interface Working {
  readonly name: string;
  /** The formula in symbols, "n = m·w / M". */
  readonly symbols: string;
  /** The same with the numbers that went in. */
  readonly numbers: string;
  readonly result: string;
  readonly uncertainty?: string;
  readonly source: string;
  readonly inputs: readonly { readonly symbol: string; readonly text: string; readonly source: Source }[];
}

const symbolPattern = /[A-Za-zα-ωΑ-ΩΔ]+(?:_[A-Za-z0-9]+)?/g;

/** Right-hand side of a worked value's formula, in symbols. */
export function expressionOf(worked: Worked): string {
  const { expression }: FormulaText = formulaCatalogue[worked.formula];
  return typeof expression === 'string' ? expression : expression(Object.keys(worked.inputs));
}

/**
 * Renders the working of a number from the formula catalogue: symbols, numbers, result, inputs with their sources.
 *
 * @param worked any worked value
 */
export function renderWorking(worked: Worked): Working {
  const text: FormulaText = formulaCatalogue[worked.formula];
  const expression = expressionOf(worked);
  const numbers = expression.replace(symbolPattern, (symbol) => {
    const input = worked.inputs[symbol];
    return input ? format(input.q, input.unit, { figures: guarded(input) }) : symbol;
  });
  return {
    name: text.name,
    symbols: `${text.result} = ${expression}`,
    numbers,
    ...resultText(worked),
    source: text.source,
    inputs: Object.entries(worked.inputs).map(([symbol, { q, unit, figures, source }]) => ({
      symbol,
      text: format(q, unit, { figures }),
      source,
    })),
  };
}

/** Intermediate results go on unrounded; two more figures let a reader follow the sum on a calculator. */
function guarded({ figures, source }: WorkedInput): number {
  return source.at === 'worked' && !read.has(source.of.formula) ? figures + 2 : figures;
}

/** Formulas whose result is a reading: it has the figures it was read with, no more. */
const read: ReadonlySet<string> = new Set(['asTyped', 'asRead', 'rounded', 'molarMass', 'byDifference']);

function resultText(worked: Worked): Pick<Working, 'result' | 'uncertainty'> {
  const { digits, u } = withUncertainty(worked);
  const unit = worked.unit ? `\u00a0${worked.unit}` : '';
  if (u === undefined) return { result: format(worked.q, worked.unit, { figures: worked.figures }) };
  return { result: `${digits}${worked.unit === '°C' ? '\u202f°C' : unit}`, uncertainty: `±\u00a0${u}${unit}` };
}
