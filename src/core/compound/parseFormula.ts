import { atomicWeights } from './atomicWeights';
import type { Outcome } from '../quantity/worked';

/** Atoms of one formula unit and its charge in elementary charges. Counts may be fractions (CaSO₄·½H₂O). */
export interface Composition {
  readonly atoms: Readonly<Record<string, number>>;
  readonly charge: number;
}

const subscripts = '₀₁₂₃₄₅₆₇₈₉';
const superscripts = '⁰¹²³⁴⁵⁶⁷⁸⁹';
const halves: Readonly<Record<string, string>> = { '½': '0.5', '¼': '0.25', '¾': '0.75' };
const longest = 200;

class FormulaError extends Error {}

/**
 * Reads a chemical formula: brackets of any kind, hydrates and adducts after · or *, charges as `^2-`, `2-` after a
 * bracket, `+`, or superscripts, unicode subscripts.
 *
 * @param text up to 200 characters
 * @returns the atoms and the charge, or why the text is no formula, quoting the place
 * @example parseFormula('CuSO4·5H2O').value.atoms // → { Cu: 1, S: 1, O: 9, H: 10 }
 */
export function parseFormula(text: string): Outcome<Composition> {
  if (text.trim() === '') return { ok: false, why: 'the formula is empty.' };
  if (text.length > longest) return { ok: false, why: 'the formula is too long.' };
  try {
    const { body, charge } = splitCharge(normalise(text));
    const atoms: Record<string, number> = {};
    for (const part of body.split('·')) addPart(atoms, part, text);
    return { ok: true, value: { atoms, charge } };
  } catch (error) {
    if (error instanceof FormulaError) return { ok: false, why: error.message };
    throw error;
  }
}

function normalise(text: string): string {
  return [...text.replace(/\s+/g, '')]
    .map((char) => {
      if (subscripts.includes(char)) return String(subscripts.indexOf(char));
      if (superscripts.includes(char)) return `^${superscripts.indexOf(char)}`;
      return halves[char] ?? char;
    })
    .join('')
    .replace(/[⁺]/g, '^+')
    .replace(/[⁻]/g, '^-')
    .replace(/[−–]/g, '-')
    .replace(/[*•∙⋅]/g, '·')
    .replace(/\^(\d)\^([+-])/g, '^$1$2');
}

/** Charge at the end: `^2-`, `^+`, a bare sign, or digits and sign after a closing bracket. */
function splitCharge(text: string): { body: string; charge: number } {
  // "Ca2+" is Ca²⁺ to one reader and Ca₂⁺ to another, "SO42-" likewise: only the caret tells.
  if (/^[A-Z][a-z]?\d+[+-]$|\d\d[+-]$/.test(text) && !text.includes('^')) {
    throw new FormulaError(`“${text}” is ambiguous: write the charge after ^, as in Ca^2+ or SO4^2-.`);
  }
  const match = /^(.*?)(?:\^(\d*)([+-])|(?<=[\])])(\d+)([+-])|([+-]))$/.exec(text);
  if (!match) return { body: text, charge: 0 };
  const size = Number((match[2] ?? match[4]) || 1);
  const sign = match[3] ?? match[5] ?? match[6];
  return { body: match[1] ?? '', charge: sign === '-' ? -size : size };
}

function addPart(atoms: Record<string, number>, part: string, whole: string): void {
  const [, multiplier = '', body = ''] = /^(\d+(?:\.\d+)?)?(.*)$/.exec(part) ?? [];
  if (body === '') throw new FormulaError(`“${whole}” has nothing on one side of a dot.`);
  const counts = readGroup(body, whole);
  const times = multiplier === '' ? 1 : Number(multiplier);
  for (const [symbol, count] of Object.entries(counts)) atoms[symbol] = (atoms[symbol] ?? 0) + count * times;
}

const closing: Readonly<Record<string, string>> = { '(': ')', '[': ']', '{': '}' };
const token = /([A-Z][a-z]?)|([([{])|([)\]}])|(\d+)/y;

function readGroup(body: string, whole: string): Record<string, number> {
  const stack: { counts: Record<string, number>; close: string }[] = [{ counts: {}, close: '' }];
  const top = () => stack[stack.length - 1] as (typeof stack)[number];
  let last: Record<string, number> | undefined;
  const commit = (times: number) => {
    for (const [symbol, count] of Object.entries(last ?? {})) {
      top().counts[symbol] = (top().counts[symbol] ?? 0) + count * times;
    }
    last = undefined;
  };
  token.lastIndex = 0;
  while (token.lastIndex < body.length) {
    const at = token.lastIndex;
    const match = token.exec(body);
    if (!match) throw new FormulaError(`“${whole}” cannot be read from “${body.slice(at, at + 6)}” on.`);
    const [, element, open, close, digits] = match;
    if (digits !== undefined) {
      if (!last) throw new FormulaError(`“${whole}” has the number ${digits} where no atom stands before it.`);
      if (Number(digits) === 0) throw new FormulaError(`“${whole}” counts an atom zero times.`);
      commit(Number(digits));
      continue;
    }
    commit(1);
    if (element !== undefined) {
      if (!(element in atomicWeights))
        throw new FormulaError(`“${element}” in “${whole}” is no element with a standard atomic weight.`);
      last = { [element]: 1 };
    } else if (open !== undefined) {
      stack.push({ counts: {}, close: closing[open] ?? '' });
    } else {
      const group = stack.pop();
      if (!group || stack.length === 0 || group.close !== close)
        throw new FormulaError(`“${whole}” has a bracket without its partner.`);
      if (Object.keys(group.counts).length === 0) throw new FormulaError(`“${whole}” has an empty bracket.`);
      last = group.counts;
    }
  }
  commit(1);
  if (stack.length !== 1) throw new FormulaError(`“${whole}” has a bracket without its partner.`);
  return top().counts;
}
