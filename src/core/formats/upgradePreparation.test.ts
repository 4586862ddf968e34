import { readFileSync } from 'node:fs';
import { computePlan } from '../plan/plan';
import { openStored } from './upgradePreparation';
import { readPreparation } from './readPreparation';
import { dienone } from '../../../tests/support/preparations';

const first = readFileSync('tests/fixtures/preparation.v1.json', 'utf8');

test('a file of format 1 is read: its lines become steps, its product the last stage', () => {
  const read = readPreparation(first);
  expect(read).toMatchObject({ ok: true, doc: { formatVersion: 2 } });
  const doc = openStored(first);
  expect(read.ok && read.doc).toEqual(doc);
  expect(doc.steps.map(({ op }) => op)).toEqual([...Array<string>(doc.steps.length - 1).fill('charge'), 'weighing']);
  expect(doc.stages).toMatchObject([{ from: 'charge', substance: doc.equation.product }]);
});

test('the plan of an upgraded file is what it was', () => {
  const grams = (doc: Parameters<typeof computePlan>[0]) => computePlan(doc).charge.product?.mass?.q.value;
  expect(grams(openStored(first))).toBe(grams(dienone()));
});

test('a file of format 1 with parts of format 2 is refused, not half upgraded', () => {
  const mixed = JSON.stringify({ ...(JSON.parse(first) as object), steps: [] });
  expect(readPreparation(mixed)).toMatchObject({ ok: false });
});
