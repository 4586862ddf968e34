import { readFileSync } from 'node:fs';
import { computePlan } from '../plan/plan';
import { openStored } from './upgradePreparation';
import { readPreparation } from './readPreparation';
import { dienone, shipped } from '../../../tests/support/preparations';

const first = readFileSync('tests/fixtures/preparation.v1.json', 'utf8');

test('a file of format 1 is read: its lines become steps, its product the last stage', () => {
  const read = readPreparation(first);
  expect(read).toMatchObject({ ok: true, doc: { formatVersion: 3 } });
  const doc = openStored(first);
  expect(read.ok && read.doc).toEqual(doc);
  expect(doc.steps.map(({ op }) => op)).toEqual([...Array<string>(doc.steps.length - 1).fill('charge'), 'weighing']);
  expect(doc.stages).toMatchObject([
    { origin: { by: 'reaction', reaction: 'reaction' }, substance: doc.reactions[0]?.product },
  ]);
});

test('the plan of an upgraded file is what it was', () => {
  const grams = (doc: Parameters<typeof computePlan>[0]) => computePlan(doc).charge.product?.mass?.q.value;
  expect(grams(openStored(first))).toBe(grams(dienone()));
});

test('a file of format 1 with parts of format 2 is refused, not half upgraded', () => {
  const mixed = JSON.stringify({ ...(JSON.parse(first) as object), steps: [] });
  expect(readPreparation(mixed)).toMatchObject({ ok: false });
});

const second = readFileSync('tests/fixtures/preparation.v2.json', 'utf8');
const separation = readFileSync('tests/fixtures/separation.v2.json', 'utf8');

test('a file of format 2 says what was implied: what lines go into, where the reaction runs, what stages come from', () => {
  const doc = openStored(second);
  expect(doc.reactions).toMatchObject([{ product: 'acetanilide', runs: [{ step: 'reflux' }] }]);
  expect(doc.lines.filter(({ reaction }) => reaction !== undefined).map(({ id }) => id)).toEqual([
    'aniline',
    'anhydride',
  ]);
  expect(doc.stages.map(({ origin }) => origin)).toEqual([
    { by: 'reaction', reaction: 'reaction' },
    { by: 'stage', stage: 'crude' },
    { by: 'stage', stage: 'crude' },
  ]);
  const apart = openStored(separation);
  expect([apart.reactions, apart.reference]).toEqual([[], 'acid']);
  expect(apart.stages[0]?.origin).toEqual({ by: 'content', line: 'acid' });
});

test('what is shipped now is what its file of format 2 becomes', () => {
  expect(openStored(second)).toEqual(shipped('acetanilide'));
  expect(openStored(separation)).toEqual(shipped('acid-base-neutral'));
});

test.each([
  [
    'equation.terms.0.substance',
    'there is no substance "soot"',
    { equation: { terms: [{ substance: 'soot', side: 'left', coefficient: 1 }], product: 'water' } },
  ],
  [
    'stages.0.from',
    'there is no earlier stage "pure"',
    { stages: [{ id: 'crude', name: 'Crude', substance: 'acetanilide', from: 'pure' }] },
  ],
  ['reactions', 'reactions', { reactions: [] }],
  ['lines', 'must have at least one line', { lines: [] }],
] as const)('a fault of format 2 is named where it was written: %s', (path, reason, change) => {
  const read = readPreparation(JSON.stringify({ ...(JSON.parse(second) as object), ...change }));
  const said = read.ok ? [] : read.faults.map((fault) => `${fault.path}: ${fault.reason}`);
  expect(said.join('\n')).toContain(reason);
  expect(said.join('\n')).toContain(path);
});

test('an unknown format is not opened as if it were known', () => {
  expect(() => openStored('{"formatVersion":9}')).toThrow(RangeError);
});
