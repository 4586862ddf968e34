/** @jest-environment jsdom */
import '../../../tests/support/indexedDb';
import { waitFor } from '@testing-library/dom';
import { api, ApiError } from '@/api/client';
import { keep, keptOf, mirror, mirrored, store } from '@/api/outbox/store';
import { outboxFile, waitingGroups } from '@/api/outbox/waiting';
import { RecordEngine } from './recordEngine';
import { isStored } from '@/core/record/entry';
import { serverNow } from '../outbox/serverClock';
import type { Draft, Entry } from '@/core/record/entry';
import type { Identity } from '@/core/identity';
import type { Kept } from '@/api/outbox/store';

jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { sendDraft: jest.fn(), entries: jest.fn() },
}));

const sendDraft = jest.mocked(api.sendDraft);
const entries = jest.mocked(api.entries);
const avocet: Identity = { role: 'group', id: 'avocet', name: 'Avocet', classId: 'c' };
const curlew: Identity = { role: 'group', id: 'curlew', name: 'Curlew', classId: 'c' };
const note = { k: 'words', text: 'cloudy' } as const;
let seq = 0;
const stored = (draft: Draft): Promise<Entry> => {
  seq += 1;
  const author = { id: 'avocet', name: 'Avocet', role: 'group' } as const;
  return Promise.resolve({ ...draft, seq, author, received: draft.at, content: 'c', chain: 'd' });
};
const nothing = { now: new Date().toISOString(), entries: [], settings: {}, periods: [] };
const running: (() => void)[] = [];
/** A record opened on this device, with its view by name. */
const open = (identity = avocet, log = 'L', there: readonly Entry[] = []) => {
  const engine = new RecordEngine({
    identity,
    classId: 'c',
    className: 'Spring',
    log,
    entries: there,
    settings: {},
    periods: [],
  });
  const end = engine.run();
  running.push(end);
  return { engine, view: engine.view, add: engine.add, end };
};
const outbox = (author = 'avocet', log = 'L') => keptOf({ log, author });
const left = (id: string, author = 'avocet'): Kept => ({
  id,
  log: 'L',
  author,
  authorName: author,
  className: 'Spring',
  draft: { id, v: 1, log: 'L', body: note, at: '', deviceAt: '', device: 'tablet', saw: 0 },
});

afterEach(() => running.splice(0).forEach((end) => end()));

beforeEach(async () => {
  seq = 0;
  await Promise.all([store().drafts.clear(), store().mirror.clear(), store().notes.clear()]);
  sendDraft.mockReset();
  sendDraft.mockImplementation(stored);
  entries.mockReset();
  entries.mockResolvedValue(nothing);
});

test('an entry is on the tablet’s disk before it is sent, and is stored once', async () => {
  let onDisk = -1;
  let answer: () => void = () => undefined;
  sendDraft.mockImplementation(async (draft) => {
    onDisk = (await outbox()).length;
    await new Promise<void>((resolve) => (answer = resolve));
    return stored(draft);
  });
  const { view, add } = open();
  add(note);
  expect(view().unsent).toBe(1);
  expect(view().entries).toMatchObject([{ local: true, body: note }]);
  await waitFor(() => expect(onDisk).toBe(1));
  answer();
  await waitFor(() => expect(view().unsent).toBe(0));
  expect(await outbox()).toEqual([]);
  expect(view().entries).toMatchObject([{ seq: 1, body: note }]);
  expect(sendDraft).toHaveBeenCalledTimes(1);
});

test('without a network entries wait in their order, through a reload; when it is back they go with their old ids', async () => {
  sendDraft.mockRejectedValue(new ApiError('offline', 'no network'));
  entries.mockRejectedValue(new ApiError('offline', 'no network'));
  const { view, add, end } = open();
  for (const text of ['one', 'two', 'three']) add({ k: 'words', text });
  await waitFor(() => expect(view().link).toBe('offline'));
  await waitFor(async () => expect(await outbox()).toHaveLength(3));
  const ids = (await outbox()).map(({ id }) => id);
  end();
  const again = open();
  await waitFor(() => expect(again.view().unsent).toBe(3));
  sendDraft.mockImplementation(stored);
  entries.mockResolvedValue(nothing);
  sendDraft.mockClear();
  window.dispatchEvent(new Event('online'));
  await waitFor(() => expect(again.view().unsent).toBe(0));
  expect(again.view().link).toBe('well');
  expect(sendDraft.mock.calls.map(([{ id, body }, as]) => [id, 'text' in body && body.text, as])).toEqual([
    [ids[0], 'one', 'avocet'],
    [ids[1], 'two', 'avocet'],
    [ids[2], 'three', 'avocet'],
  ]);
});

test('an expired session keeps the outbox and says so', async () => {
  sendDraft.mockRejectedValue(new ApiError('notSignedIn', 'Sign in first.'));
  const { view, add } = open();
  add(note);
  await waitFor(() => expect(view().link).toBe('signedOut'));
  expect(await outbox()).toHaveLength(1);
});

test('another bench that signs in here neither sees nor sends what waits; others learn only how many', async () => {
  await keep(left('A'));
  await mirror({ log: 'L', author: 'avocet' }, [await stored(left('B').draft)]);
  const { view, add } = open(curlew, 'M');
  await waitFor(() => expect(entries).toHaveBeenCalled());
  add(note);
  await waitFor(() => expect(sendDraft).toHaveBeenCalled());
  expect(sendDraft.mock.calls.map(([draft, as]) => [draft.log, as])).toEqual([['M', 'curlew']]);
  expect(view().entries.map(({ log }) => log)).toEqual(['M']);
  expect(await outbox()).toHaveLength(1);
  // What the server holds of the other bench is forgotten here; what only this tablet holds is not.
  expect(await mirrored({ log: 'L', author: 'avocet' })).toEqual([]);
  expect(await waitingGroups()).toEqual([{ author: 'avocet', name: 'avocet', className: 'Spring', count: 1 }]);
  expect(JSON.parse(await outboxFile())).toMatchObject({ format: 'mozle-outbox', kept: [{ draft: { body: note } }] });
});

test('what is refused is told in the server’s words and stays until it is put aside, through a reload', async () => {
  sendDraft.mockRejectedValueOnce(new ApiError('refused', 'Undo works for 30 s.'));
  const first = open();
  first.add(note);
  first.add({ k: 'words', text: 'after it' });
  const expected = [{ draft: { body: note }, refused: 'Undo works for 30 s.' }];
  await waitFor(() => expect(first.view().refused).toMatchObject(expected));
  // The next one goes on all the same.
  await waitFor(() => expect(first.view().entries).toMatchObject([{ seq: 1, body: { text: 'after it' } }]));
  expect(first.view().unsent).toBe(0);
  first.end();
  const { engine, view } = open();
  await waitFor(() => expect(view().refused).toMatchObject(expected));
  await engine.putAside(view().refused[0]!);
  expect(view().refused).toEqual([]);
  expect(await outbox()).toEqual([]);
});

test('where the browser keeps nothing the entry is sent all the same, and the person is told', async () => {
  const put = jest.spyOn(store().drafts, 'add').mockRejectedValue(new Error('QuotaExceededError'));
  sendDraft.mockRejectedValue(new ApiError('offline', 'no network'));
  const { engine, view, add } = open();
  add(note);
  await waitFor(() => expect(view().unsafe).toBe(true));
  expect(view().unsent).toBe(1);
  sendDraft.mockImplementation(stored);
  window.dispatchEvent(new Event('online'));
  await waitFor(() => expect(view().unsent).toBe(0));
  expect(view().entries).toMatchObject([{ seq: 1, body: note }]);
  // What is refused there does not hold up what comes after it, and is put aside as elsewhere.
  sendDraft.mockRejectedValueOnce(new ApiError('refused', 'Undo works for 30 s.'));
  add({ k: 'words', text: 'refused' });
  add({ k: 'words', text: 'after it' });
  await waitFor(() => expect(view().entries).toMatchObject([{ seq: 1 }, { seq: 2 }]));
  await waitFor(() => expect(view().refused).toHaveLength(1));
  await engine.putAside(view().refused[0]!);
  expect(view().refused).toEqual([]);
  put.mockRestore();
});

test('what the server had at the last visit is there without a network', async () => {
  await mirror({ log: 'L', author: 'avocet' }, [await stored(left('B').draft)]);
  entries.mockRejectedValue(new ApiError('offline', 'no network'));
  const { view } = open();
  await waitFor(() => expect(view().entries).toMatchObject([{ id: 'B', seq: 1 }]));
});

describe('a server that was set back to a backup', () => {
  const was = async (id: string, author = 'avocet'): Promise<Entry> => ({
    ...(await stored(left(id).draft)),
    chain: 'ab'.repeat(32),
    author: { id: author, name: author, role: author === 'avocet' ? 'group' : 'demonstrator' },
  });
  /** What the server still has, told as all there is to whoever stands beyond it. */
  const hasOnly = (log: readonly Entry[]) => {
    const there = [...log];
    entries.mockImplementation((_, { seq: after }) => {
      const anew = after > there.length ? ({ anew: true } as const) : {};
      return Promise.resolve({ ...nothing, entries: there.slice(anew.anew ? 0 : after), ...anew });
    });
    sendDraft.mockImplementation(async (draft) => {
      there.push({ ...(await was(draft.id)), ...draft, seq: there.length + 1 });
      return there.at(-1)!;
    });
    return there;
  };

  test('gets what it lost of ours again, under the old ids, before what waits; what is others’ is not sent', async () => {
    const all = [await was('A'), await was('B'), await was('S', 'demonstrator'), await was('C')];
    await mirror({ log: 'L', author: 'avocet' }, all);
    await keep(left('D'));
    const there = hasOnly(all.slice(0, 1));
    const { view } = open();
    await waitFor(() => expect(there.map(({ id }) => id)).toEqual(['A', 'B', 'C', 'D']));
    await waitFor(() => expect(view().entries.filter(isStored)).toHaveLength(4));
    expect(view()).toMatchObject({ broughtBack: 2, unsent: 0, refused: [] });
    expect(sendDraft.mock.calls.map(([draft]) => draft)).toEqual(['B', 'C', 'D'].map((id) => left(id).draft));
    await waitFor(async () => expect(await outbox()).toEqual([]));
    const here = await mirrored({ log: 'L', author: 'avocet' });
    expect(here.map(({ id }) => id).sort()).toEqual(['A', 'B', 'C', 'D']);
  });

  test('is believed over what this device remembers, also when it went on since with others', async () => {
    const [a, b, other] = [await was('A'), await was('B'), await was('O')];
    await mirror({ log: 'L', author: 'avocet' }, [a, b]);
    // The page as the server made it: number 2 is another entry now.
    const there = hasOnly([a, { ...other, seq: 2 }]);
    entries.mockResolvedValueOnce({ ...nothing, entries: there, anew: true });
    const { view } = open(avocet, 'L', [...there]);
    await waitFor(() => expect(there.map(({ id }) => id)).toEqual(['A', 'O', 'B']));
    await waitFor(() =>
      expect(
        view()
          .entries.map(({ id }) => id)
          .sort(),
      ).toEqual(['A', 'B', 'O']),
    );
    expect(view().broughtBack).toBe(1);
  });

  test('loses nothing either where the browser keeps nothing', async () => {
    const put = jest.spyOn(store().drafts, 'bulkAdd').mockRejectedValue(new Error('QuotaExceededError'));
    const there = hasOnly([]);
    const { view, add } = open();
    add(note);
    await waitFor(() => expect(there).toHaveLength(1));
    await waitFor(() => expect(view().unsent).toBe(0));
    const [{ id } = { id: '' }] = there.splice(0);
    window.dispatchEvent(new Event('online'));
    await waitFor(() => expect(there.map((one) => one.id)).toEqual([id]));
    await waitFor(() => expect(view().unsent).toBe(0));
    put.mockRestore();
  });
});

test('the time of an entry is the server’s, the device’s own clock stands beside it', async () => {
  const ahead = 7 * 60_000;
  entries.mockImplementation(() => Promise.resolve({ ...nothing, now: new Date(Date.now() - ahead).toISOString() }));
  sendDraft.mockRejectedValue(new ApiError('offline', 'no network'));
  const { add } = open();
  await waitFor(() => expect(Date.now() - serverNow()).toBeGreaterThan(ahead - 1000));
  add(note);
  await waitFor(async () => expect(await outbox()).toHaveLength(1));
  const [kept] = await outbox();
  const { at = '', deviceAt = '' } = kept?.draft ?? {};
  expect(Math.abs(Date.parse(deviceAt) - Date.parse(at) - ahead)).toBeLessThan(1000);
  // The next opening without a network still knows how far the clock is off.
  await waitFor(async () => expect(await store().notes.get('clock')).toBeDefined());
});

test('what holds for the class arrives with the entries; unchanged it stays the same object', async () => {
  const pressure = { digits: '1004', unit: 'hPa', entry: 'e' };
  entries.mockImplementation(() => Promise.resolve({ ...nothing, settings: { pressure: { ...pressure } } }));
  const { view } = open();
  await waitFor(() => expect(view().settings).toEqual({ pressure }));
  const first = view().settings;
  await waitFor(() => expect(entries.mock.calls.length).toBeGreaterThan(1));
  expect(view().settings).toBe(first);
});
