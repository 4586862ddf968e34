import fc from 'fast-check';
import { benchResults } from '@/core/results/benchResults';
import { benchState } from '@/core/bench/benchState';
import { benchNeed } from '@/core/bench/benchNeed';
import { classResults } from '@/core/results/classResults';
import { describeEntry } from '@/core/bench/describeEntry';
import { draftSchema } from '@/core/record/draftSchema';
import { renderFinding } from '@/core/finding/renderFinding';
import { resultTable } from '@/core/formats/resultColumns';
import { withhold } from '@/core/results/withhold';
import { acetanilide, dienone } from '../support/preparations';
import { entriesOf, idOf } from '../support/record';
import type { Ask } from '@/core/operations/ask';
import type { Body } from '@/core/record/entry';
import type { Preparation } from '@/core/document/document';

// Whatever a group may send, in whatever order: the state is computed, told in words and printed, never thrown or a NaN.

/** Every body that a step of the preparation can ask for, with numbers of any plausible and implausible size. */
function bodiesOf(doc: Preparation): fc.Arbitrary<Body> {
  const { steps } = benchState(doc, []);
  const digits = fc.oneof(
    fc.constantFrom('0', '0.00', '1', '2.04', '99.99', '113.2', '500'),
    fc.integer({ min: 0, max: 99_999 }).map((n) => (n / 100).toFixed(2)),
  );
  const asked = steps.flatMap(({ step, asks }) => asks.flatMap((ask) => bodiesOfAsk(step.id, ask)));
  return fc.oneof(
    { weight: 12, arbitrary: fc.tuple(fc.constantFrom(...asked), digits).map(([make, text]) => make(text)) },
    {
      weight: 1,
      arbitrary: fc.constantFrom<Body>(
        { k: 'step', step: 'x', to: 'skip' },
        { k: 'event', step: 'nowhere', name: 'nothing' },
        { k: 'reading', place: { step: 'reflux', slot: 'unheardOf' }, digits: '1', unit: 'g' },
      ),
    },
    {
      weight: 1,
      arbitrary: fc.integer({ min: 1, max: 30 }).map((n): Body => ({ k: 'void', target: idOf(n), reason: 'x' })),
    },
    {
      weight: 1,
      arbitrary: fc.integer({ min: 1, max: 30 }).map((n): Body => ({
        k: 'correct',
        target: idOf(n),
        reason: 'x',
        body: { k: 'reading', place: { line: 'aniline', slot: 'net' }, digits: '2.10', unit: 'g' },
      })),
    },
  );
}

function bodiesOfAsk(step: string, ask: Ask): readonly ((digits: string) => Body)[] {
  if (ask.kind === 'check') return [() => ({ k: 'tick', step, check: ask.check })];
  if (ask.kind === 'event') return [ask, ...(ask.or ?? [])].map(({ name }) => () => ({ k: 'event', step, name }));
  const readings = ask.ways.flatMap(({ slots }) =>
    slots.flatMap(({ slot, unit, configuration }) =>
      ['cap on', 'cap off'].map((state) => (digits: string): Body => ({
        k: 'reading',
        place: { ...ask.about, slot },
        digits,
        unit,
        ...(configuration ? { state: [state] } : {}),
      })),
    ),
  );
  const { close } = ask;
  return close ? [...readings, () => ({ k: 'event', step, name: close.name })] : readings;
}

test.each([
  ['acetanilide', acetanilide],
  ['dienone', dienone],
])('%s: any record has a state that can be shown', (_, make) => {
  const doc = make();
  fc.assert(
    fc.property(fc.array(bodiesOf(doc), { maxLength: 30 }), (bodies) => {
      const entries = entriesOf(bodies);
      const state = benchState(doc, entries);
      const told = [
        ...state.findings.flatMap((finding) => Object.values(renderFinding(finding)).flat()),
        ...state.record.map((live) => describeEntry(live, doc, state.steps).says),
        ...state.steps.map(({ operation, context }) => operation.sentence(context)),
      ];
      expect(told.filter((text) => /[{}]|NaN|undefined|Infinity/.test(text))).toEqual([]);
      benchNeed(state, Date.UTC(2026, 2, 3, 15));
      const results = benchResults(state);
      expect(results.sentence).not.toMatch(/NaN|undefined|Infinity/);
      withhold(results);
      const table = resultTable(doc, classResults([{ bench: 'a', state }]).rows);
      expect(table.flat().filter((cell) => /NaN|undefined|Infinity/.test(cell))).toEqual([]);
      expect(state.done).toBeLessThanOrEqual(state.toDo);
    }),
    { numRuns: 60 },
  );
});

test('every body that a step asks for is an entry that the server takes', () => {
  const doc = acetanilide();
  const refused: unknown[] = [];
  for (const { step, asks } of benchState(doc, []).steps) {
    for (const make of asks.flatMap((ask) => bodiesOfAsk(step.id, ask))) {
      const body = make('1.00');
      const [{ id, v, log, at, deviceAt, device, saw }] = entriesOf([body]) as [ReturnType<typeof entriesOf>[number]];
      if (!draftSchema.isValidSync({ id, v, log, body, at, deviceAt, device, saw })) refused.push(body);
    }
  }
  expect(refused).toEqual([]);
});
