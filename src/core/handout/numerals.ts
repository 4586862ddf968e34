import { tidy } from './tidy';
import type { Token } from './tokens';

/** A number at a place in the tokens. */
export interface ReadNumber {
  /** With a decimal point, as written otherwise. */
  readonly digits: string;
  readonly value: number;
  /** Index of the token behind it. */
  readonly next: number;
  /** It is written in letters. */
  readonly inWords?: true;
  readonly confirm?: string;
}

const words = new Map(
  Object.entries({
    one: 1,
    two: 2,
    three: 3,
    four: 4,
    five: 5,
    six: 6,
    seven: 7,
    eight: 8,
    nine: 9,
    ten: 10,
    twelve: 12,
    fifteen: 15,
    twenty: 20,
    thirty: 30,
    forty: 40,
    sixty: 60,
  }),
);
const fractions = new Map(Object.entries({ '½': 0.5, '¼': 0.25, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3 }));

/** Every numeral of a text: digits with points and commas, and fractions that are one sign. */
export const numeralPattern = /\d+(?:[.,]\d+)*|[½¼¾⅓⅔⅛]/g;

// What is longer is no reading.
const mostDigits = 9;

/** The number that begins at a token: 2.04, 2,5 (a decimal comma), 1½, 1/2, 1,000, three. */
export function numberAt(tokens: readonly Token[], at: number): ReadNumber | undefined {
  const token = tokens[at];
  if (!token) return undefined;
  const fraction = fractions.get(token.raw);
  if (fraction !== undefined) return { digits: tidy(fraction), value: fraction, next: at + 1 };
  if (token.kind === 'word') {
    const value = words.get(token.word);
    return value === undefined ? undefined : { digits: String(value), value, next: at + 1, inWords: true };
  }
  if (token.kind !== 'digits' || token.raw.length > mostDigits) return undefined;
  return fractionAt(tokens, at) ?? decimalAt(tokens, at);
}

function fractionAt(tokens: readonly Token[], at: number): ReadNumber | undefined {
  const [whole, sign, below] = [tokens[at], tokens[at + 1], tokens[at + 2]];
  const mixed = sign && fractions.get(sign.raw);
  if (whole && mixed !== undefined) {
    const value = Number(whole.raw) + mixed;
    return { digits: tidy(value), value, next: at + 2 };
  }
  if (!whole || sign?.raw !== '/' || !sign.tight || below?.kind !== 'digits' || !below.tight) return undefined;
  // Only what is plainly a share: 1/2, 3/4; not a date and not a ratio such as 40/60.
  if (whole.raw.length > 1 || below.raw.length > 1 || below.raw === '0' || tokens[at + 3]?.raw === '/')
    return undefined;
  const value = Number(whole.raw) / Number(below.raw);
  return { digits: tidy(value), value, next: at + 3 };
}

function decimalAt(tokens: readonly Token[], at: number): ReadNumber | undefined {
  const whole = tokens[at]?.raw ?? '';
  const [sign, rest] = [tokens[at + 1], tokens[at + 2]];
  const joined =
    rest?.kind === 'digits' &&
    rest.raw.length <= mostDigits &&
    sign?.tight &&
    rest.tight &&
    (sign.raw === '.' || sign.raw === ',');
  if (!joined) return { digits: whole, value: Number(whole), next: at + 1 };
  const many = tokens[at + 3]?.raw === '.' && tokens[at + 4]?.kind === 'digits' && tokens[at + 4]?.tight;
  if (many) return { digits: whole, value: Number(whole), next: at + 1 };
  if (sign.raw === ',' && rest.raw.length === 3 && !/^0/.test(whole)) {
    const digits = `${whole}${rest.raw}`;
    return {
      digits,
      value: Number(digits),
      next: at + 3,
      confirm: `“${whole},${rest.raw}”: is the comma a decimal comma?`,
    };
  }
  const digits = `${whole}.${rest.raw}`;
  return { digits, value: Number(digits), next: at + 3 };
}
