import type { Span } from './handout';

/** A word, a run of digits, or a single sign of the text. */
export interface Token extends Span {
  readonly kind: 'word' | 'digits' | 'sign';
  readonly raw: string;
  /** In lower case, old spellings as today's. */
  readonly word: string;
  /** Nothing stands between it and the token before. */
  readonly tight: boolean;
}

// A sign of multiplication between two numbers comes first: "2x10 mL".
const pattern = /(?<=\d\s?)[x×*](?=\s?\d)|\p{L}[\p{L}\p{M}\d]*|\d+|[^\s]/gu;

/** A word as today's nomenclature spells it: sulphate, aluminum. */
export const spelled = (word: string): string =>
  word
    .toLowerCase()
    .replace(/sulph/g, 'sulf')
    .replace(/^aluminum/, 'aluminium')
    .replace(/^hydrogencarbonate$/, 'bicarbonate')
    .replace(/^hydrogensulfite$/, 'bisulfite')
    .replace(/^hydrogensulfate$/, 'bisulfate')
    .replace(/^ethanoic$/, 'acetic')
    .replace(/^ethanoate$/, 'acetate')
    .replace(/^methanoic$/, 'formic');

/** Splits a folded text into tokens. */
export function tokensOf(text: string): readonly Token[] {
  const tokens: Token[] = [];
  for (const { 0: raw, index: start } of text.matchAll(pattern)) {
    const kind = /^\d/.test(raw) ? 'digits' : /^\p{L}/u.test(raw) && !isTimes(raw, tokens.at(-1)) ? 'word' : 'sign';
    const before = tokens.at(-1);
    tokens.push({
      kind,
      raw,
      word: kind === 'word' ? spelled(raw) : raw,
      start,
      end: start + raw.length,
      tight: before?.end === start,
    });
  }
  return tokens;
}

const isTimes = (raw: string, before: Token | undefined) => raw === 'x' && before?.kind === 'digits';
