/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { benchState } from '@/core/bench/benchState';
import { click, words } from '../../tests/support/screen';
import { entriesOf } from '../../tests/support/record';
import { oddOperations } from '../../tests/support/oddOperations';
import { TimerStrip } from './TimerStrip';
import type { Body } from '@/core/record/entry';

const begin = Date.UTC(2026, 2, 3, 13, 0, 0);
// A closed vial, shaken for ten minutes and vented every two.
const at = (minute: number, name: string): readonly [number, Body] => [minute, { k: 'event', step: 'odd-4', name }];
function timers(...happened: readonly (readonly [number, Body])[]) {
  const entries = entriesOf(happened.map(([, body]) => body)).map((entry, i) => ({
    ...entry,
    at: new Date(begin + (happened[i]?.[0] ?? 0) * 60_000).toISOString(),
  }));
  return benchState(oddOperations(), entries).timers.filter(({ ended }) => ended === undefined);
}
const vent = (minute: number, ...happened: readonly (readonly [number, Body])[]) => {
  const [, repeating] = timers(...happened);
  const onAgain = jest.fn();
  const { container, unmount } = render(
    <TimerStrip timer={repeating!} now={begin + minute * 60_000} onOpen={() => undefined} onAgain={onAgain} />,
  );
  const text = words(container.querySelector('.timer'));
  click('Vented');
  unmount();
  return [text, onAgain.mock.calls.length];
};

test('a repeating timer starts anew each time it is told, and late stays until then', () => {
  expect(vent(1, at(0, 'begun'))).toEqual([
    '1:00Shaken, to be vented every 2 minthen: Vent, the tip away from people',
    1,
  ]);
  expect(vent(3, at(0, 'begun'))[0]).toContain('Now: vent, the tip away from people');
  expect(vent(5, at(0, 'begun'))[0]).toMatch(/^3:00Now/);
  expect(vent(3, at(0, 'begun'), at(2.5, 'vented'))[0]).toMatch(/^1:30Shaken/);
  // The end of the whole ends it; the timer of the whole ran beside it.
  expect(timers(at(0, 'begun'), at(2, 'vented')).map(({ key }) => key)).toEqual(['odd-4', 'odd-4/vented']);
  expect(timers(at(0, 'begun'), at(2, 'vented'), at(10, 'ended'))).toEqual([]);
});

test('a timer that does not come again has no button of its own', () => {
  const [whole] = timers(at(0, 'begun'));
  render(<TimerStrip timer={whole!} now={begin} onAgain={() => undefined} />);
  expect(screen.queryAllByRole('button')).toEqual([]);
});
