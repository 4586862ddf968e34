import { format } from '../quantity/format';
import { inSentence } from '../document/inSentence';
import { lineAt } from './asks';
import type { LineFacts } from '../plan/facts';
import type { StepContext } from './operation';

// A name that says how strong it is: "hydrochloric acid, 2 M", "brine".
const tells = /\d\s*(?:%|M\b|N\b)|\b(?:satur|dilut|concentrated|glacial|brine)/i;

/**
 * What a bottle is called inside a sentence: its substance, with the strength where the name does not tell it already: "3.0 M sodium
 * hydroxide", "saturated sodium bicarbonate".
 */
export function bottleName({ line, substance: { substance } }: LineFacts): string {
  const name = inSentence(substance.name);
  const { strength } = line;
  if (strength === undefined || tells.test(substance.name)) return name;
  return `${strength.digits}\u202f${strength.by === 'molarity' ? 'M' : '%'} ${name}`;
}

/** The same with the sentence going on behind it: a name that holds a comma is closed by one. */
export function lineThen(context: StepContext, line: string): string {
  const words = lineWords(context, line);
  return words.includes(',') ? `${words},` : words;
}

/** A line of the charge table with its amount inside a sentence: "2 × 10.0 mL tert-butyl methyl ether", "0.8 g sodium sulfate". */
export function lineWords(context: StepContext, line: string): string {
  const plan = lineAt(context, line)?.plan;
  if (!plan) return line;
  const name = bottleName(plan.facts);
  const { entered } = plan.facts.line;
  const target = plan.target?.rounded;
  const amount = target?.q.dim === 'volume' ? (plan.portion.volume ?? target) : target;
  if (!amount) return entered.by === 'words' ? `${entered.text} ${name}` : name;
  const each = format(amount.q, amount.unit, { figures: amount.figures });
  return `${plan.facts.portions > 1 ? `${plan.facts.portions}\u202f×\u202f${each}` : each} ${name}`;
}

/** Several of them: "10.0 mL water and 5.0 mL ethanol". */
export function linesWords(context: StepContext, lines: readonly string[]): string {
  const each = lines.map((id) => lineWords(context, id));
  return [each.slice(0, -1).join(', '), each.at(-1)].filter((one) => one).join(' and ');
}
