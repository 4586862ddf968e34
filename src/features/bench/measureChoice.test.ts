import { acetanilideRun } from '@/data/acetanilideRun';
import { stateOfScript, upTo } from '../../../tests/support/demoRun';
import { goalWindow, nextSlot, startWay, usualDevice } from './measureChoice';
import type { DemoStep } from '@/data/demoSteps';
import type { MeasureAsk } from '@/core/operations/ask';

const stepAt = (steps: readonly DemoStep[], id: string) => {
  const state = stateOfScript(steps);
  const step = state.steps.find((one) => one.step.id === id)!;
  return {
    step,
    devices: state.bench.doc.devices,
    asks: step.asks.filter((ask): ask is MeasureAsk => ask.kind === 'measure'),
  };
};

test('the sheet says how to begin; a weighing that was begun goes on', () => {
  const fresh = stepAt([], 'aniline').asks[0]!;
  expect(startWay(fresh).id).toBe('difference');
  expect(nextSlot(fresh, startWay(fresh))?.slot).toBe('full');
  const begun = stepAt(upTo('aniline/full', acetanilideRun()), 'aniline').asks[0]!;
  expect(nextSlot(begun, startWay(begun))?.slot).toBe('empty');
  const done = stepAt(upTo('aniline/empty', acetanilideRun()), 'aniline').asks[0]!;
  expect(nextSlot(done, startWay(done))).toBeUndefined();
});

test('the window is the target and a tenth on each side, for the quantity that is read', () => {
  const ask = stepAt([], 'anhydride').asks[0]!;
  expect(goalWindow(ask, 'volume')).toMatchObject({ low: 2.25, aim: 2.5, high: 2.75, unit: 'mL' });
  expect(goalWindow(ask, 'mass')?.aim).toBeCloseTo(2.5 * 1.082, 9);
  expect(goalWindow(ask, 'temperature')).toBeUndefined();
});

test('the instrument: the line’s own, else the step’s, else the one read last, else the first', () => {
  const balances = (devices: ReturnType<typeof stepAt>['devices']) => devices.filter(({ unit }) => unit === 'g');
  const quench = stepAt([], 'quench');
  expect(usualDevice(balances(quench.devices), quench.asks[0]!, quench.step)?.id).toBe('balance-01');
  const drying = stepAt([], 'dry-crude');
  expect(usualDevice(balances(drying.devices), drying.asks[0]!, drying.step)?.id).toBe('balance-001');
  const wash = (steps: readonly DemoStep[]) => {
    const { step, devices, asks } = stepAt(steps, 'filter');
    return usualDevice(balances(devices), { ...asks[0]!, device: '' }, step)?.id;
  };
  expect(wash([])).toBe('balance-0001');
  expect(wash(upTo('sign', acetanilideRun()))).toBe('balance-001');
});
