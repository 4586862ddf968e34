import { hazardFindings } from '@/core/hazard/hazardFindings';
import { scripted } from '../support/scripted';
import { readFileSync } from 'node:fs';
import Ajv from 'ajv';
import fc from 'fast-check';
import { computePlan } from '@/core/plan/plan';
import { processPlan } from '@/core/process/processPlan';
import { largestFile } from '@/core/formats/limits';
import { withOperations } from '@/core/formats/operationSchemas';
import { readPreparation } from '@/core/formats/readPreparation';
import { writePreparation } from '@/core/formats/writePreparation';
import { acetanilideText, dienone, dienoneText, shippedPreparations } from '../support/preparations';
import { fullDocument } from '../support/fullDocument';

const texts = [acetanilideText(), dienoneText(), ...shippedPreparations().map(([, doc]) => writePreparation(doc))];
const faultOf = (text: string) => {
  const read = readPreparation(text);
  return read.ok ? undefined : read.faults[0];
};
const lineOf = (text: string, part: string) => text.slice(0, text.indexOf(part)).split('\n').length;

test('a file comes back to the letter: read, written, read again', () => {
  for (const text of texts) {
    const read = readPreparation(text);
    expect(read.ok && writePreparation(read.doc)).toBe(text);
  }
});

// What is wrong with the file, the change that makes it so, the line marked by a text, and words of the reason.
test.each<[string, (text: string) => string, string, string]>([
  ['broken syntax', (t) => t.replace('"benches": 8,', '"benches": 8'), '"spare_percent"', 'not valid JSON'],
  ['a comment', (t) => t.replace('"benches"', '// eight\n  "benches"'), '// eight', 'not valid JSON'],
  ['NaN', (t) => t.replace('"capacity_mL": 25', '"capacity_mL": NaN'), '"capacity_mL": NaN', 'not valid JSON'],
  ['a number instead of digits', (t) => t.replace('"2.50"', '2.5'), '"digits": 2.5', 'text in quotes'],
  ['a negative amount', (t) => t.replace('"2.50"', '"-2.50"'), '"-2.50"', 'positive decimal numeral'],
  ['zero', (t) => t.replace('"2.50"', '"0.00"'), '"0.00"', 'more than zero'],
  [
    'a unit of another kind',
    (t) => t.replace('"digits": "2.50",\n        "unit": "mL"', '"digits": "2.50",\n        "unit": "g"'),
    '"digits": "2.50"',
    'unit of volume',
  ],
  ['an unknown role', (t) => t.replace('"role": "quench"', '"role": "quencher"'), '"quencher"', 'must be one of'],
  ['a key too many', (t) => t.replace('"benches": 8', '"benches": 8,\n  "colour": "red"'), '{', 'colour'],
  ['a key twice', (t) => t.replace('"benches": 8', '"benches": 8,\n  "benches": 9'), '"benches": 9', 'stands twice'],
  ['a missing title', (t) => t.replace('"title": "Acetanilide",', ''), '{', 'is missing'],
  [
    'an unknown way of entering',
    (t) => t.replace('"by": "words"', '"by": "magic"'),
    '"role": "aid"',
    'no variant "magic"',
  ],
  [
    'a substance that is not there',
    (t) => t.replace('"substance": "charcoal"', '"substance": "soot"'),
    '"substance": "soot"',
    'no substance "soot"',
  ],
  [
    'an id used twice',
    (t) => t.replace('"id": "quench"', '"id": "acid"'),
    '"id": "acid",\n      "substance": "ice-water"',
    'used twice',
  ],
  ['a later format', (t) => t.replace('"formatVersion": 3', '"formatVersion": 4'), '"formatVersion": 4', 'must be 3'],
  ['a prototype key', (t) => t.replace('"benches": 8', '"benches": 8,\n  "__proto__": {"x": 1}'), '{', '__proto__'],
  ['nesting without end', () => '['.repeat(100_000), '[', 'levels deep'],
  ['ten megabytes', () => `"${'x'.repeat(10_000_000)}"`, '"', `${largestFile / 1e6} MB`],
  ['no object', () => '[]', '[', 'one JSON object'],
  ['nothing', () => '', '', 'not valid JSON'],
])('refuses %s with line and reason', (_, change, mark, reason) => {
  const text = change(acetanilideText());
  expect(text).not.toBe(acetanilideText());
  const fault = faultOf(text);
  expect(fault?.reason).toContain(reason);
  const at = fault?.line ?? 0;
  expect([at, at - 1]).toContain(lineOf(text, mark));
});

test('random text, and random damage to a good file, is refused in words or read, never an exception', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string({ unit: 'binary' }), fc.json()), (text) => readPreparation(text).ok === false),
    { numRuns: 400 },
  );
  const good = acetanilideText();
  fc.assert(
    fc.property(fc.nat(good.length - 1), fc.integer({ min: 1, max: 30 }), fc.string(), (at, length, junk) => {
      const read = readPreparation(good.slice(0, at) + junk + good.slice(at + length));
      return read.ok
        ? processPlan(computePlan(read.doc)).findings.length >= 0
        : read.faults.every(({ line, reason }) => line > 0 && reason.length > 0);
    }),
    { numRuns: 400 },
  );
});

test('the published schema says of every operation what it declares', () => {
  const text = readFileSync('docs/schemas/preparation.v3.schema.json', 'utf8');
  const published = JSON.parse(text) as Parameters<typeof withOperations>[0];
  // Else: npm run schemas.
  expect(withOperations(published)).toEqual(published);
});

test('the published schema and the reader accept and refuse the same shapes', () => {
  const validate = new Ajv({ strict: false, allErrors: false }).compile(
    JSON.parse(readFileSync('docs/schemas/preparation.v3.schema.json', 'utf8')) as object,
  );
  const leaves = (value: unknown, path: readonly (string | number)[] = []): (readonly (string | number)[])[] =>
    value !== null && typeof value === 'object'
      ? [
          path,
          ...Object.entries(value).flatMap(([key, item]) =>
            leaves(item, [...path, Array.isArray(value) ? Number(key) : key]),
          ),
        ]
      : [path];
  const junk = fc.constantFrom<unknown>(
    undefined,
    null,
    0,
    -1,
    1,
    3.5,
    1e9,
    '',
    '0',
    '5',
    '101',
    'g',
    'mL',
    'mass',
    'line',
    'aniline',
    [],
    {},
    true,
  );
  const docs = [dienone(), fullDocument(), ...shippedPreparations().map(([, doc]) => doc)];
  expect(docs.map((doc) => validate(doc))).toEqual(docs.map(() => true));
  fc.assert(
    fc.property(fc.constantFrom(...docs.map((doc) => scripted(doc))), fc.nat(), junk, (doc, pick, value) => {
      const paths = leaves(doc).slice(1);
      const path = paths[pick % paths.length] as readonly (string | number)[];
      const copy = structuredClone(doc) as unknown as Record<string | number, unknown>;
      const holder = path
        .slice(0, -1)
        .reduce<Record<string | number, unknown>>((at, key) => at[key] as Record<string | number, unknown>, copy);
      const last = path.at(-1) as string | number;
      if (value === undefined && Array.isArray(holder)) return;
      if (value === undefined) delete holder[last];
      else holder[last] = value;
      const read = readPreparation(JSON.stringify(copy));
      // References between ids are beyond a schema: those refusals are the reader's own.
      const shape =
        read.ok ||
        read.faults.every(({ reason }) =>
          /^there is no (?!operation)|used twice|cannot refer|measures no amount|in this order$/.test(reason),
        );
      expect([path.join('.'), value, validate(copy)]).toEqual([path.join('.'), value, shape]);
      // Whatever can be read can be foreseen and judged, however odd.
      if (!read.ok) return;
      const plan = computePlan(read.doc);
      processPlan(plan);
      hazardFindings(plan);
    }),
    { numRuns: 250 },
  );
});
