/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { acetanilideRun } from '@/data/acetanilideRun';
import { click, fill, recording, words } from '../../../tests/support/screen';
import { stateOfScript, upTo } from '../../../tests/support/demoRun';
import { MeasurePad } from './MeasurePad';
import type { DemoStep } from '@/data/demoSteps';
import type { MeasureAsk } from '@/core/operations/ask';

function pad(id: string, steps: readonly DemoStep[] = [], which = 0) {
  const step = stateOfScript(steps).steps.find((one) => one.step.id === id)!;
  const ask = step.asks.filter((one): one is MeasureAsk => one.kind === 'measure')[which]!;
  const { devices } = step.context.bench.doc;
  return recording((onAdd) => <MeasurePad ask={ask} step={step} devices={devices} onAdd={onAdd} />);
}
const recordButton = () => screen.getByRole('button', { name: /^Record/ });

test('by difference: the full vessel first, with device and configuration; the digits stay as typed', () => {
  const { bodies } = pad('aniline');
  expect(screen.getByText('Weigh the full vessel.')).toBeTruthy();
  fill('Reading, g', '24.10');
  click(/^Record 24\.10\sg$/);
  expect(bodies).toEqual([
    {
      k: 'reading',
      place: { line: 'aniline', slot: 'full' },
      digits: '24.10',
      unit: 'g',
      device: 'balance-001',
      state: ['cap on'],
    },
  ]);
});

test('the second weighing begins in the configuration of the first, whatever it was', () => {
  const uncapped = upTo('aniline/full', acetanilideRun()).map((step) =>
    'read' in step ? { ...step, state: ['cap off'] } : step,
  );
  const { bodies } = pad('aniline', uncapped);
  expect(screen.getByText('Weigh the emptied vessel.')).toBeTruthy();
  fill('Reading, g', '22.06');
  fireEvent.keyDown(screen.getByLabelText('Reading, g'), { key: 'Enter' });
  expect(bodies).toMatchObject([{ digits: '22.06', state: ['cap off'] }]);
});

test('nonsense is met in words and cannot be recorded; another unit of the kind is understood', () => {
  const { bodies } = pad('anhydride');
  for (const [text, says] of [
    ['two', 'is not a number'],
    ['2,50', 'can be read two ways'],
    ['2 g', 'does not fit'],
  ] as const) {
    fill('Reading, mL', text);
    expect(screen.getByRole('alert').textContent).toContain(says);
    expect((recordButton() as HTMLButtonElement).disabled).toBe(true);
    fireEvent.keyDown(screen.getByLabelText('Reading, mL'), { key: 'Enter' });
  }
  expect(bodies).toEqual([]);
  fill('Reading, mL', '2500 µL');
  click(/^Record/);
  expect(bodies).toMatchObject([{ digits: '2500', unit: 'µL' }]);
});

test('the window fills while typing and says in words where the reading lies', () => {
  const { container } = pad('anhydride');
  const says = () => words(container.querySelector('.gauge-words'));
  expect(says()).toBe('aim at 2.50 mL');
  fill('Reading, mL', '2.2');
  expect(says()).toBe('below the window');
  fill('Reading, mL', '2.25');
  expect(says()).toBe('inside the window');
  fill('Reading, mL', '2.76');
  expect(says()).toBe('above the window');
});

test('the pad’s own keys type, one point at the most', () => {
  pad('anhydride');
  for (const key of ['2', 'Point', 'Point', '5', '7', 'Delete the last digit', '0']) click(key);
  expect((screen.getByLabelText('Reading, mL') as HTMLInputElement).value).toBe('2.50');
});

test('a temperature may lie below zero, a mass not', () => {
  const { bodies } = pad('ice');
  fill('Reading, °C', '-2');
  click(/^Record/);
  expect(bodies).toMatchObject([{ digits: '-2', unit: '°C', place: { step: 'ice', slot: 'temperature' } }]);
});

test('a series shows how it stands and can be closed by feel and look', () => {
  const { bodies, container } = pad('dry-crude', upTo('dry-crude/net/2', acetanilideRun()));
  expect(words(container)).toContain('still falling');
  click('Dry by feel and look');
  expect(bodies).toEqual([{ k: 'event', step: 'dry-crude', name: 'looksDry' }]);
});

test('two readings that do not belong together leave no field to go on with', () => {
  const mixed = upTo('aniline/empty', acetanilideRun()).map((step, i) =>
    'read' in step && i === 1 ? { ...step, state: ['cap off'] } : step,
  );
  pad('aniline', mixed);
  expect(screen.getByText(/cannot be used together/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Record/ })).toBeNull();
});
