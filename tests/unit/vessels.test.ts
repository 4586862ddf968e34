import { benchState } from '@/core/bench/benchState';
import { computePlan } from '@/core/plan/plan';
import { draftSchema } from '@/core/record/draftSchema';
import { flowsOf } from '@/core/process/flows';
import { placeId, portionPlace } from '@/core/worktop/placeId';
import { gramsOf } from '@/core/worktop/matter/matter';
import { introduced } from '@/core/worktop/introduced';
import { foreseeSteps } from '@/core/process/predictProcess';
import { vesselMasses } from '@/core/bench/vesselMasses';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { Worktop } from '@/core/worktop/worktop';
import { entriesOf } from '../support/record';
import { jobDocument } from '../support/jobs/job';
import { jobs } from '../support/jobs';
import { shippedPreparations } from '../support/preparations';
import type { Body } from '@/core/record/entry';
import type { Flow } from '@/core/process/flows';
import type { Preparation } from '@/core/document/document';
import type { Shelf } from '@/core/worktop/matter/shelf';

const documents = [
  ...shippedPreparations(),
  ...Object.entries(jobs).map(([name, job]) => [`job: ${name}`, jobDocument(job)] as const),
];

/** Readings of everything that is charged, at a bench that took exactly what the plan says. */
function readingsOf(doc: Preparation): readonly Body[] {
  return computePlan(doc).lines.flatMap(({ facts, total }): readonly Body[] =>
    total.mass === undefined || facts.line.supply
      ? []
      : [
          {
            k: 'reading',
            place: { line: facts.line.id, slot: 'net' },
            digits: total.mass.q.value.toFixed(9),
            unit: 'g',
          },
        ],
  );
}

test.each(documents)(
  '%s: vessels, pourings and readings of a run give each vessel’s mass as the process does',
  (_, doc) => {
    const charged = benchState(doc, entriesOf(readingsOf(doc)));
    const { plan, actual } = charged.charge;
    const rows = new Map([...plan.charge.rows, ...actual.rows]);
    const { steps, world } = foreseeSteps({
      doc,
      factor: plan.factor,
      lines: plan.lines,
      charge: { ...plan.charge, ...actual, rows },
    });
    const bare = new Worktop(world, { step: steps[0]!.step, runs: [] }, { shelf: {}, product: '' });
    let before: Shelf = {};
    const flows: Flow[] = [];
    for (const step of steps) {
      const fromBottles = step.lines.filter((id) => doc.lines.find((line) => line.id === id)?.supply === undefined);
      flows.push(...flowsOf(before, step, new Map(fromBottles.map((id) => [id, gramsOf(introduced(bare, id))]))));
      before = step.shelf;
    }
    // What is less than a billionth of a gram can't be read off any balance.
    const worth = flows.filter(({ grams }) => grams >= 5e-10);
    const places = [...new Set(worth.flatMap(({ from, to }) => [from, to]))];
    const bodies: Body[] = [
      ...places.map((place): Body => ({ k: 'vessel', id: placeId(place), as: 'beaker', label: place.slice(0, 40) })),
      ...worth.map(({ from, to, grams }): Body => ({
        k: 'move',
        from: placeId(from),
        to: placeId(to),
        what: 'part',
        typed: { digits: grams.toFixed(9), unit: 'g' },
      })),
    ];
    const state = benchState(doc, entriesOf([...readingsOf(doc), ...bodies]));
    const masses = new Map(vesselMasses(doc, state).map((one) => [one.place, one.grams]));
    const total = steps.reduce((sum, step) => sum + gramsOf(step.introduced), 0);
    for (const [place, content] of Object.entries(steps.at(-1)?.shelf ?? {})) {
      const found = masses.get(place) ?? 0;
      expect([place, Math.abs(found - gramsOf(wholeOf(content))) < 1e-9 * Math.max(20, total)]).toEqual([place, true]);
    }
    for (const line of actual.rows.keys()) {
      const left = masses.get(portionPlace(line)) ?? 0;
      const used = steps.some((step) => step.lines.includes(line));
      if (used) expect([line, Math.abs(left) < 1e-6]).toEqual([line, true]);
    }
    const [vessel, move] = [bodies[0], bodies.at(-1)];
    for (const body of [vessel, move]) {
      const instant = '2026-03-03T13:00:00.000Z';
      const id = '01ARZ3NDEKTSV4RRFFQ69G5FAV';
      const draft = { id, v: 2, log: id, body, at: instant, deviceAt: instant, device: 'tablet', saw: 0 };
      expect(() => draftSchema.validateSync(draft)).not.toThrow();
    }
  },
);

test('a layer that nobody weighed leaves both vessels without a number; all of a vessel is all that was in it', () => {
  const doc = shippedPreparations()[0]![1];
  const note = (id: string): Body => ({ k: 'vessel', id, as: 'beaker', label: id });
  const state = benchState(
    doc,
    entriesOf([
      { k: 'reading', place: { line: 'aniline', slot: 'net' }, digits: '2.04', unit: 'g' },
      note('flask'),
      note('beaker'),
      note('funnel'),
      { k: 'move', from: placeId(portionPlace('aniline')), to: 'flask', what: 'all' },
      { k: 'move', from: 'flask', to: 'beaker', what: 'all' },
      { k: 'move', from: 'beaker', to: 'funnel', what: 'part', typed: { digits: '0.54', unit: 'g' } },
    ]),
  );
  const masses = (one: typeof state) =>
    Object.fromEntries(vesselMasses(doc, one).map(({ place, grams }) => [place, grams]));
  expect(masses(state)).toMatchObject({ flask: 0, funnel: 0.54 });
  expect(masses(state)['beaker']).toBeCloseTo(1.5, 12);
  const layered = benchState(
    doc,
    entriesOf([
      { k: 'reading', place: { line: 'aniline', slot: 'net' }, digits: '2.04', unit: 'g' },
      { k: 'move', from: placeId(portionPlace('aniline')), to: 'flask', what: 'all' },
      { k: 'move', from: 'flask', to: 'beaker', what: 'lower' },
    ]),
  );
  expect(masses(layered)).toMatchObject({ flask: undefined, beaker: undefined });
});
