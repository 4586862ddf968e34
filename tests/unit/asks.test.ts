import { draftSchema } from '@/core/record/draftSchema';
import { entriesOfScript } from '../support/demoRun';
import { answersOf } from '@/core/operations/answers';
import { benchState } from '@/core/bench/benchState';
import { oddOperations } from '../support/oddOperations';
import { shippedPreparations } from '../support/preparations';
import type { Ask } from '@/core/operations/ask';
import type { StepState } from '@/core/bench/benchState';

const units = { mass: 'g', volume: 'mL', temperature: '°C', fraction: '%', length: 'cm' } as const;

/** Every entry that an answer to an ask can make. */
const bodiesOf = ({ context }: StepState, ask: Ask) =>
  answersOf(context, ask, ({ dim }) => [{ digits: '1.00', unit: units[dim], device: '' }]);

test.each([...shippedPreparations(), ['odd operations', oddOperations()] as const])(
  '%s: whatever a step asks for, its answer can be stored',
  (_, doc) => {
    const instant = '2026-03-03T13:00:00.000Z';
    const id = '01ARZ3NDEKTSV4RRFFQ69G5FAV';
    const refused = benchState(doc, entriesOfScript([])).steps.flatMap((step) =>
      step.asks
        .flatMap((ask) => bodiesOf(step, ask))
        .flatMap((body) => {
          const draft = { id, v: 2, log: id, body, at: instant, deviceAt: instant, device: 'tablet', saw: 0 };
          try {
            draftSchema.validateSync(draft);
            return [];
          } catch (error) {
            return [`${step.step.op} ${JSON.stringify(body)}: ${String(error)}`];
          }
        }),
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
