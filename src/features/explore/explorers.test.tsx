/** @jest-environment jsdom */
import '../../../tests/support/screen';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { computePlan } from '@/core/plan/plan';
import { exploreDistillation } from '@/core/explore/distillation';
import { Explorers } from './Explorers';
import { predictProcess } from '@/core/process/predictProcess';
import { seedsOf } from '@/core/explore/seeds';
import { shipped } from '../../../tests/support/preparations';
import type { DistillationAnswer, DistillationQuestion } from '@/core/explore/distillation';
import type { runTask } from '@/workers/task';

interface HeldTask {
  readonly question: DistillationQuestion;
  readonly signal: AbortSignal;
  readonly tell: (done: number) => void;
  readonly answer: (answer: DistillationAnswer) => Promise<void>;
  readonly refuse: (why: string) => Promise<void>;
}
let held: HeldTask[] = [];

// Tasks that are answered when they are told to: what runs in a worker is tested by itself.
jest.mock('@/workers/task', () => ({
  runTask: (_: unknown, question: DistillationQuestion, { onProgress, signal }: Parameters<typeof runTask>[2]) =>
    new Promise((resolve, reject) => {
      const settled = (settle: () => void) => act(async () => Promise.resolve(settle()));
      held.push({
        question,
        signal,
        tell: (done) => act(() => onProgress(done)),
        answer: (answer) => settled(() => resolve(answer)),
        refuse: (why) => settled(() => reject(new RangeError(why))),
      });
    }),
}));

beforeEach(() => {
  held = [];
  Object.assign(globalThis, {
    ResizeObserver: class {
      observe() {
        return undefined;
      }
      unobserve() {
        return undefined;
      }
      disconnect() {
        return undefined;
      }
    },
  });
});

function open(name: string, tab?: string) {
  const plan = computePlan(shipped(name));
  render(<Explorers substances={plan.doc.substances} seeds={seedsOf(plan, predictProcess(plan))} />);
  if (tab !== undefined) fireEvent.click(screen.getByRole('button', { name: tab }));
}
const says = () => document.querySelector('.explore-says')?.textContent?.replace(/[\u00a0\u202f]/g, ' ') ?? '';
const type = (label: string | RegExp, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });

test('extraction begins with the numbers of the plan and follows every dial', () => {
  open('acid-base-neutral');
  expect(says()).toContain('2 × 15.0 mL leave 0.2');
  type('pH of the water', '2');
  expect(says()).toContain('99 % of trans-cinnamic acid behind');
  type('Portions', '1');
  expect(says()).toContain('1 × 30.0 mL leaves');
});

test('what is typed beyond reason is said at the field, and the last good number stays in force', () => {
  open('acid-base-neutral');
  const before = says();
  type('pH of the water', '99');
  expect(screen.getByRole('alert').textContent).toBe('A number from -1 to 15.');
  expect(says()).toBe(before);
});

test('washes are planned for what is left to be washed', () => {
  open('methylcyclohexanone', 'Washes');
  const washes = () => [...document.querySelectorAll('.explore-washes strong')].map((one) => one.textContent ?? '');
  expect(washes().at(-1)).toContain('saturated brine');
  // Without anything to take out only the brine is left.
  for (const box of screen.getAllByRole('checkbox')) fireEvent.click(box);
  expect(washes()).toHaveLength(1);
  expect(document.querySelectorAll('.explore-left')).toHaveLength(0);
});

test('a distillation shows its progress, can be cancelled, begun again and answered', async () => {
  open('cyclohexane-toluene', 'Distillation');
  const first = held.at(-1);
  first?.tell(0.4);
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('40');
  fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
  expect(first?.signal.aborted).toBe(true);
  expect(screen.getByText(/Cancelled/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Distil again' }));
  const next = held.at(-1);
  const question = next?.question as DistillationQuestion;
  expect(question).toMatchObject({ stages: 6, reflux: 5, torr: 760, limits_C: [85, 107] });
  await next?.answer(exploreDistillation(question));
  expect(says()).toContain('The first drop comes at 81.3 °C');
  expect(screen.getAllByRole('row').length).toBe(4);
  type('Thread out of the vapour, degrees', '60');
  await held.at(-1)?.answer(exploreDistillation(question));
  expect(document.body.textContent).toContain('it reads low');
});

test('a distillation that cannot be is refused in words', async () => {
  open('cyclohexane-toluene', 'Distillation');
  await held.at(-1)?.refuse('the column holds more than the charge');
  expect(screen.getByRole('alert').textContent).toContain('the column holds more than the charge');
});

test('recrystallization: more solvent keeps more; where no curve is known that is said', () => {
  open('acetanilide', 'Recrystallization');
  const share = () => Number(/^([\d.]+)/.exec(says())?.[1]);
  const before = share();
  type('Solvent when it cools, mL', '200');
  expect(share()).toBeLessThan(before);
});

test('without a curve the explorer says so instead of guessing', () => {
  open('dimethylphenylpyrrole', 'Recrystallization');
  expect(document.body.textContent).toContain('No solubility curve is known');
});

test('melting range: pure at its melting point, an observation above it is no purity', () => {
  open('acetanilide', 'Melting range');
  type('Impurity that the melt dissolves, mol %', '0');
  expect(says()).toContain('melts at 115.0 °C to 115.0 °C');
  type('Clear point seen, °C', '118');
  expect(says()).toContain('above the melting point');
  type('Clear point seen, °C', '112');
  expect(says()).toContain('an estimate');
});
