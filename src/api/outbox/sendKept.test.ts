import 'fake-indexeddb/auto';
import { api, ApiError } from '../client';
import { keep, keptOf, markRefused, store } from './store';
import { sendKept } from './sendKept';
import type { Draft, Entry } from '@/core/record/entry';
import type { Kept } from './store';

jest.mock('../client', () => ({
  ...jest.requireActual<object>('../client'),
  api: { sendDraft: jest.fn(), beginFile: jest.fn(), sendPart: jest.fn() },
}));
const sendDraft = jest.mocked(api.sendDraft);
const beginFile = jest.mocked(api.beginFile);
const sendPart = jest.mocked(api.sendPart);

const owner = { log: 'L', author: 'avocet' };
const bytes = Uint8Array.from({ length: 450_000 }, (_, i) => i % 251).buffer;
const photo = { id: 'F', name: 'still.jpg', sha256: 'a'.repeat(64), bytes };
const draft = (id: string, body: Draft['body']): Kept => ({
  ...owner,
  id,
  authorName: 'Avocet',
  className: 'Spring',
  draft: { id, v: 1, log: 'L', body, at: '', deviceAt: '', device: 't', saw: 0 },
});
const refuse = ({ id }: Kept, why: string) => markRefused(id, why);
const note = draft('A', { k: 'file', file: 'F', name: photo.name, sha256: photo.sha256, bytes: bytes.byteLength });

/** A server that takes parts in order and forgets nothing. */
let there = 0;
beforeEach(async () => {
  await Promise.all([store().drafts.clear(), store().files.clear()]);
  there = 0;
  for (const mock of [sendDraft, beginFile, sendPart]) mock.mockReset();
  const state = () => Promise.resolve({ received: there, complete: there === bytes.byteLength });
  beginFile.mockImplementation(state);
  sendPart.mockImplementation((_, first, part) => {
    if (first === there) there += part.byteLength;
    return state();
  });
  sendDraft.mockImplementation((one) => Promise.resolve({ ...one, seq: 1 } as Entry));
});

test('a file goes before its entry, in parts, on from where a break left it, and is then no longer kept', async () => {
  await keep(note, { ...photo, ...owner });
  sendPart.mockImplementationOnce((_, first, part) => {
    there = first + part.byteLength;
    return Promise.reject(new ApiError('offline', 'no network'));
  });
  await expect(sendKept(await keptOf(owner), () => undefined, refuse)).rejects.toMatchObject({ code: 'offline' });
  expect(sendDraft).not.toHaveBeenCalled();
  expect(await keptOf(owner)).toHaveLength(1);
  sendPart.mockClear();
  const stored: string[] = [];
  await sendKept(await keptOf(owner), ({ id }) => stored.push(id), refuse);
  expect(sendPart.mock.calls.map(([, first, part, as]) => [first, part.byteLength, as])).toEqual([
    [200_000, 200_000, 'avocet'],
    [400_000, 50_000, 'avocet'],
  ]);
  expect(stored).toEqual(['A']);
  expect([await keptOf(owner), await store().files.count()]).toEqual([[], 0]);
});

test('a file that the server refuses is told with its entry, which stays; the next draft goes on', async () => {
  await keep(note, { ...photo, ...owner });
  await keep(draft('B', { k: 'words', text: 'cloudy' }));
  sendPart.mockRejectedValue(new ApiError('refused', '“still.jpg” is none of the kinds.'));
  const stored: string[] = [];
  await sendKept(await keptOf(owner), ({ id }) => stored.push(id), refuse);
  expect(stored).toEqual(['B']);
  expect(await keptOf(owner)).toMatchObject([{ id: 'A', refused: '“still.jpg” is none of the kinds.' }]);
  // What was refused is not tried again by itself.
  sendPart.mockClear();
  await sendKept(await keptOf(owner), () => undefined, refuse);
  expect(sendPart).not.toHaveBeenCalled();
});

test('a server that does not get on with a file does not keep the device busy for ever', async () => {
  await keep(note, { ...photo, ...owner });
  sendPart.mockResolvedValue({ received: 0, complete: false });
  await sendKept(await keptOf(owner), () => undefined, refuse);
  expect(sendPart).toHaveBeenCalledTimes(1);
  expect(await keptOf(owner)).toMatchObject([{ refused: '“still.jpg” could not be sent.' }]);
});

test('a file that the browser could not store goes from where it is held', async () => {
  const stored: string[] = [];
  await sendKept([{ ...note, file: { ...photo, ...owner } }], ({ id }) => stored.push(id), refuse);
  expect(there).toBe(bytes.byteLength);
  expect(stored).toEqual(['A']);
});

test('a draft on which the server fails again and again lets the others go first, but not what speaks of it', async () => {
  for (const [id, body] of [
    ['G', { k: 'words', text: 'odd' }],
    ['H', { k: 'void', target: 'G', reason: 'x' }],
    ['I', { k: 'words', text: 'fine' }],
  ] as const)
    await keep(draft(id, body));
  let broken = true;
  sendDraft.mockImplementation((one) =>
    broken && one.id === 'G'
      ? Promise.reject(new ApiError('unexpected', 'Something went wrong here.'))
      : Promise.resolve({ ...one, seq: 1 } as Entry),
  );
  const stored: string[] = [];
  const send = async () => sendKept(await keptOf(owner), ({ id }) => stored.push(id), refuse);
  // At first it may be the server as a whole: the rest waits.
  for (let i = 0; i < 3; i += 1) await expect(send()).rejects.toMatchObject({ code: 'unexpected' });
  expect(stored).toEqual([]);
  expect(await send()).toEqual(['G']);
  expect(stored).toEqual(['I']);
  expect((await keptOf(owner)).map(({ id, refused }) => [id, refused])).toEqual([
    ['G', undefined],
    ['H', undefined],
  ]);
  broken = false;
  expect(await send()).toEqual([]);
  expect(stored).toEqual(['I', 'G', 'H']);
  expect(await keptOf(owner)).toEqual([]);
});
