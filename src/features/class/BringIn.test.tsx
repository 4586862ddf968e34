/** @jest-environment jsdom */
import '../../../tests/support/indexedDb';
import { createHash } from 'node:crypto';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { api, ApiError } from '@/api/client';
import { BringIn } from './BringIn';
import { keep, keptOf, store } from '@/api/outbox/store';
import { outboxFile } from '@/api/outbox/waiting';
import { click, words } from '../../../tests/support/screen';
import { idOf, reading } from '../../../tests/support/record';
import type { Body, Draft, Entry } from '@/core/record/entry';
import type { Identity } from '@/core/identity';
import type { KeptFile } from '@/api/outbox/store';

jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { sendDraft: jest.fn(), entries: jest.fn(), beginFile: jest.fn(), sendPart: jest.fn() },
}));
const sendDraft = jest.mocked(api.sendDraft);
const entries = jest.mocked(api.entries);

const staff: Identity = { role: 'demonstrator', id: 'tern', name: 'demonstrator' };
const [log, elsewhere] = [idOf(90), idOf(91)];
const at = '2026-03-03T13:04:00.000Z';
const draft = (n: number, body: Body, to = log): Draft => ({
  id: idOf(n),
  v: 1,
  log: to,
  body,
  at,
  deviceAt: at,
  device: 'tablet',
  saw: 0,
});
const weighing = (n: number, to = log) => draft(n, reading('aniline', 'net', '2.04 g'), to);
const kept = (one: Draft, author = 'avocet', authorName = 'Avocet') =>
  keep({ id: one.id, log: one.log, author, authorName, className: 'Spring', draft: one });

/** Ids that the server has by now, and what a screen reads of them. */
let there: string[] = [];
const news = () => ({ now: at, settings: {}, periods: [], entries: there.map((id) => ({ id }) as Entry) });

beforeEach(async () => {
  there = [];
  await Promise.all([store().drafts.clear(), store().files.clear()]);
  for (const mock of [sendDraft, entries]) mock.mockReset();
  entries.mockImplementation((of) =>
    of === log ? Promise.resolve(news()) : Promise.reject(new ApiError('notFound', 'There is no such record.')),
  );
  sendDraft.mockImplementation((one) => {
    there.push(one.id);
    return Promise.resolve({ ...one, seq: there.length } as Entry);
  });
});

function choose(content: string) {
  render(<BringIn identity={staff} />);
  const file = Object.assign(new File([content], 'saved.json'), { text: () => Promise.resolve(content) });
  fireEvent.change(screen.getByLabelText('File of saved entries'), { target: { files: [file] } });
}
const dialogSays = async () => words(await screen.findByRole('dialog'));
/** What the tablet saves; then the tablet is gone. */
async function saved() {
  const content = await outboxFile();
  await Promise.all([store().drafts.clear(), store().files.clear()]);
  return content;
}

test('saved entries are looked at, then stored under the name of who brings them in, with a note whose they are', async () => {
  for (const one of [weighing(1), weighing(2), weighing(3)]) await kept(one);
  there = [idOf(1)];
  choose(await saved());
  const says = await dialogSays();
  expect(says).toMatch(/Avocet Spring/);
  expect(says).toMatch(/2 entries made .*3 Mar.*; 1 more in the record already\./);
  expect(sendDraft).not.toHaveBeenCalled();
  click('Bring in 2 entries');
  expect(words(await screen.findByRole('status'))).toBe('2 entries stored.');
  expect(sendDraft.mock.calls.map(([one, as]) => [one, as]).slice(0, 2)).toEqual([
    [weighing(2), 'tern'],
    [weighing(3), 'tern'],
  ]);
  expect(sendDraft.mock.calls[2]?.[0]).toMatchObject({
    log,
    body: { k: 'words', text: 'Brought in from what a tablet had saved: 2 entries made by Avocet.' },
  });
  expect(sendDraft).toHaveBeenCalledTimes(3);
});

test('on the tablet itself they wait no longer once they are brought in; a photo goes with its bytes', async () => {
  const bytes = Uint8Array.from([1, 2, 250, 0]).buffer;
  const sha256 = createHash('sha256').update(new Uint8Array(bytes)).digest('hex');
  const note = draft(1, { k: 'file', file: idOf(50), name: 'still.jpg', sha256, bytes: 4 });
  const photo: KeptFile = { id: idOf(50), log, author: 'avocet', name: 'still.jpg', sha256, bytes };
  await keep({ id: note.id, log, author: 'avocet', authorName: 'Avocet', className: 'Spring', draft: note }, photo);
  jest.mocked(api.beginFile).mockResolvedValue({ received: 0, complete: false });
  jest.mocked(api.sendPart).mockResolvedValue({ received: 4, complete: true });
  choose(await outboxFile());
  await screen.findByRole('dialog');
  click('Bring in 1 entry');
  await screen.findByText('1 entry stored.');
  const [[file, first, part, as] = []] = jest.mocked(api.sendPart).mock.calls;
  expect([file, first, [...new Uint8Array(part!)], as]).toEqual([idOf(50), 0, [1, 2, 250, 0], 'tern']);
  expect(await keptOf({ log, author: 'avocet' })).toEqual([]);
  expect(await store().files.count()).toBe(0);
});

test('what is there already, belongs to another server or is somebody else’s signature is told, not stored', async () => {
  await kept(weighing(1));
  await kept(weighing(2, elsewhere), 'knot', 'Knot');
  const seal: Body = { k: 'sign', seals: [{ entry: idOf(1), content: 'a'.repeat(64) }] };
  await kept(draft(3, seal), 'heron', 'coordinator');
  there = [idOf(1)];
  choose(await saved());
  const says = await dialogSays();
  expect(says).toMatch(/Everything is in the record already\./);
  expect(says).toMatch(/Knot Spring\s*This record is not on this server\./);
  expect(says).toMatch(/left out: whoever gave them gives them again/);
  expect(screen.queryByRole('button', { name: /Bring in \d/ })).toBeNull();
  click('Done');
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});

test('a refusal is told with its reason, the rest is stored; a break is told, and trying again stores only what is missing', async () => {
  for (const one of [weighing(1), weighing(2), weighing(3)]) await kept(one);
  const content = await saved();
  sendDraft.mockRejectedValueOnce(new ApiError('refused', 'The record is closed.'));
  sendDraft.mockImplementationOnce((one) => {
    there.push(one.id);
    return Promise.resolve({ ...one, seq: 1 } as Entry);
  });
  sendDraft.mockRejectedValueOnce(new ApiError('offline', 'The server cannot be reached.'));
  choose(content);
  await screen.findByRole('dialog');
  click('Bring in 3 entries');
  await screen.findByText('The server cannot be reached.');
  sendDraft.mockRejectedValueOnce(new ApiError('refused', 'The record is closed.'));
  click('Bring in 3 entries');
  await screen.findByText('Avocet: The record is closed.');
  expect(new Set(there)).toEqual(new Set([idOf(2), idOf(3), there.at(-1)]));
});

test('a file that is none is refused in words', async () => {
  choose('{"format":"mozle-record"}');
  expect(words(await screen.findByRole('alert'))).toBe('This is no file of saved entries.');
  expect(entries).not.toHaveBeenCalled();
});
