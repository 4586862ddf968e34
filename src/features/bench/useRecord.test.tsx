/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { api, ApiError } from '@/api/client';
import { useRecord } from './useRecord';
import type { Draft, Entry } from '@/core/record/entry';
import type { Identity } from '@/core/people/identity';

jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { sendDraft: jest.fn(), entries: jest.fn() },
}));

const sendDraft = jest.mocked(api.sendDraft);
const entries = jest.mocked(api.entries);
const identity: Identity = { role: 'group', id: 'avocet', name: 'Avocet', classId: 'c' };
const note = { k: 'words', text: 'cloudy' } as const;
const stored = (draft: Draft, seq = 1): Entry => ({
  ...draft,
  seq,
  author: { id: 'avocet', name: 'Avocet', role: 'group' },
  received: draft.at,
  content: 'c'.repeat(64),
  chain: 'd'.repeat(64),
});
const nothing = { now: new Date().toISOString(), entries: [], settings: {} };
const open = () => renderHook(() => useRecord({ identity, log: 'L', entries: [], settings: {} }));
const outbox = () => JSON.parse(localStorage.getItem('mozle:outbox:L:avocet') ?? '[]') as Draft[];

beforeEach(() => {
  localStorage.clear();
  sendDraft.mockReset();
  entries.mockReset();
  entries.mockResolvedValue(nothing);
});

test('an entry is kept in the browser before it is sent, and is stored once', async () => {
  let answer: (entry: Entry) => void = () => undefined;
  sendDraft.mockImplementation(() => new Promise((resolve) => (answer = resolve)));
  const { result } = open();
  act(() => result.current.add(note));
  expect(outbox()).toHaveLength(1);
  expect(result.current.unsent).toBe(1);
  expect(result.current.entries).toMatchObject([{ seq: 0, body: note }]);
  await waitFor(() => expect(sendDraft).toHaveBeenCalledTimes(1));
  act(() => answer(stored(outbox()[0] as Draft)));
  await waitFor(() => expect(result.current.unsent).toBe(0));
  expect(outbox()).toEqual([]);
  expect(result.current.entries).toMatchObject([{ seq: 1, body: note }]);
});

test('without a network the entry waits; when it is back it goes with its old id', async () => {
  sendDraft.mockRejectedValue(new ApiError('offline', 'no network'));
  const { result } = open();
  act(() => result.current.add(note));
  await waitFor(() => expect(result.current.offline).toBe(true));
  const [kept] = outbox();
  expect(kept).toBeDefined();
  sendDraft.mockReset();
  sendDraft.mockImplementation((draft) => Promise.resolve(stored(draft)));
  await waitFor(() => expect(result.current.unsent).toBe(0), { timeout: 4000 });
  expect(result.current.offline).toBe(false);
  expect(sendDraft.mock.calls.map(([{ id }]) => id)).toEqual([kept?.id]);
});

test('an expired session keeps the outbox', async () => {
  sendDraft.mockRejectedValue(new ApiError('notSignedIn', 'Sign in first.'));
  const { result } = open();
  act(() => result.current.add(note));
  await waitFor(() => expect(result.current.offline).toBe(true));
  expect(outbox()).toHaveLength(1);
});

test('what is refused is told in the server’s words and stays until it is put aside, through a reload', async () => {
  sendDraft.mockRejectedValue(new ApiError('refused', 'Undo works for 30 s.'));
  const first = open();
  act(() => first.result.current.add(note));
  const expected = [{ draft: { body: note }, why: 'Undo works for 30 s.' }];
  await waitFor(() => expect(first.result.current.refused).toMatchObject(expected));
  expect(first.result.current.unsent).toBe(0);
  first.unmount();
  const { result } = open();
  await waitFor(() => expect(result.current.refused).toMatchObject(expected));
  act(() => result.current.putAside(result.current.refused[0]?.draft.id ?? ''));
  expect(result.current.refused).toEqual([]);
});

test('what an earlier visit left unsent is sent on opening', async () => {
  const left: Draft = { id: 'X', v: 1, log: 'L', body: note, at: '', deviceAt: '', device: 'browser', saw: 0 };
  localStorage.setItem('mozle:outbox:L:avocet', JSON.stringify([left]));
  sendDraft.mockImplementation((draft) => Promise.resolve(stored(draft)));
  open();
  await waitFor(() => expect(sendDraft).toHaveBeenCalledWith(left));
});

test('the time of an entry is the server’s, the device’s own clock stands beside it', async () => {
  const ahead = 7 * 60_000;
  entries.mockImplementation(() =>
    Promise.resolve({ ...nothing, now: new Date(Date.now() - ahead).toISOString(), settings: {} }),
  );
  sendDraft.mockImplementation((draft) => Promise.resolve(stored(draft)));
  const { result } = open();
  await waitFor(() => expect(entries).toHaveBeenCalled());
  await waitFor(() => expect(Date.now() - result.current.now()).toBeGreaterThan(ahead - 1000));
  act(() => result.current.add(note));
  const [{ at, deviceAt }] = outbox() as [Draft];
  expect(Math.abs(Date.parse(deviceAt) - Date.parse(at) - ahead)).toBeLessThan(1000);
});

test('settings of the class arrive with the entries; unchanged ones stay the same object', async () => {
  const pressure = { digits: '1004', unit: 'hPa', entry: 'e' };
  entries.mockImplementation(() => Promise.resolve({ ...nothing, settings: { pressure: { ...pressure } } }));
  const { result } = open();
  await waitFor(() => expect(result.current.settings).toEqual({ pressure }));
  const first = result.current.settings;
  await waitFor(() => expect(entries.mock.calls.length).toBeGreaterThan(1), { timeout: 4000 });
  expect(result.current.settings).toBe(first);
});
