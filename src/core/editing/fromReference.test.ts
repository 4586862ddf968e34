import { addLineFrom, measureWith, takeReference } from './edit';
import { computePlan } from '../plan/plan';
import { crossChecks } from '../checks/crossChecks';
import { fromReference } from './fromReference';
import { termsOf } from '../document/reactions';
import { preparationSchema } from '../formats/schema/current';
import { referenceFaults } from '../formats/references';
import { solutionChecks } from '../checks/solutionChecks';
import { standingsOf } from '../reference/confirmation';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { acetanilide } from '../../../tests/support/preparations';
import type { Confirmation } from '../reference/confirmation';
import type { FromReference } from './fromReference';

function taken(id: string, confirmations: readonly Confirmation[] = []): FromReference {
  const substance = shippedSubstances.find((one) => one.id === id);
  if (substance) {
    const checks = crossChecks(substance);
    return fromReference({
      kind: 'substance',
      substance,
      checks,
      standings: standingsOf(substance, checks, confirmations),
    });
  }
  const solution = shippedSolutions.find((one) => one.id === id);
  const solute = shippedSubstances.find((one) => one.id === solution?.solute);
  if (!solution || !solute) throw new Error(id);
  const checks = solutionChecks(solution, solute);
  return fromReference({ kind: 'solution', solution, solute, checks, standings: standingsOf(solution, checks, []) });
}

test('every entry of the library fits into a preparation that the reader accepts', () => {
  const ids = [...shippedSubstances, ...shippedSolutions].map(({ id }) => id);
  // Judging a document takes its time: as many entries at once as a document may hold.
  const many = 45;
  for (let from = 0; from < ids.length; from += many) {
    const some = ids.slice(from, from + many);
    const doc = some.reduce((before, id) => addLineFrom(before, taken(id), 'wash').doc, acetanilide());
    expect(doc.lines).toHaveLength(acetanilide().lines.length + some.length);
    expect([some[0], preparationSchema.isValidSync(doc), referenceFaults(doc)]).toEqual([some[0], true, []]);
  }
});

test('a pure liquid brings its density, a solution its strength and its own density', () => {
  const liquid = addLineFrom(acetanilide(), taken('toluene'), 'solvent');
  const line = computePlan(liquid.doc).lines.find(({ facts }) => facts.line.id === liquid.line);
  expect(line?.total.mass?.q.value).toBeCloseTo(0.867, 6);
  const acid = addLineFrom(acetanilide(), taken('hydrochloric-acid-2m'), 'wash');
  const washed = computePlan(acid.doc).lines.find(({ facts }) => facts.line.id === acid.line);
  expect(washed?.total.amount?.q.value).toBeCloseTo(0.002, 9);
  expect(washed?.total.mass?.q.value).toBeCloseTo(1.033, 9);
});

test('what was taken before is used again, not doubled', () => {
  const once = addLineFrom(acetanilide(), taken('toluene'), 'solvent').doc;
  const twice = addLineFrom(once, taken('toluene'), 'rinse').doc;
  expect(twice.substances).toHaveLength(once.substances.length);
  expect(twice.lines).toHaveLength(once.lines.length + 1);
  expect(termsOf(addLineFrom(once, taken('aniline'), 'reactant').doc)).toHaveLength(4);
});

test('checks and confirmations come along with the values', () => {
  const toluene = taken('toluene').substance;
  expect(toluene.boiling?.check).toBe('cross-checked');
  expect(toluene.density).toMatchObject({ digits: '0.867', at_C: 20, check: 'from memory' });
  const { values } = shippedSubstances.find(({ id }) => id === 'toluene') ?? {};
  const content = '{"at_C":20,"digits":"0.867","source":"common handbook value"}';
  expect(values?.density).toEqual(JSON.parse(content));
  const confirmed = taken('toluene', [
    { entry: 'toluene', field: 'density', content, by: 'coordinator', at: '2026-03-03', holds: true },
  ]);
  expect(confirmed.substance.density?.source).toContain('confirmed by coordinator');
});

test('a line is filled anew without losing what the preparation knows of it', () => {
  const doc = takeReference(acetanilide(), 'acid', taken('acetic-acid'));
  expect(doc.substances.find(({ id }) => id === 'acetic-acid')).toMatchObject({
    reference: 'acetic-acid',
    flash: { digits: '39' },
  });
  const product = acetanilide().substances.find(({ id }) => id === 'acetanilide');
  const again = takeReference(
    {
      ...acetanilide(),
      lines: acetanilide().lines.map((line) => (line.id === 'acid' ? { ...line, substance: 'acetanilide' } : line)),
    },
    'acid',
    taken('acetanilide'),
  );
  // The library's curve, with its uncertainty beside the source, for the solvent that the preparation holds.
  const points = (one: typeof product) =>
    one?.solubility?.map((curve) => [curve.solvent, curve.points.map(({ digits, at_C }) => [digits, at_C])]);
  const refilled = again.substances.find(({ id }) => id === 'acetanilide');
  expect(points(refilled)).toEqual(points(product));
  expect(refilled?.solubility?.[0]?.points[0]?.source).toContain('±');
  expect(takeReference(doc, 'nowhere', taken('toluene'))).toBe(doc);
});

test('a device of the lab comes into the document with the line that is measured with it', () => {
  const island = {
    id: 'island',
    name: 'Island',
    kind: 'balance',
    unit: 'g',
    step: '0.005',
    graduation: '0.005',
    capacity: '100',
  } as const;
  const doc = measureWith(acetanilide(), 'charcoal', island);
  expect(doc.devices.map(({ id }) => id)).toContain('island');
  expect(measureWith(doc, 'wash', island).devices).toHaveLength(doc.devices.length);
  expect(measureWith(doc, 'charcoal', undefined).lines.find(({ id }) => id === 'charcoal')?.device).toBeUndefined();
});
