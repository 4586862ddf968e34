/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { acetanilideRun } from '@/data/acetanilideRun';
import { click, fill, recording, words } from '../../../tests/support/screen';
import { stateOfScript, upTo } from '../../../tests/support/demoRun';
import { StepPanel } from './StepPanel';
import { WorkingDrawer, WorkingSource } from '@/components/WorkingDrawer';
import type { DemoStep } from '@/data/demoSteps';

function panel(id: string, steps: readonly DemoStep[] = []) {
  const state = stateOfScript(steps);
  const step = state.steps.find((one) => one.step.id === id)!;
  const next = jest.fn();
  const view = recording((onAdd) => (
    <WorkingDrawer>
      <WorkingSource doc={state.bench.doc} entryWords={() => undefined}>
        <StepPanel step={step} state={state} number={1} closed={false} onAdd={onAdd} onNext={next} />
      </WorkingSource>
    </WorkingDrawer>
  ));
  return { ...view, next, state };
}

test('checks are made one by one, each recorded by its name', () => {
  const { bodies } = panel('reflux');
  click(/^The flask is clamped/);
  click(/^The top is open/);
  expect(bodies).toEqual([
    { k: 'tick', step: 'reflux', check: 'clamped' },
    { k: 'tick', step: 'reflux', check: 'open' },
  ]);
});

test('what comes later can be opened out of order', () => {
  const { bodies } = panel('reflux');
  click('Wait until condensate falls back: the vapour ring stands in the lower third.');
  click('Not now');
  expect(screen.getByRole('button', { name: /^The flask is clamped/ })).toBeTruthy();
  click('Turn the heat on.');
  click('Heat is on');
  expect(bodies).toEqual([{ k: 'event', step: 'reflux', name: 'heatOn' }]);
});

test('a finished step says so, may be a safe stop, and goes on', () => {
  const { next, container } = panel('dry-crude', upTo('dry-crude/net/4', acetanilideRun()));
  expect(words(container)).toContain('You may stop here: Crude solid, covered, in air.');
  expect(words(container)).toContain('Net mass 2.71 g, 2.60 g, 2.58 g, 2.58 g');
  click('Go on');
  expect(next).toHaveBeenCalled();
});

test('a stop holds the main button until it is settled or gone past with a reason, bound to its facts', () => {
  const hot: DemoStep = { minute: 41, place: { step: 'quench', slot: 'temperature' }, read: '75 °C', device: '' };
  const steps = upTo('quench/ended', acetanilideRun()).filter(
    (step) => !('place' in step && step.place.step === 'quench'),
  );
  const { bodies, state } = panel('quench', [...steps, hot]);
  expect((screen.getByRole('button', { name: 'Settle the stop first' }) as HTMLButtonElement).disabled).toBe(true);
  click('Go on all the same');
  const dialog = within(screen.getByRole('dialog'));
  const send = dialog.getByRole('button', { name: 'Go on, and record it' }) as HTMLButtonElement;
  expect(send.disabled).toBe(true);
  fill('Reason', '  read on the wall of the flask ');
  click('Go on, and record it');
  const finding = state.findings.find(({ rule }) => rule === 'quench.hot');
  expect(bodies).toEqual([
    { k: 'override', finding: finding?.key, facts: finding?.facts, reason: 'read on the wall of the flask' },
  ]);
});

test('a note, a deviation and a step left out are entries with words', () => {
  const { bodies } = panel('ice');
  const tell = (button: string, label: string, text: string, action: string) => {
    click(button);
    fill(label, text);
    click(action);
  };
  tell('Write a note', 'What happened', 'a drop spilled', 'Record it');
  tell('Done otherwise', 'What was different, and why', 'twenty minutes, no ice', 'Record it');
  tell('Leave this step out', 'Reason', 'cold enough', 'Leave it out');
  expect(bodies).toEqual([
    { k: 'words', step: 'ice', text: 'a drop spilled' },
    { k: 'deviation', step: 'ice', reason: 'twenty minutes, no ice' },
    { k: 'step', step: 'ice', to: 'skip', reason: 'cold enough' },
  ]);
});

test('another capillary is offered when one is whole, and its readings follow each other', () => {
  const { bodies } = panel('melt-crude', upTo('recrystallize/aids', acetanilideRun()));
  click('Another capillary, B');
  fill('Reading, °C', '95.0');
  click(/^Record/);
  expect(bodies).toMatchObject([{ place: { step: 'melt-crude', item: 'B', slot: 'start' } }]);
});

test('a capillary that is whole is not offered again, a further temperature is', () => {
  const twice = acetanilideRun({
    pureMelt: [0, 1].map((i) => ({
      at: [0, 3, 8, 9] as const,
      read: ['95.0', '99.0', `113.${i}`, `114.${i}`] as const,
    })),
  });
  const melting = panel('melt-pure', twice);
  const offers = () => screen.getAllByRole('button', { name: /^Another/ }).map((one) => one.textContent);
  expect(offers()).toEqual(['Another capillary, C']);
  melting.unmount();
  panel('reflux', twice);
  expect(offers()).toEqual(['Another temperature']);
});

test('a new target says what the sheet had said and why it moved', () => {
  const { container } = panel('anhydride', upTo('acid/volume', acetanilideRun({ aniline: ['24.31', '22.02'] })));
  expect(words(container.querySelector('.retarget'))).toBe(
    'New target for acetic anhydride: the sheet said 2.50 mL; it follows what you took of aniline.',
  );
  expect(words(container.querySelector('.bench-sentence'))).toBe(
    'Measure 2.80 mL acetic anhydride into the reaction flask.',
  );
});

test('a step says what it came to: time at reflux, excess of what was taken, what the water keeps', () => {
  const outcome = (id: string) => {
    const { container, unmount } = panel(id, acetanilideRun());
    const text = words(container.querySelector('.outcome'));
    unmount();
    return text;
  };
  // First reflux at minute 18, heat off at 33.5.
  expect(outcome('reflux')).toBe('at reflux15.5min');
  // 2.50 mL × 1.082 ÷ 102.09 = 26.5 mmol against 21.9 mmol.
  expect(outcome('anhydride')).toMatch(/^taken2\.50±0\.02mLexcess21%may be lost before it limits0\.43mLhottest88/);
  expect(outcome('filter')).toBe('dissolved in the filtrate and the wash, foreseen0.18g');
  expect(outcome('melt-pure')).toBe('A: first liquid113.2±0.3°CA: last crystal114.4±0.3°CA: ramp1.6K/min');
});
