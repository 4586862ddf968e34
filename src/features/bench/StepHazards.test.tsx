/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { ConventionWords } from '@/components/ConventionWords';
import { StepHazards } from './StepHazards';
import { stateOfScript } from '../../../tests/support/demoRun';
import { words } from '../../../tests/support/screen';

function at(id: string) {
  const state = stateOfScript([]);
  const step = state.steps.find((one) => one.step.id === id);
  if (!step) throw new Error(id);
  return render(<StepHazards step={step} state={state} />).container;
}

test('a step that charges something shows its symbols in words and what it calls for', () => {
  const step = at('aniline');
  expect(words(step.querySelector('summary'))).toBe('corrosivetoxichealth hazardharms water life6 cautions here');
  expect(words(step)).toContain('Toxic through the skin.');
  expect(screen.getByText(/not an authorization/)).toBeTruthy();
});

test('heating under reflux has no bottle of its own, but its cautions', () => {
  const step = at('reflux');
  expect(step.querySelectorAll('.pictogram')).toHaveLength(0);
  expect(words(step)).toContain('vapour can catch fire from 39 °C on');
});

test('a step without hazards shows nothing', () => {
  expect(at('cool').textContent).toBe('');
});

test('the conventions of a class: those of its own in sight, all on a tap', () => {
  const { rerender, container } = render(<ConventionWords doc={{}} />);
  expect(words(container.querySelector('summary'))).toBe('Conventions of this class: the usual ones');
  rerender(<ConventionWords doc={{ conventions: { refluxClock: 'heatOn' } }} />);
  expect(words(container.querySelector('summary'))).toBe(
    'Conventions of this class: When the reflux clock starts: heat on',
  );
  expect(container.querySelectorAll('li').length).toBeGreaterThanOrEqual(23);
});
