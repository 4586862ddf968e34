import { acetanilideRun } from '@/data/acetanilideRun';
import { stateOfScript, upTo } from '../../../tests/support/demoRun';
import { askBlocks, openBlock, optionalOf } from './askOrder';

/** Blocks of a step once a clean run has come to something. */
const blocksAt = (key: string, step: string) => {
  const state = stateOfScript(upTo(key, acetanilideRun()));
  return askBlocks(state.steps.find((one) => one.step.id === step)?.asks ?? []);
};
const openAt = (key: string, step: string, chosen?: string) => openBlock(blocksAt(key, step), chosen)?.id;

test('set-up checks that follow each other are one block, done when all are', () => {
  const [checks, ...rest] = blocksAt('reflux/condenser', 'reflux');
  expect(checks).toMatchObject({ kind: 'checks', done: false });
  expect(checks?.kind === 'checks' && checks.checks.filter(({ done }) => done)).toHaveLength(3);
  expect(rest.map(({ kind }) => kind)).toEqual(['one', 'one', 'one', 'one']);
  expect(blocksAt('reflux/joints', 'reflux')[0]?.done).toBe(true);
});

test('what is open goes by the order of the step, unless somebody opens another', () => {
  expect(openAt('reflux/condenser', 'reflux')).toBe('clamped');
  expect(openAt('reflux/joints', 'reflux')).toBe('heatOn');
  expect(openAt('reflux/heatOn', 'reflux')).toBe('firstReflux');
  expect(openAt('reflux/firstReflux', 'reflux')).toBe('temperature');
  expect(openAt('reflux/firstReflux', 'reflux', 'heatOff')).toBe('heatOff');
  expect(openAt('reflux/temperature/1', 'reflux')).toBe('heatOff');
});

test('a complete step opens nothing by itself; an optional series, once begun, goes on', () => {
  expect(openAt('quench/net', 'reflux')).toBeUndefined();
  const all = 'melt-pure/A/clear';
  expect(openAt(all, 'melt-pure')).toBeUndefined();
  const another = blocksAt(all, 'melt-pure')
    .map(optionalOf)
    .find((words) => words !== undefined);
  expect(another).toBe('Another capillary, B');
  expect(openAt(all, 'melt-pure', another)).toBe('B-start');
});
