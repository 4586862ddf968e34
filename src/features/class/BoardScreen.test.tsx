/** @jest-environment jsdom */
import '../../../tests/support/indexedDb';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { SWRConfig } from 'swr';
import { api, ApiError } from '@/api/client';
import { BoardScreen } from './BoardScreen';
import { demoRecord } from '@/data/demoRecord';
import { acetanilide } from '../../../tests/support/preparations';
import { click, fill, words } from '../../../tests/support/screen';
import { entriesOfScript } from '../../../tests/support/demoRun';
import type { ClassBoard } from '@/core/people/class';
import type { Entry } from '@/core/record/entry';

jest.mock('next/navigation', () => ({ useRouter: () => ({ replace: () => undefined, refresh: () => undefined }) }));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { board: jest.fn(), sendDraft: jest.fn() },
}));

const board = jest.mocked(api.board);
const sendDraft = jest.mocked(api.sendDraft);
const doc = acetanilide();
const lanes = ['Sanderling', 'Curlew', 'Dunlin'].map((bench) => ({
  id: `id-${bench}`,
  bench,
  log: `log-${bench}`,
  entries: entriesOfScript(demoRecord[bench]?.steps ?? []),
}));
const first: ClassBoard = {
  id: 'c',
  // The board learns the server's clock from it; here both are the same.
  now: new Date().toISOString(),
  name: 'Spring module',
  joinCode: 'SHORE7',
  since: '2026-03-03T12:00:00.000Z',
  numbers: { baseline: 'kept', drift: [] },
  doc,
  own: { id: 'c', bench: '', log: 'own', entries: [] },
  lanes,
};
const silent: ClassBoard = { ...first, lanes: lanes.map((lane) => ({ ...lane, entries: [] })) };

const open = () =>
  render(
    <SWRConfig value={{ provider: () => new Map() }}>
      <BoardScreen identity={{ role: 'demonstrator', id: 'd', name: 'demonstrator' }} first={first} />
    </SWRConfig>,
  );
const head = () => words(document.querySelector('.board-head'));

beforeEach(() => {
  board.mockReset();
  board.mockResolvedValue(silent);
  sendDraft.mockReset();
  sendDraft.mockResolvedValue({} as Entry);
});

test('the head says how many wait and who first; only news are asked for', async () => {
  open();
  expect(head()).toContain('2 of 3 need you, Sanderling first');
  await waitFor(() => expect(board).toHaveBeenCalled());
  const [, marks] = board.mock.calls[0] ?? [];
  expect(marks?.map(({ seq }) => seq)).toEqual([0, ...lanes.map(({ entries }) => entries.length)]);
  expect(marks?.[1]?.chain).toBe(lanes[0]?.entries.at(-1)?.chain.slice(0, 12));
  expect(document.querySelectorAll('.lane')).toHaveLength(3);
});

test('what comes in since is merged: a signature ends the waiting', async () => {
  const [full, empty] = lanes[0]?.entries ?? [];
  const last = lanes[0]?.entries.at(-1) as Entry;
  const sign: Entry = {
    ...last,
    id: '01ARZ3NDEKTSV4RRFFQ69GZZZZ',
    seq: last.seq + 1,
    body: { k: 'sign', seals: [full, empty].map((one) => ({ entry: one?.id ?? '', content: one?.content ?? '' })) },
  };
  board.mockResolvedValue({
    ...silent,
    lanes: silent.lanes.map((lane) => (lane.bench === 'Sanderling' ? { ...lane, entries: [sign] } : lane)),
  });
  open();
  const lane = () => words(document.querySelector('[data-bench="Sanderling"] .lane-need'));
  expect(lane()).toContain('Waits for a signature');
  await waitFor(() => expect(lane()).toContain('A timer is over: Weigh it again'));
});

test('a signature that the server refuses is told, and the waiting stays', async () => {
  sendDraft.mockRejectedValue(new ApiError('conflict', 'The reading changed since you saw it.'));
  open();
  click(/^Sanderling/);
  jest.useFakeTimers();
  fireEvent.pointerDown(screen.getByRole('button', { name: 'Hold to sign' }));
  act(() => void jest.advanceTimersByTime(800));
  jest.useRealTimers();
  expect(words(await screen.findByRole('alert'))).toContain('The reading changed since you saw it.');
  expect(sendDraft.mock.calls[0]?.[0]).toMatchObject({ log: 'log-Sanderling', body: { k: 'sign' }, saw: 44 });
  expect(head()).toContain('2 of 3 need you');
});

test('a setting goes into the class’s own log', async () => {
  open();
  click(/^Room temperature/);
  fill('Room temperature', '23');
  click('Set');
  await waitFor(() =>
    expect(sendDraft.mock.calls[0]?.[0]).toMatchObject({
      log: 'own',
      body: { k: 'setting', name: 'roomTemperature', digits: '23', unit: '°C' },
    }),
  );
});

test('without a connection the last state stays and says so', async () => {
  board.mockRejectedValue(new Error('gone'));
  open();
  await screen.findByText('No connection: this is the state of the last answer.');
  expect(document.querySelectorAll('.lane')).toHaveLength(3);
});
