import { draftSchema } from '@/core/record/draftSchema';
import { entriesOfScript } from '../support/demoRun';
import { answersOf, poursOf } from '@/core/operations/answers';
import { benchState } from '@/core/bench/benchState';
import { oddOperations } from '../support/oddOperations';
import { entriesOf } from '../support/record';
import { shippedPreparations } from '../support/preparations';
import type { Body } from '@/core/record/entry';
import type { PanelAsk, PlainAsk, PourAsk } from '@/core/operations/ask';
import type { StepState } from '@/core/bench/benchState';

const units = { mass: 'g', volume: 'mL', temperature: '°C', fraction: '%', length: 'cm' } as const;

/** Every entry that an answer to an ask can make. */
const bodiesOf = ({ context }: StepState, ask: PlainAsk) =>
  answersOf(context, ask, ({ dim }) => [{ digits: '1.00', unit: units[dim], device: '' }]);

/** Every entry that a hand can make at it. */
const handedOf = ({ context }: StepState, ask: PourAsk | PanelAsk): readonly Body[] =>
  ask.kind === 'pour'
    ? poursOf(context, ask)
    : ask.offers.map(({ body }) => (typeof body === 'function' ? body({ digits: '1.00', unit: 'mL' }) : body));

test.each([...shippedPreparations(), ['odd operations', oddOperations()] as const])(
  '%s: whatever a step asks for, its answer can be stored',
  (_, doc) => {
    const instant = '2026-03-03T13:00:00.000Z';
    const id = '01ARZ3NDEKTSV4RRFFQ69G5FAV';
    const refused = benchState(doc, entriesOfScript([])).steps.flatMap((step) =>
      [...step.asks.flatMap((ask) => bodiesOf(step, ask)), ...step.hands.flatMap((ask) => handedOf(step, ask))].flatMap(
        (body) => {
          const draft = { id, v: 2, log: id, body, at: instant, deviceAt: instant, device: 'tablet', saw: 0 };
          try {
            draftSchema.validateSync(draft);
            return [];
          } catch (error) {
            return [`${step.step.op} ${JSON.stringify(body)}: ${String(error)}`];
          }
        },
      ),
    );
    expect(refused).toEqual([]);
  },
);

test('whatever a step reads it declares, in its dimension', () => {
  const asked = [...shippedPreparations().map(([, doc]) => doc), oddOperations()].flatMap((doc) =>
    benchState(doc, []).steps.flatMap(({ operation, asks }) =>
      asks.flatMap((ask) =>
        ask.kind === 'measure' && ask.about.line === undefined
          ? ask.ways.flatMap(({ slots }) =>
              slots.map(({ slot, dim }) => ({
                at: `${operation.name} ${slot}`,
                asked: dim,
                per: ask.about.round !== undefined ? 'round' : ask.about.item !== undefined ? 'item' : undefined,
                declared: operation.reads[slot],
              })),
            )
          : [],
      ),
    ),
  );
  expect(asked.length).toBeGreaterThan(60);
  expect(asked.filter(({ asked: dim, declared }) => declared?.dim !== dim)).toEqual([]);
  expect(asked.filter(({ per, declared }) => per === 'round' && declared?.per !== per)).toEqual([]);
});

describe('what is poured out of a funnel', () => {
  const [, doc] = shippedPreparations().find(([, { steps }]) => steps.some(({ op }) => op === 'extraction'))!;
  const { id } = doc.steps.find(({ op }) => op === 'extraction')!;
  const stepWith = (bodies: readonly Body[]) =>
    benchState(doc, entriesOf(bodies)).steps.find(({ step }) => step.id === id) as StepState;
  const pours = (step: StepState) => step.hands.filter((one): one is PourAsk => one.kind === 'pour');
  const first = pours(stepWith([]))[0] as PourAsk;
  const [upper] = poursOf({ step: { ...doc.steps[0]!, id } }, first);

  test('is told by the event that means it: what was done before reopens nothing', () => {
    expect(first.done).toBe(false);
    const told = stepWith([{ k: 'event', step: id, name: 'separated', round: 1 }]);
    expect(pours(told)[0]).toMatchObject({ done: true });
    expect(pours(told)[0]?.by).toBeUndefined();
  });

  test('or by the move that it writes, which is then what answered it', () => {
    const moved = stepWith([upper!]);
    expect(pours(moved)[0]?.by?.body).toMatchObject({ k: 'move', step: id, round: 1, n: 1, what: 'upper' });
  });

  test('stands beside the same as plain asks: a list shows the parts of the panel, in their order', () => {
    const step = stepWith([]);
    const parts = step.hands.flatMap((one) => (one.kind === 'panel' ? one.parts : []));
    expect(step.asks.filter((ask) => parts.some((part) => part.id === ask.id))).toEqual(parts);
    expect(parts.length).toBeGreaterThan(2);
  });
});
