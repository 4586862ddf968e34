/** @jest-environment jsdom */
import '../../../tests/support/indexedDb';
import { act, renderHook, waitFor } from '@testing-library/react';
import { api, ApiError } from '@/api/client';
import { keptOf } from '@/api/outbox/store';
import { useRecord } from '@/components/record/useRecord';
import type { Entry } from '@/core/record/entry';

jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { sendDraft: jest.fn(), entries: jest.fn() },
}));
const sendDraft = jest.mocked(api.sendDraft);
const entries = jest.mocked(api.entries);

const ahead = 7 * 60_000;
const owner = { log: 'L', author: 'avocet' };
const open = () =>
  renderHook(() =>
    useRecord({
      identity: { role: 'group', id: 'avocet', name: 'Avocet', classId: 'c' },
      classId: 'c',
      className: 'Spring',
      log: 'L',
      entries: [],
      settings: {},
      periods: [],
    }),
  );

test('what is made before the first answer gets the server’s time all the same, once, and is then sent as it is', async () => {
  const lost = new ApiError('offline', 'no network');
  entries.mockRejectedValue(lost);
  sendDraft.mockRejectedValue(lost);
  const first = open();
  act(() => first.result.current.add({ k: 'words', text: 'first' }));
  await waitFor(async () => expect(await keptOf(owner)).toMatchObject([{ isUndated: true }]));
  first.unmount();
  // The page is opened again, the network is back, but the first answer to the entry gets lost.
  const news = () => ({ now: new Date(Date.now() - ahead).toISOString(), entries: [], settings: {}, periods: [] });
  entries.mockImplementation(() => Promise.resolve(news()));
  const { result } = open();
  await waitFor(() => expect(sendDraft).toHaveBeenCalled());
  const sent = sendDraft.mock.calls[0]![0];
  expect(Math.abs(Date.parse(sent.deviceAt) - Date.parse(sent.at) - ahead)).toBeLessThan(1000);
  const [kept] = await keptOf(owner);
  expect([kept?.isUndated, kept?.draft]).toEqual([undefined, sent]);
  const stored = (draft: typeof sent) =>
    Promise.resolve({ ...draft, seq: 1, author: { id: 'avocet' }, chain: 'ab' } as unknown as Entry);
  sendDraft.mockImplementation(stored);
  // Meanwhile the estimate has changed: what may have arrived is not changed any more.
  entries.mockImplementation(() => Promise.resolve({ ...news(), now: new Date(Date.now() - 2 * ahead).toISOString() }));
  act(() => void window.dispatchEvent(new Event('online')));
  await waitFor(() => expect(result.current.unsent).toBe(0));
  expect(sendDraft.mock.calls.at(-1)?.[0]).toEqual(sent);
  // From now on the time is known as an entry is made.
  act(() => result.current.add({ k: 'words', text: 'second' }));
  await waitFor(() => expect(sendDraft.mock.calls.at(-1)?.[0].body).toEqual({ k: 'words', text: 'second' }));
});
