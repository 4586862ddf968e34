import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { amountKey, undecided } from './decisions';
import { draftOf } from './draftOf';
import { findOperation } from '../../operations/registry';
import { missingParts } from '../../process/proof/missingParts';
import { planOf } from '../../process/planOf';
import { readHandout } from '../readHandout';
import { readPreparation } from '../../formats/readPreparation';
import { writePreparation } from '../../formats/writePreparation';
import { lexicon, library } from '../../../../tests/support/library';
import type { Decisions } from './decisions';

const folder = path.join(__dirname, '../../../../tests/handouts');
const handouts = readdirSync(folder)
  .filter((name) => name.endsWith('.txt'))
  .map((name) => ({ name, text: readFileSync(path.join(folder, name), 'utf8') }));
const handout = (name: string) => handouts.find((one) => one.name === `${name}.txt`)?.text ?? '';

const draft = (text: string, confirmed = true) => {
  const reading = readHandout(text, lexicon);
  const accepted = new Set(confirmed ? reading.clauses.flatMap(({ amounts }) => amounts.map(amountKey)) : []);
  return { reading, ...draftOf(reading, library, { ...undecided, accepted } satisfies Decisions) };
};

describe.each(handouts)('$name', ({ text }) => {
  const { doc, reading, steps, tray } = draft(text);

  it('becomes a document that its reader takes and the plan computes', () => {
    expect(readPreparation(writePreparation(doc))).toMatchObject({ ok: true });
    expect(() => planOf(doc)).not.toThrow();
    expect(missingParts(doc).filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  it('drops nothing of the procedure: each sentence is a step, the text of one, or told as not placed', () => {
    const lost = reading.clauses.flatMap(({ section, start, end }, i) =>
      section === 'procedure' && !steps.has(i) && !tray.includes(i) ? [text.slice(start, end)] : [],
    );
    expect(lost).toEqual([]);
  });

  it('holds no amount that is not in the text', () => {
    const digits = new Set([...text.matchAll(/\d+(?:[.,]\d+)?/g)].map(({ 0: raw }) => Number(raw.replace(',', '.'))));
    const loose = doc.lines.flatMap(({ entered }) =>
      'digits' in entered && !digits.has(Number(entered.digits)) ? [entered.digits] : [],
    );
    // Written as fractions.
    expect(loose.filter((one) => !['0.5', '1.5'].includes(one))).toEqual([]);
  });
});

it('what is to be confirmed enters only when it was', () => {
  const text = 'Making it\n\nDissolve 2.0 g of urea in about 30 mL of water.';
  expect(draft(text, false).doc.lines.map(({ substance }) => substance)).toEqual(['urea']);
  expect(draft(text).doc.lines.map(({ substance }) => substance)).toEqual(['urea', 'water']);
});

it('proposes the reaction from the title and what is charged, with what forms beside it', () => {
  const sides = (name: string) =>
    draft(handout(name)).doc.reactions.flatMap(({ terms }) =>
      terms.map(({ substance, side, coefficient }) => `${side} ${String(coefficient)} ${substance}`),
    );
  expect(sides('pyrrole-british')).toEqual([
    'left 1 hexane-2-5-dione',
    'left 1 aniline',
    'right 1 2-5-dimethyl-1-phenylpyrrole',
    'right 2 water',
  ]);
  expect(sides('ketone-passive')).toEqual([
    'left 1 4-methylcyclohexanol',
    'left 1 sodium-hypochlorite',
    'right 1 4-methylcyclohexanone',
    'right 1 water',
    'right 1 sodium-chloride',
  ]);
  // The acid is on no side: it dissolves.
  const { doc } = draft(handout('acetanilide-imperative'));
  expect(doc.lines.find(({ substance }) => substance === 'acetic-acid-glacial')?.role).toBe('solvent');
  expect(doc.reference).toBe('aniline');
});

it('times, windows and ends go where the operation wants them', () => {
  const { doc } = draft(handout('ketone-passive'));
  const params = (op: string) => doc.steps.find((step) => step.op === op)?.params;
  expect(params('addition')).toMatchObject({ minutes: 25, low_C: 15, high_C: 25 });
  expect(params('neutralization')).toMatchObject({ low_pH: 7, high_pH: 8 });
  expect(params('stripping')).toMatchObject({ bath_C: 60 });
  expect(params('distillation')).toMatchObject({ low_C: 166, high_C: 171 });
  expect(doc.lines.find(({ role }) => role === 'extractant')).toMatchObject({ portions: 3, entered: { digits: '20' } });
});

it('what a step needs and the handout does not say is told', () => {
  const { doc, assumed } = draft('Making it\n\nDissolve 2.0 g of urea in 30 mL of water.\nStir.\nReflux the mixture.');
  const reflux = doc.steps.find(({ op }) => op === 'reflux');
  expect(assumed.get(reflux?.id ?? '')).toEqual(expect.arrayContaining([expect.stringMatching(/^Time: /)]));
});

it('what is charged in the words of what is then done is charged before it', () => {
  const { doc } = draft(handout('ester-report'));
  expect(doc.lines.slice(0, 3).map(({ substance }) => substance)).toEqual([
    'butan-1-ol',
    'acetic-acid-glacial',
    'sulfuric-acid-concentrated',
  ]);
  expect(doc.steps.slice(0, 4).map(({ op }) => op)).toEqual(['charge', 'charge', 'charge', 'reflux']);
  expect(doc.steps[3]?.params).toMatchObject({ minutes: 45 });
});

it('an amount that no line can take is told and stays in the words of its step', () => {
  const { doc, loose, reading } = draft(
    'Making it\n\nDissolve 2.0 g of urea in 30 mL of water.\nReflux for 5 min.\nCool the flask with 7.5 g of benzoic acid.',
  );
  const at = reading.clauses.length - 1;
  expect(loose.get(at)).toEqual(['7.5 g Benzoic acid']);
  expect(doc.steps.at(-1)?.text).toContain('7.5 g of benzoic acid');
});

it('a person can say what a sentence is, or that it is no step', () => {
  const reading = readHandout('Making it\n\nAdd 2.0 g of urea.\nTwirl it for 5 min.', lexicon);
  const twirl = reading.clauses.length - 1;
  const { doc } = draftOf(reading, library, { ...undecided, operations: new Map([[twirl, 'hold']]) });
  expect(doc.steps.map(({ op }) => findOperation(op)?.title)).toHaveLength(2);
  const none = draftOf(reading, library, { ...undecided, operations: new Map([[1, undefined]]) });
  expect(none.doc.steps).toEqual([]);
  expect(none.tray).toEqual([1, 2]);
});

test('a vessel whose size nobody said is as large as the procedure fills it; one that is said stays', () => {
  const sheet = (flask: string) =>
    draft(
      `Butyl acetate\n\nHeat 7.4 g of butan-1-ol and 8.0 g of glacial acetic acid with 1 mL of sulfuric acid in a ${flask} under reflux for 40 min. Wash with 25 mL of water, with 25 mL of water and with 25 mL of water. Dry over 1 g of sodium sulfate. Distil at 124-127 °C.`,
    ).doc;
  const still = (doc: ReturnType<typeof sheet>) => doc.vessels.find(({ kind }) => kind === 'distillation flask');
  expect(still(sheet('flask'))?.capacity_mL).toBeLessThan(100);
  expect(sheet('500 mL flask').vessels.some(({ capacity_mL }) => capacity_mL === 500)).toBe(true);
});

test('a receiver holds what the still that was made to fit gives', () => {
  const { doc } = draft(handout('chloride-shaking'));
  expect(planOf(doc).process.findings.filter(({ rule }) => rule === 'vessel.full')).toEqual([]);
});
