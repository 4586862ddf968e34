import { acetanilide } from '../../../tests/support/preparations';
import { setRun } from './reactions';
import { setWaits } from './steps';

const doc = acetanilide();
const [first, second, third] = doc.steps.map(({ id }) => id) as [string, string, string];
const waits = (from: typeof doc) => from.steps[2]?.after;

test('two ticks in a row are both kept, and a tick taken away leaves the other', () => {
  const both = setWaits(setWaits(doc, third, first, true), third, second, true);
  expect(waits(both)).toEqual([first, second]);
  expect(waits(setWaits(both, third, second, true))).toEqual([first, second]);
  expect(waits(setWaits(both, third, first, false))).toEqual([second]);
  expect(setWaits(setWaits(both, third, first, false), third, second, false).steps[2]).not.toHaveProperty('after');
});

test('no step waits for one that comes after it', () => {
  expect(setWaits(doc, first, third, true).steps[0]).not.toHaveProperty('after');
});

test('a reaction told to run where it runs keeps how far it goes; told not to, it runs there no more', () => {
  const { id } = doc.reactions[0] ?? { id: '' };
  const far = {
    ...doc,
    reactions: [
      { ...doc.reactions[0]!, runs: [{ step: third, to: { by: 'conversion' as const, percent: { typical: '80' } } }] },
    ],
  };
  expect(setRun(far, id, third, true).reactions).toEqual(far.reactions);
  expect(setRun(far, id, first, true).reactions[0]?.runs.map(({ step }) => step)).toEqual([first, third]);
  expect(setRun(far, id, third, false).reactions[0]?.runs).toEqual([]);
});
