import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { amountKey, undecided } from '@/core/handout/draft/decisions';
import { draftOf } from '@/core/handout/draft/draftOf';
import { handoutJson } from '@/core/handout/handoutJson';
import { readHandout } from '@/core/handout/readHandout';
import { readPreparation } from '@/core/formats/readPreparation';
import { writePreparation } from '@/core/formats/writePreparation';
import { lexicon, library } from '../support/library';
import { expectedOf, scored, totals } from '../support/handouts';
import type { HandoutReading } from '@/core/handout/handout';

const folder = path.join(__dirname, '../handouts');
const handouts = readdirSync(folder)
  .filter((name) => name.endsWith('.txt'))
  .map((name) => ({
    name: name.replace('.txt', ''),
    text: readFileSync(path.join(folder, name), 'utf8'),
    expected: expectedOf(readFileSync(path.join(folder, name.replace('.txt', '.expected')), 'utf8')),
  }));

const readingOf = (text: string) => handoutJson(readHandout(text, lexicon));

describe('twenty handouts in as many styles', () => {
  const scores = handouts.map(({ text, expected }) => scored(readingOf(text), expected));
  const all = totals(scores);

  it('are twenty', () => {
    expect(handouts).toHaveLength(20);
  });

  it('nine of ten amounts are right, with what they are of', () => {
    expect(all.amountsRight / all.amounts).toBeGreaterThanOrEqual(0.9);
  });

  it.each(handouts.map(({ name }, i) => [name, i] as const))(
    '%s: no amount is wrong without being asked about',
    (_, i) => {
      expect(scores[i]?.wrong).toEqual([]);
    },
  );

  it('four of five operations are right and in order', () => {
    expect(all.operationsRight / all.operations).toBeGreaterThanOrEqual(0.8);
  });

  it.each(handouts)('$name: each numeral has one state, and the clauses hold all of the text', ({ text }) => {
    inOnePlace(readHandout(text, lexicon), text);
  });
});

// Other substances: some that the reference has, some that nobody has heard of.
const renamed: readonly (readonly [string, string])[] = [
  ['aniline', 'cyclohexylamine'],
  ['benzaldehyde', 'tolualdehyde'],
  ['cyclohexanone', 'cycloheptanone'],
  ['benzophenone', 'xanthenone'],
  ['salicylic acid', 'anthranilic acid'],
  ['butan-1-ol', 'pentan-2-ol'],
  ['bromobenzene', 'iodotoluene'],
  ['dichloromethane', 'chloroform'],
  ['iodoethane', 'bromopropane'],
  ['ethyl benzoate', 'methyl toluate'],
  ['acetone', 'butanone'],
  ['toluene', 'heptane'],
  ['hexane-2,5-dione', 'octane-2,7-dione'],
  ['2-naphthol', '4-cresol'],
];
const rename = (text: string) =>
  renamed.reduce((words, [from, to]) => words.replace(new RegExp(`(?<![\\w-])${from}(?![\\w-])`, 'gi'), to), text);
// All masses, volumes and amounts by one factor, in the text as in what is expected of it.
const more = (text: string) =>
  text.replace(/(?<![\d.,-])(\d+(?:[.,]\d+)?)(?=[\s-]?(?:(?:g|mg|mL|ml|cm3|cc|mmol)\b|cm³))/g, (digits) => {
    const scaled = String(Number((Number(digits.replace(',', '.')) * 1.7).toPrecision(4)));
    return digits.includes(',') ? scaled.replace('.', ',') : scaled;
  });
/** The sentences of each paragraph from the last to the first. */
const turned = (text: string) =>
  text
    .split('\n')
    .map((line) =>
      /^\s*(?:\d|[-•(]|#)/.test(line)
        ? line
        : line
            .split(/(?<=[a-z)]\.) (?=[A-Z])/)
            .reverse()
            .join(' '),
    )
    .join('\n');

describe('it is not tuned to them', () => {
  const same = (text: string) => text;
  /** Share of the amounts that is read when the texts are changed, and what is expected of them with them. */
  const recall = (
    change: (text: string) => string,
    names: (name: string) => string,
    factor: (value: number) => number,
  ) => {
    const { amountsRight, amounts } = totals(
      handouts.map(({ text, expected }) =>
        scored(readingOf(change(text)), {
          ...expected,
          amounts: expected.amounts.map((one) => ({
            ...one,
            value: /^(mL|g|mg|mmol)$/.test(one.unit) ? factor(one.value) : one.value,
            substances: one.substances.map(names),
          })),
        }),
      ),
    );
    return amountsRight / amounts;
  };
  const base = recall(same, same, Number);

  it.each([
    ['other substances', rename, rename, Number],
    ['all amounts by 1.7', more, same, (value: number) => Number((value * 1.7).toPrecision(4))],
    ['the sentences of a paragraph turned round', turned, same, Number],
  ] as const)('%s', (_, change, names, factor) => {
    expect(base - recall(change, names, factor)).toBeLessThan(0.03);
  });
});

/** Every numeral once, every letter in a clause, clauses in order and apart. */
function inOnePlace({ numerals, clauses }: HandoutReading, text: string) {
  const digits = [...text.matchAll(/\d+(?:[.,]\d+)*|[½¼¾⅓⅔⅛]/g)].map(({ index }) => index);
  const starts = numerals.map(({ start }) => start);
  expect(digits.filter((at) => !starts.includes(at)).filter((at) => /[\d½¼¾⅓⅔⅛]/.test(text[at] ?? ''))).toEqual([]);
  expect(new Set(starts).size).toBe(starts.length);
  let end = 0;
  for (const clause of clauses) {
    expect(clause.start).toBeGreaterThanOrEqual(end);
    expect(text.slice(end, clause.start).trim()).toBe('');
    end = clause.end;
  }
  expect(text.slice(end).trim()).toBe('');
  for (const { amounts, quantities, substances, confirm, start, end: last } of clauses)
    for (const one of [...amounts, ...quantities, ...substances, ...confirm]) {
      expect(one.start).toBeGreaterThanOrEqual(start);
      expect(one.end).toBeGreaterThan(one.start);
      expect(one.end).toBeLessThanOrEqual(text.length);
      expect(one.start).toBeLessThan(last);
    }
}

const letters: Readonly<Record<string, number>> = {
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
  a: 1,
};
const signs: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3 };

/** All numbers that a stretch of text can be read as. */
function numbersIn(words: string): readonly number[] {
  const plain = [...words.matchAll(/\d+(?:[.,·]\d+)?/g)].flatMap(({ 0: raw }) => [
    Number(raw.replace(/[,·]/, '.')),
    Number(raw.replace(',', '')),
    Number(raw.split(/[.,·]/)[0]),
  ]);
  const shares = [...words.matchAll(/(\d*)\s?([½¼¾⅓⅔])/g)].map(
    ([, whole, sign]) => Number(whole) + (signs[sign ?? ''] ?? 0),
  );
  const divided = [...words.matchAll(/(\d)[/⁄](\d)/g)].map(([, a, b]) => Number(a) / Number(b));
  const said = [...words.toLowerCase().matchAll(/[a-z]+/g)].flatMap(({ 0: word }) => letters[word] ?? []);
  return [...plain, ...shares, ...divided, ...said];
}

const pieces = fc.constantFrom(
  'Add',
  'Wash',
  'with',
  '5 mL',
  '2 × 10 mL',
  'of',
  'water',
  '(',
  ')',
  '0,5',
  'g',
  '½',
  'aniline',
  'twice',
  '.',
  ', ',
  ';',
  '\n',
  'until',
  'pH',
  '°C',
  '٣',
  'ملح',
  '🧪',
  '1-',
  '2,4-',
  'drops',
  'reflux',
  '\t',
  '|',
  '10 %',
  '6 M',
  '9'.repeat(400),
  'repeat',
  'each',
  '  ',
  'mp 113–115',
  'and',
);
const texts = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 300 }),
  fc.string({ unit: 'binary', maxLength: 300 }),
  fc.array(pieces, { maxLength: 60 }).map((all) => all.join(' ')),
  fc.array(pieces, { maxLength: 60 }).map((all) => all.join('')),
);

describe('any text', () => {
  it('is read without a throw: spans within it, each numeral in one state, no number from nowhere', () => {
    fc.assert(
      fc.property(texts, (text) => {
        const reading = readHandout(text, lexicon);
        inOnePlace(reading, text);
        for (const { amounts } of reading.clauses)
          for (const { start, end, low } of amounts) {
            const near = numbersIn(text.slice(start, end)).some(
              (one) => Math.abs(one - Number(low)) < 1e-5 * Math.max(1, one),
            );
            if (!near) throw new Error(`${low} is not in “${text.slice(start, end)}”`);
          }
      }),
      { numRuns: 300 },
    );
  });

  it('becomes a document that its reader takes', () => {
    fc.assert(
      fc.property(texts, (text) => {
        const reading = readHandout(`Making it\n\n${text}`, lexicon);
        const accepted = new Set(reading.clauses.flatMap(({ amounts }) => amounts.map(amountKey)));
        const { doc } = draftOf(reading, library, { ...undecided, accepted });
        const read = readPreparation(writePreparation(doc));
        if (!read.ok) throw new Error(JSON.stringify(read.faults.slice(0, 3)));
      }),
      { numRuns: 200 },
    );
  });

  it('of many sentences becomes no more than a preparation holds; the rest is told', () => {
    const reading = readHandout(
      `Making it\n\n${'Add 5 mL of water, 2 g of urea and 3 g of benzoic acid. Wash with 5 mL of ether. '.repeat(80)}`,
      lexicon,
    );
    const { doc, tray } = draftOf(reading, library, undecided);
    expect(readPreparation(writePreparation(doc))).toMatchObject({ ok: true });
    expect(tray.length).toBeGreaterThan(100);
  });

  it('of a megabyte is read to its end', () => {
    const text = 'Add 5 mL of water (2 g) and stir. '.repeat(6_000) + '1 '.repeat(400_000);
    const { numerals, clauses } = readHandout(text, lexicon);
    expect(numerals).toHaveLength(412_000);
    expect(clauses.at(-1)?.end).toBe(text.trimEnd().length);
  });
});
