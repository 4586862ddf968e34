import fc from 'fast-check';
import { answersOf, answersTo } from '@/core/operations/answers';
import { benchResults } from '@/core/results/benchResults';
import { benchState } from '@/core/bench/benchState';
import { benchNeed } from '@/core/bench/benchNeed';
import { classResults } from '@/core/results/classResults';
import { describeEntry } from '@/core/bench/describeEntry';
import { draftSchema } from '@/core/record/draftSchema';
import { renderFinding } from '@/core/words/renderFinding';
import { resultTable } from '@/core/formats/resultColumns';
import { withhold } from '@/core/results/withhold';
import { operations } from '@/core/operations/registry';
import { oddOperations } from '../support/oddOperations';
import { acetanilide, dienone, shippedPreparations } from '../support/preparations';
import { entriesOf, idOf } from '../support/record';
import type { BenchResults } from '@/core/results/benchResults';
import type { Worked } from '@/core/quantity/worked';
import type { PlainAsk } from '@/core/operations/ask';
import type { Body, Part } from '@/core/record/entry';
import type { StepState } from '@/core/bench/benchState';
import type { Preparation } from '@/core/document/document';

// Whatever a group may send, in whatever order: the state is computed, told in words and printed, never thrown or a NaN.

/** Every body that a step of the preparation can ask for, with numbers of any plausible and implausible size. */
function bodiesOf(doc: Preparation): fc.Arbitrary<Body> {
  const { steps } = benchState(doc, []);
  const digits = fc.oneof(
    fc.constantFrom('0', '0.00', '1', '2.04', '99.99', '113.2', '500'),
    fc.integer({ min: 0, max: 99_999 }).map((n) => (n / 100).toFixed(2)),
  );
  const asked = steps.flatMap((step) => step.asks.flatMap((ask) => bodiesOfAsk(step, ask)));
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

/** What an ask writes, once digits are typed; a vessel may be weighed with or without its cap. */
function bodiesOfAsk({ context }: StepState, ask: PlainAsk): readonly ((digits: string) => Body)[] {
  const of = (digits: string) =>
    answersOf(context, ask, ({ unit, configuration }) =>
      ['cap on', 'cap off'].map((state) => ({ digits, unit, ...(configuration ? { state: [state] } : {}) })),
    );
  return of('').map((_, i) => (digits) => of(digits)[i] as Body);
}

const part = ({ item, round }: Part) => ({
  ...(item === undefined ? {} : { item }),
  ...(round === undefined ? {} : { round }),
});

const docs = [...shippedPreparations(), ['dienone', dienone()], ['odd operations', oddOperations()]] as const;

test('every operation stands in one of them', () => {
  const used = new Set(docs.flatMap(([, { steps }]) => steps.map(({ op }) => op)));
  expect(operations.map(({ name }) => name).filter((name) => !used.has(name))).toEqual([]);
});

/** Everything worked out in a value, at any depth. */
function workedIn(value: unknown): readonly Worked[] {
  if (value === null || typeof value !== 'object') return [];
  if ('q' in value && 'inputs' in value) return [value as Worked];
  return Object.values(value).flatMap(workedIn);
}

/** What must hold of results, whatever was read: numbers that are numbers, shares of what they are shares of, a ledger that adds up. */
function judge(results: BenchResults): void {
  for (const { q, u = 0, figures } of workedIn(results))
    expect([Number.isFinite(q.value), Number.isFinite(u) && u >= 0, figures > 0]).toEqual([true, true, true]);
  for (const { kind, mass, share, percentYield } of results.stages) {
    if (share && !mass) throw new Error('a share of nothing');
    if (kind === 'yield' && share && percentYield) expect(percentYield.q.value).toBeCloseTo(share.q.value, 9);
  }
  for (const { recorded, predicted, unexplained } of results.ledger) {
    if (!unexplained) continue;
    expect(unexplained.q.value).toBeCloseTo((predicted?.q.value ?? NaN) - (recorded?.q.value ?? NaN), 9);
  }
}

test.each(docs)('%s: any record has a state that can be shown', (_, doc) => {
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
      // Whatever is done knows the entry that answered it: of its own part, under one of its own names.
      for (const ask of state.steps.flatMap(({ asks }) => asks)) {
        if (!ask.done) continue;
        const body = ask.by?.body;
        if (ask.kind === 'event')
          expect(answersTo(ask).map(({ name }) => ({ name, ...ask.part }))).toContainEqual(
            body?.k === 'event' && { name: body.name, ...part(body) },
          );
        else
          expect([ask.id, body?.k]).toEqual([
            ask.id,
            expect.stringMatching(ask.kind === 'check' ? 'tick' : 'reading|event'),
          ]);
      }
      benchNeed(state, Date.UTC(2026, 2, 3, 15));
      const results = benchResults(state);
      judge(results);
      expect(results.sentence).not.toMatch(/NaN|undefined|Infinity/);
      withhold(results);
      const table = resultTable(doc, classResults([{ bench: 'a', state }]).rows);
      expect(table.flat().filter((cell) => /NaN|undefined|Infinity/.test(cell))).toEqual([]);
      expect(state.done).toBeLessThanOrEqual(state.toDo);
    }),
    { numRuns: 25 },
  );
});

test('every body that a step asks for is an entry that the server takes', () => {
  const doc = acetanilide();
  const refused: unknown[] = [];
  for (const step of benchState(doc, []).steps) {
    for (const make of step.asks.flatMap((ask) => bodiesOfAsk(step, ask))) {
      const body = make('1.00');
      const [{ id, v, log, at, deviceAt, device, saw }] = entriesOf([body]) as [ReturnType<typeof entriesOf>[number]];
      if (!draftSchema.isValidSync({ id, v, log, body, at, deviceAt, device, saw })) refused.push(body);
    }
  }
  expect(refused).toEqual([]);
});
