/** @jest-environment jsdom */
import { render } from '@testing-library/react';
import { acetanilideRun } from '@/data/acetanilideRun';
import { operations } from '@/core/operations/registry';
import { stateOfScript } from '../../../../tests/support/demoRun';
import { oddOperations } from '../../../../tests/support/oddOperations';
import { shippedPreparations } from '../../../../tests/support/preparations';
import { StepPicture } from './StepPicture';

test('every operation has its drawing; weighing is drawn as the balance', () => {
  expect(operations.filter(({ drawing }) => !drawing).map(({ name }) => name)).toEqual(['weighing']);
});

test.each([
  ['at the start', []],
  ['at the end', acetanilideRun()],
] as const)('%s every ask of every step draws, and says in words what it shows', (_, script) => {
  for (const step of stateOfScript(script).steps) {
    for (const ask of step.asks) {
      const slot = ask.kind === 'measure' ? ask.ways[0]?.slots[0] : undefined;
      const { container, unmount } = render(
        <StepPicture step={step} ask={ask} text="12 °C" {...(slot ? { slot } : {})} />,
      );
      const [drawing] = container.querySelectorAll('svg');
      expect([step.step.id, ask.id, (drawing?.getAttribute('aria-label') ?? '').length > 10]).toEqual([
        step.step.id,
        ask.id,
        true,
      ]);
      expect(container.innerHTML).not.toMatch(/NaN|undefined|Infinity/);
      unmount();
    }
  }
});

test('the drawings above and below are of every operation', () => {
  const used = [...shippedPreparations().map(([, doc]) => doc), oddOperations()].flatMap(({ steps }) =>
    steps.map(({ op }) => op),
  );
  expect(operations.map(({ name }) => name).filter((name) => !used.includes(name))).toEqual([]);
});

test.each([...shippedPreparations(), ['odd operations', oddOperations()] as const])(
  '%s: what happens has its place in the drawing: a ring where each check and event is',
  (_, doc) => {
    const bare: string[] = [];
    for (const step of stateOfScript([], {}, doc).steps) {
      for (const ask of step.asks) {
        if (ask.kind === 'measure') continue;
        const { container, unmount } = render(<StepPicture step={step} ask={ask} />);
        if (!container.querySelector('.spot')) bare.push(`${step.step.id}/${ask.id}`);
        unmount();
      }
    }
    expect(bare).toEqual([]);
  },
);
