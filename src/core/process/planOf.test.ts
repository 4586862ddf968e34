import { scripted } from '../../../tests/support/scripted';
import fc from 'fast-check';
import { asIssued, planOf } from './planOf';
import { computePlan } from '../plan/plan';
import { readPreparation } from '../formats/readPreparation';
import { shippedPreparations } from '../../../tests/support/preparations';
import { writePreparation } from '../formats/writePreparation';
import type { Preparation } from '../document/document';

const docs = shippedPreparations().map(([, doc]) => doc);
const pinned = (doc: Preparation, vessel: string, digits: string, percent: string): Preparation => ({
  ...doc,
  pin: { at: 'vessel', vessel, digits, percent },
});
/** Vessels that the procedure of a preparation fills. */
const filledBy = (doc: Preparation) => planOf(doc).process.peaks.map(({ vessel }) => vessel.id);

test('a pinned vessel holds what was pinned, as the process sees it, in every preparation and vessel', () => {
  const all = docs.flatMap((doc) => filledBy(doc).map((vessel) => [doc, vessel] as const));
  expect(all.length).toBeGreaterThan(15);
  fc.assert(
    fc.property(
      fc.constantFrom(...all.map(([doc, vessel]) => [scripted(doc), vessel] as const)),
      fc.integer({ min: 5, max: 30 }),
      ([doc, vessel], tenths) => {
        // From half to three times the scale at which it was tested, in a vessel that such a charge half fills.
        const tested = planOf(doc).process.peaks.find((one) => one.vessel.id === vessel);
        const capacity = (tested?.volume.q.value ?? 0) * (tenths / 10) * 2;
        const { plan, process } = planOf(pinned(doc, vessel, capacity.toFixed(6), '50'));
        const peak = process.peaks.find((one) => one.vessel.id === vessel);
        // Devices round what is measured: a few per cent of the smallest charges.
        expect(Math.abs((peak?.volume.q.value ?? 0) / (capacity / 2) - 1)).toBeLessThan(0.05);
        const fill = peak?.fill.q.value;
        expect(plan.vessels.find((one) => one.vessel.id === vessel)?.fill?.q.value).toBe(fill);
      },
    ),
    { numRuns: 40 },
  );
});

test('however the same volume is pinned, the scale is the same', () => {
  const scale = (doc: Preparation) => {
    const { factor } = planOf(doc).plan;
    return factor.ok ? factor.value.q.value : NaN;
  };
  const all = docs.flatMap((doc) => filledBy(doc).map((vessel) => [doc, vessel] as const));
  expect(all.length).toBeGreaterThan(15);
  for (const [doc, vessel] of all) {
    const half = scale(pinned(doc, vessel, '40', '50'));
    expect(half).toBeGreaterThan(0);
    expect(scale(pinned(doc, vessel, '80', '25')) / half).toBeCloseTo(1, 9);
    expect(scale(pinned(doc, vessel, '80', '50'))).toBeGreaterThan(half);
  }
});

test('what benches get holds the scale as a number, and comes to the same targets', () => {
  let tried = 0;
  for (const doc of docs) {
    const [vessel] = filledBy(doc);
    if (vessel === undefined) continue;
    const { plan } = planOf(pinned(doc, vessel, '50', '40'));
    const issued = asIssued(plan);
    expect(issued.pin.at).toBe('factor');
    expect(readPreparation(writePreparation(issued)).ok).toBe(true);
    const targets = (one: ReturnType<typeof computePlan>) => one.lines.map(({ target }) => target?.rounded.q.value);
    expect(targets(computePlan(issued))).toEqual(targets(plan));
    tried += 1;
  }
  expect(tried).toBeGreaterThan(5);
});

test('any other pin is as the charge table has it, and a document stays as it is', () => {
  for (const doc of docs) {
    const { plan } = planOf(doc);
    expect(plan.factor).toEqual(computePlan(doc).factor);
    expect(asIssued(plan)).toBe(plan.doc);
  }
});

test('a vessel that the procedure never fills is pinned by what the charge table puts into it', () => {
  const [doc] = docs as [Preparation];
  const flask = pinned({ ...doc, steps: [] }, 'flask', '50', '40');
  expect(planOf(flask).plan.factor).toEqual(computePlan(flask).factor);
  expect(planOf(flask).plan.factor.ok).toBe(true);
  const spare = { id: 'spare', name: 'Spare', kind: 'beaker' as const, capacity_mL: 100 };
  const { factor } = planOf(pinned({ ...doc, vessels: [...doc.vessels, spare] }, 'spare', '100', '2')).plan;
  expect(factor).toMatchObject({ ok: false, why: expect.stringContaining('Spare') as string });
});

test('a scale that a search finds a hair beside a round number is that number, on the plan and at the bench', () => {
  const doc = docs.find(({ title }) => title.startsWith('Cyclohexane'))!;
  // 7.5 mL of each: halfway between two graduations, where a last digit decides which.
  const { plan } = planOf(pinned(doc, 'flask', '100', '15'));
  const issued = computePlan(asIssued(plan));
  expect(plan.lines.map(({ target }) => target?.rounded.q.value)).toEqual(
    issued.lines.map(({ target }) => target?.rounded.q.value),
  );
});

test('a vessel that hardly fills with the scale is no way to a scale: nothing runs away', () => {
  const doc = docs.find(({ title }) => title.startsWith('4-Methyl'))!;
  // So far the still holds what the solvent left, and 200 mL of that nobody makes.
  const half = { ...doc, steps: doc.steps.slice(0, 13) };
  const { factor } = planOf(pinned(half, 'still', '500', '40')).plan;
  expect(!factor.ok || factor.value.q.value < 1e5).toBe(true);
});
