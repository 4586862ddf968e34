import { numberAt } from './numerals';
import { unitAt } from './units';
import type { Token } from './tokens';

/** How strong what is in a bottle is: a number, or a word for it. */
export type ReadStrength = {
  readonly from: number;
  /** Behind its last token. */
  readonly to: number;
  readonly confirm?: string;
} & (
  | { readonly words: 'saturated' | 'concentrated' | 'dilute' | 'aqueous' | 'pure' }
  | { readonly words?: undefined; readonly digits: string; readonly unit: 'M' | '%' }
);
type Value = Extract<ReadStrength, { words?: undefined }>;
type InWords = Exclude<ReadStrength, Value>;

const sayings = new Map<string, InWords['words']>(
  Object.entries({
    saturated: 'saturated',
    sat: 'saturated',
    satd: 'saturated',
    concentrated: 'concentrated',
    conc: 'concentrated',
    dilute: 'dilute',
    dil: 'dilute',
    aqueous: 'aqueous',
    aq: 'aqueous',
    glacial: 'pure',
    anhydrous: 'pure',
  } as const),
);
// What may stand between a strength and the name, and says nothing about it.
const passed =
  /^(ice|cold|icy|hot|warm|boiling|chilled|fresh|freshly|prepared|distilled|deionised|deionized|dry|solution|soln|solutions|of|a|an|the|household|commercial|technical|pure)$/;
/** What a bare per cent leaves open. */
export const shares = '%: by mass (w/w) or by volume (w/v)?';
const furthest = 9;

/** A strength that begins at a token: 6 M, 1 N, 10 %, 2 mol dm-3, 5 % w/v. */
export function strengthAt(tokens: readonly Token[], from: number): Value | undefined {
  const number = numberAt(tokens, from);
  if (!number || number.inWords) return undefined;
  const hyphen = unitAt(tokens, number.next);
  const { digits } = number;
  const to = hyphen?.next ?? 0;
  switch (hyphen?.unit) {
    case 'M':
      return { from, to, digits, unit: 'M', ...(number.confirm ? { confirm: number.confirm } : {}) };
    case 'N':
      return {
        from,
        to,
        digits,
        unit: 'M',
        confirm: `${digits} N: the same as ${digits} M only where one proton or hydroxide counts.`,
      };
    case '%':
      return { from, to, digits, unit: '%', confirm: shares };
    case '% w/w':
      return { from, to, digits, unit: '%' };
    case '% w/v':
    case '% v/v':
      return { from, to, digits, unit: '%', confirm: `${digits} ${hyphen.unit}: Mozle counts by mass.` };
    default:
      return undefined;
  }
}

/** What stands before a name and says how strong it is. */
export function strengthBefore(
  tokens: readonly Token[],
  at: number,
  least: number,
): { readonly from: number; readonly value?: Value; readonly words?: InWords } | undefined {
  let words: InWords | undefined;
  let from = at;
  for (let i = at - 1; i >= Math.max(least, at - furthest); i -= 1) {
    const token = tokens[i];
    if (!token) break;
    const said = sayings.get(token.word);
    if (said) {
      // "saturated aqueous" is saturated.
      if (!words || words.words === 'aqueous') words = { from: i, to: i + 1, words: said };
      from = i;
      continue;
    }
    if (token.raw === '.' || token.raw === '-' || token.raw === ')' || token.raw === '/' || passed.test(token.word))
      continue;
    const value = valueUpTo(tokens, i, at);
    if (value) return { from: value.from, value };
    if (!/^(%|M|N|w|v|m|mol|l|L|dm|dm3|\d+)$/.test(token.raw)) break;
  }
  return words ? { from, words } : undefined;
}

/** A strength that ends at a token. */
function valueUpTo(tokens: readonly Token[], last: number, name: number): Value | undefined {
  for (let from = last; from >= Math.max(0, last - 8); from -= 1) {
    // The number begins where no other digit or point is in front of it.
    const before = tokens[from - 1];
    if (tokens[from]?.kind !== 'digits' || (before && tokens[from]?.tight && /^[\d.,]/.test(before.raw))) continue;
    const value = strengthAt(tokens, from);
    return value && value.to > last && value.to <= name ? value : undefined;
  }
  return undefined;
}

/** What stands behind a name and says how strong it is: "(10 %)", ", 6 M", "solution (6 M, 10 mL)". */
export function strengthAfter(
  tokens: readonly Token[],
  at: number,
): { readonly to: number; readonly value?: Value; readonly words?: InWords } | undefined {
  const i = /^(solution|soln)$/.test(tokens[at]?.word ?? '') ? at + 1 : at;
  if (tokens[i]?.raw !== '(' && tokens[i]?.raw !== ',') return undefined;
  const open = tokens[i]?.raw === '(';
  const said = sayings.get(tokens[i + 1]?.word ?? '');
  if (open && said && said !== 'pure')
    return { to: tokens[i + 2]?.raw === ')' ? i + 3 : i, words: { from: i + 1, to: i + 2, words: said } };
  const value = strengthAt(tokens, i + 1);
  if (!value) return undefined;
  const next = tokens[value.to];
  // "water, 5 % acid": what is followed by a name is the strength of that.
  if (!open && next?.kind === 'word') return undefined;
  // In one bracket with the amounts, the bracket stays open for them.
  return { to: !open ? value.to : tokens[value.to]?.raw === ')' ? value.to + 1 : i, value };
}
