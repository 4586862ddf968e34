import { acetanilideRun } from '@/data/acetanilideRun';
import { stateOfScript } from '../../../tests/support/demoRun';
import { askBlocks, openBlock, optionalOf } from './askOrder';

/** Blocks of a step after the first `minutes` of a clean run. */
const blocksAt = (minutes: number, step: string) => {
  const state = stateOfScript(acetanilideRun({ until: minutes }));
  return askBlocks(state.steps.find((one) => one.step.id === step)?.asks ?? []);
};
const openAt = (minutes: number, step: string, chosen?: string) => openBlock(blocksAt(minutes, step), chosen)?.id;

test('set-up checks that follow each other are one block, done when all are', () => {
  const [checks, ...rest] = blocksAt(11.2, 'reflux');
  expect(checks).toMatchObject({ kind: 'checks', done: false });
  expect(checks?.kind === 'checks' && checks.checks.filter(({ done }) => done)).toHaveLength(3);
  expect(rest.map(({ kind }) => kind)).toEqual(['one', 'one', 'one', 'one']);
  expect(blocksAt(11.5, 'reflux')[0]?.done).toBe(true);
});

test('what is open goes by the order of the step, unless somebody opens another', () => {
  expect(openAt(11.2, 'reflux')).toBe('clamped');
  expect(openAt(11.5, 'reflux')).toBe('heatOn');
  expect(openAt(12, 'reflux')).toBe('firstReflux');
  expect(openAt(18, 'reflux')).toBe('temperature');
  expect(openAt(18, 'reflux', 'heatOff')).toBe('heatOff');
  expect(openAt(22, 'reflux')).toBe('heatOff');
});

test('a complete step opens nothing by itself; an optional series, once begun, goes on', () => {
  expect(openAt(40, 'reflux')).toBeUndefined();
  const all = 24 * 60;
  expect(openAt(all, 'melt-pure')).toBeUndefined();
  const another = blocksAt(all, 'melt-pure')
    .map(optionalOf)
    .find((words) => words !== undefined);
  expect(another).toBe('Another capillary, B');
  expect(openAt(all, 'melt-pure', another)).toBe('B-start');
});
