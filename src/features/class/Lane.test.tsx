/** @jest-environment jsdom */
import { act, fireEvent, screen } from '@testing-library/react';
import { benchNeed } from '@/core/bench/benchNeed';
import { demoRecord } from '@/data/demoRecord';
import { entriesOfScript, stateOfScript } from '../../../tests/support/demoRun';
import { fill, click, recording, words } from '../../../tests/support/screen';
import { Lane } from './Lane';

const begin = Date.UTC(2026, 2, 3, 13, 0, 0);

function lane(bench: string, minute: number, { open = false, fault }: { open?: boolean; fault?: string } = {}) {
  const steps = demoRecord[bench]?.steps ?? [];
  const state = stateOfScript(steps);
  const now = begin + minute * 60_000;
  const need = benchNeed(state, now);
  const entries = entriesOfScript(steps);
  const board = { id: 'b', bench, log: 'l', entries, ...(fault ? { fault } : {}) };
  return recording((onAdd) => (
    <ol>
      <Lane
        lane={board}
        identity={{ role: 'demonstrator', id: 'd', name: 'demonstrator' }}
        since="2026-03-03T12:00:00.000Z"
        classId="c"
        periods={[]}
        state={state}
        need={need}
        now={now}
        open={open}
        onToggle={() => undefined}
        onAdd={onAdd}
      />
    </ol>
  ));
}

test('a line to read in passing: where, how far, what is needed, since when', () => {
  const { container } = lane('Sanderling', 90);
  expect(words(container.querySelector('.lane-where'))).toBe('Drying to constant mass: crude acetanilide9 of 19');
  expect(words(container.querySelector('.lane-need'))).toMatch(/^Waits for a signaturesince \d\d:\d\d$/);
  expect(words(container.querySelector('.lane-mark'))).toBe('✓ record verified');
});

test('what runs is shown with the time left; once late, with what to do now', () => {
  const running = lane('Godwit', 28);
  // First reflux at minute 18, a quarter of an hour: five minutes left.
  expect(words(running.container.querySelector('.timer'))).toBe('5:00At refluxthen: Turn the heat off');
  running.unmount();
  const late = lane('Godwit', 35);
  expect(words(late.container.querySelector('.timer-late'))).toBe('2:00Now: turn the heat offAt reflux, over the time');
  expect(words(late.container.querySelector('.lane-need'))).toContain('A timer is over: Turn the heat off');
});

test('not begun, finished, something to check, a broken record: each in its own words', () => {
  const need = (bench: string, options = {}) => {
    const { container, unmount } = lane(bench, 300, options);
    const text = words(container.querySelector('.lane-line'));
    unmount();
    return text;
  };
  expect(need('Avocet')).toContain('Not begun');
  expect(need('Curlew')).toContain('Finished');
  expect(need('Dunlin')).toContain('To check: Off the target');
  expect(need('Knot', { fault: 'entry 3 is missing' })).toContain('record broken: entry 3 is missing');
});

test('holding signs exactly the contents that are shown; letting go before does not', () => {
  jest.useFakeTimers();
  const { bodies } = lane('Sanderling', 90, { open: true });
  expect(words(screen.getByRole('region', { name: 'To sign' }))).toContain(
    'full 23.99 g (cap on) → empty 21.96 g (cap on) · Aniline 2.03 g target 2.04 g',
  );
  const button = screen.getByRole('button', { name: 'Hold to sign' });
  fireEvent.pointerDown(button);
  act(() => void jest.advanceTimersByTime(500));
  fireEvent.pointerUp(button);
  act(() => void jest.advanceTimersByTime(2000));
  expect(bodies).toEqual([]);
  fireEvent.keyDown(button, { key: 'Enter' });
  act(() => void jest.advanceTimersByTime(800));
  const [full, empty] = entriesOfScript(demoRecord['Sanderling']?.steps ?? []);
  expect(bodies).toEqual([
    {
      k: 'sign',
      seals: [
        { entry: full?.id, content: full?.content },
        { entry: empty?.id, content: empty?.content },
      ],
    },
  ]);
  jest.useRealTimers();
});

test('returning needs a remark', () => {
  const { bodies } = lane('Sanderling', 90, { open: true });
  expect((screen.getByRole('button', { name: 'Return it' }) as HTMLButtonElement).disabled).toBe(true);
  fill('Remark for returning', ' which balance? ');
  click('Return it');
  expect(bodies).toMatchObject([{ k: 'return', remark: 'which balance?' }]);
});
