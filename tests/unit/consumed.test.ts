import { atomsOf } from '@/core/compound/atomsOf';
import { planOf } from '@/core/process/planOf';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { consumedCases, documentOfConsumed } from '../support/scenarios/consumed';
import type { Matter } from '@/core/worktop/matter/matter';
import type { ConsumedCase } from '../support/scenarios/consumed';

/** What is otherwise than it should be, in words. */
function faultsOf(one: ConsumedCase): readonly string[] {
  const { steps, world } = planOf(documentOfConsumed(one)).process.prediction;
  const flask = steps.at(-1)?.shelf['flask'];
  const here = flask ? wholeOf(flask) : {};
  const brought = (id: string) => steps.reduce((sum, { introduced }) => sum + (introduced[id] ?? 0), 0);
  const left = Object.entries(one.left).flatMap(([id, [least, most]]) => {
    const share = (here[id] ?? 0) / brought(id);
    return share >= least && share <= most ? [] : [`${(100 * share).toFixed(0)} % of ${id} is left`];
  });
  const hydrogen_mmol = steps
    .flatMap(({ streams }) => streams)
    .flatMap(({ to, matter }) => (to === 'air' ? Object.entries(matter) : []))
    .filter(([id]) => world.kind(id).substance?.formula === 'H2')
    .reduce((sum, [, grams]) => sum + (1000 * grams) / 2.016, 0);
  const [least, most] = one.hydrogen_mmol ?? [0, Infinity];
  return hydrogen_mmol >= least && hydrogen_mmol <= most
    ? left
    : [...left, `${hydrogen_mmol.toFixed(1)} mmol of hydrogen`];
}

test.each(consumedCases.map((one) => [one.title, one] as const))('%s', (_, one) => {
  expect(faultsOf(one)).toEqual([]);
});

test.each(consumedCases.map((one) => [one.title, one] as const))(
  '%s: carbon, chlorine, sodium and nitrogen are where they were or in what came of it',
  (_, one) => {
    const { steps, world } = planOf(documentOfConsumed(one)).process.prediction;
    const count = (all: readonly Matter[], element: string) =>
      all.flatMap(Object.entries<number>).reduce((sum, [id, grams]) => {
        const { substance, M = Infinity } = world.kind(id);
        return sum + ((atomsOf(substance?.formula)[element] ?? 0) * grams) / M;
      }, 0);
    const brought = steps.map(({ introduced }) => introduced);
    const left = [
      ...Object.values(steps.at(-1)?.shelf ?? {}).map(wholeOf),
      ...steps.flatMap(({ streams }) => streams).map(({ matter }) => matter),
    ];
    for (const element of ['C', 'Cl', 'Na', 'N']) {
      const before = count(brought, element);
      // Atomic weights are rounded to five figures.
      const off = Math.abs(count(left, element) - before);
      expect([element, off <= 2e-4 * before + 1e-9]).toEqual([element, true]);
    }
  },
);
