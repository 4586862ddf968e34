/** @jest-environment jsdom */
import '../../../tests/support/indexedDb';
import { act, render, screen, waitFor, within } from '@testing-library/react';
import { acetanilideRun } from '@/data/acetanilideRun';
import { api, ApiError } from '@/api/client';
import { BenchScreen } from './BenchScreen';
import { acetanilide } from '../../../tests/support/preparations';
import { store as device } from '@/api/outbox/store';
import { click, fill, words } from '../../../tests/support/screen';
import { entriesOfScript, upTo } from '../../../tests/support/demoRun';
import type { DemoStep } from '@/data/demoSteps';
import type { Periods } from '@/core/record/periods';
import type { Draft, Entry } from '@/core/record/entry';

jest.mock('next/navigation', () => ({ useRouter: () => ({ replace: () => undefined, refresh: () => undefined }) }));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { sendDraft: jest.fn(), entries: jest.fn(), signOut: jest.fn() },
}));

const doc = acetanilide();
const sendDraft = jest.mocked(api.sendDraft);
const begin = Date.UTC(2026, 2, 3, 13, 0, 0);
const author = { id: 'avocet', name: 'Avocet', role: 'group' } as const;
const store = (draft: Draft): Promise<Entry> =>
  Promise.resolve({ ...draft, seq: 500, author, received: draft.at, content: 'c', chain: 'd' });

/** The bench at a minute of the class, with what a script has recorded until then. */
function bench(steps: readonly DemoStep[] = [], minute = 0, periods: Periods = []) {
  const now = new Date(begin + minute * 60_000).toISOString();
  jest.mocked(api.entries).mockResolvedValue({ now, entries: [], settings: {}, periods });
  return render(
    <BenchScreen
      identity={{ ...author, classId: 'c' }}
      className="Spring module"
      doc={doc}
      log="L"
      entries={entriesOfScript(steps)}
      settings={{}}
      since="2026-03-03T12:00:00.000Z"
      periods={periods}
      {...place}
    />,
  );
}
const place = { classId: 'c', joinCode: 'SHORE7', bench: 'Avocet', members: ['A. Reed', 'B. Sedge'] };
const sentence = () => words(document.querySelector('.bench-sentence'));

beforeEach(async () => {
  await device().drafts.clear();
  sendDraft.mockReset();
  sendDraft.mockImplementation(store);
});

test('a bench opens at the first step that is not done', () => {
  bench(upTo('reflux/temperature/1', acetanilideRun()), 24);
  expect(sentence()).toBe('Heat the reaction flask under reflux for 15 min, from the first reflux.');
  expect(screen.getByText(/4 of 19 steps done/)).toBeTruthy();
});

test('the step stays in view when its last reading comes in, until somebody goes on', async () => {
  bench(upTo('aniline/full', acetanilideRun()));
  fill('Reading, g', '21.81');
  click(/^Record 21\.81/);
  await waitFor(() => expect(sentence()).toBe('Measured 2.29 g aniline.'));
  expect(screen.getByText('Off the target')).toBeTruthy();
  click('Go on');
  expect(sentence()).toBe('Measure 4.5 mL acetic acid, glacial, into the reaction flask.');
});

test('a running timer stands above everything with the time left, and leads to its step', async () => {
  bench(upTo('reflux/temperature/1', acetanilideRun()), 24);
  const timers = await screen.findByRole('region', { name: 'Timers' });
  // First reflux at minute 18, a quarter of an hour, now minute 24: nine minutes, by the server's clock.
  await waitFor(() => expect(words(timers)).toMatch(/^(9:00|8:\d\d)At refluxthen: Turn the heat off$/));
  click(/Charge.*aniline/);
  expect(sentence()).toBe('Measured 2.04 g aniline.');
  act(() => within(timers).getByRole('button').click());
  expect(sentence()).toContain('Heat the reaction flask under reflux');
});

test('when every step is done the way leads to the results, optional ones stay within reach', () => {
  bench(acetanilideRun(), 300);
  expect(sentence()).toBe('Every step is done. Look at your results.');
  expect(screen.getAllByRole('link', { name: 'Results' }).at(-1)?.getAttribute('href')).toBe('/bench/results');
  click(/Second crop/);
  expect(sentence()).toContain('keep it apart');
});

test('without a network the bench goes on and says what is only here', async () => {
  sendDraft.mockRejectedValue(new ApiError('offline', 'no network'));
  bench();
  fill('Reading, g', '24.10');
  click(/^Record 24\.10/);
  await screen.findByText('No connection. Go on: entries are kept on this tablet and sent when it is back.');
  expect(words(document.querySelector('.bench-head'))).toContain('1 on this tablet only');
  expect(screen.getByText('Weigh the emptied vessel.')).toBeTruthy();
});

test('what the server refuses is said with the reading it concerns, until it is put aside', async () => {
  sendDraft.mockRejectedValue(new ApiError('refused', 'This kind of entry does not belong here.'));
  bench();
  fill('Reading, g', '24.10');
  click(/^Record 24\.10/);
  const alert = await screen.findByRole('alert');
  expect(words(alert)).toContain(
    'Not accepted: 24.10 g Aniline full (cap on). This kind of entry does not belong here.',
  );
  click('Put it aside');
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
});

test('a reading that was returned is told at whatever step the bench is', () => {
  const [full] = entriesOfScript(acetanilideRun());
  const steps: DemoStep[] = [...upTo('anhydride/highest/1', acetanilideRun({ signed: false }))];
  const entries = entriesOfScript(steps);
  const last = entries.at(-1) as Entry;
  const sentBack: Entry = {
    ...last,
    id: '01ARZ3NDEKTSV4RRFFQ69GZZZZ',
    seq: last.seq + 1,
    at: new Date(Date.parse(last.at) + 1000).toISOString(),
    body: { k: 'return', targets: [full?.id ?? ''], remark: 'show me the display' },
  };
  jest.mocked(api.entries).mockResolvedValue({ now: last.at, entries: [], settings: {}, periods: [] });
  render(
    <BenchScreen
      identity={{ ...author, classId: 'c' }}
      className="Spring module"
      doc={doc}
      log="L"
      entries={[...entries, sentBack]}
      settings={{}}
      since="2026-03-03T12:00:00.000Z"
      periods={[]}
      {...place}
    />,
  );
  expect(screen.getByText(/The demonstrator returned Aniline full \(cap on\): “show me the display”/)).toBeTruthy();
  click('Look at it');
  expect(sentence()).toBe('Measured 2.04 g aniline.');
});

test('a closed record is read: no pads, no buttons that write, and since when', () => {
  bench(upTo('reflux/temperature/1', acetanilideRun()), 24, [
    { to: 'closed', at: new Date(begin).toISOString(), by: 'demonstrator' },
  ]);
  expect(screen.getByText(/The period was closed at/)).toBeTruthy();
  expect(screen.queryByText('Write a note')).toBeNull();
  expect(screen.queryByRole('button', { name: /^Change/ })).toBeNull();
  expect(document.querySelectorAll('.checks button, .reading-form')).toHaveLength(0);
  expect(words(document.querySelector('.bench-head'))).toContain('bench Avocet (A. Reed, B. Sedge)');
});

test('signed out the bench is led to its own sign-in', async () => {
  sendDraft.mockRejectedValue(new ApiError('notSignedIn', 'Sign in first.'));
  bench();
  fill('Reading, g', '24.10');
  click(/^Record 24\.10/);
  const door = await screen.findByRole('link', { name: 'Sign in again as Avocet' });
  expect(door.getAttribute('href')).toBe('/sign-in?code=SHORE7&bench=Avocet');
  expect(screen.getByText(/1 entry waits on this tablet: signed out/)).toBeTruthy();
});
