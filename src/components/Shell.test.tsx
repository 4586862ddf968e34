/** @jest-environment jsdom */
import '../../tests/support/indexedDb';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { api } from '@/api/client';
import { keep, keptOf, letGo, store } from '@/api/outbox/store';
import { Shell } from './Shell';
import type { Kept } from '@/api/outbox/store';

const replace = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ replace, refresh: jest.fn() }) }));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { signOut: jest.fn() },
}));
const signOut = jest.mocked(api.signOut);

const draft = (id: string): Kept => ({
  id,
  log: 'L',
  author: 'ruff',
  authorName: 'Ruff',
  className: 'Spring',
  draft: { id, v: 1, log: 'L', body: { k: 'words', text: 'cloudy' }, at: '', deviceAt: '', device: 'tablet', saw: 0 },
});
const frame = () =>
  render(
    <Shell identity={{ role: 'group', id: 'ruff', name: 'Ruff', classId: 'c' }}>
      <p>bench</p>
    </Shell>,
  );
const leave = () => void fireEvent.click(screen.getByRole('button', { name: 'Sign out' }));

beforeEach(async () => {
  await store().drafts.clear();
  replace.mockReset();
  signOut.mockReset();
  signOut.mockResolvedValue(undefined);
});

test('signing out waits for the entry that was made a moment ago', async () => {
  const onDisk: number[] = [];
  signOut.mockImplementation(async () => {
    onDisk.push((await keptOf({ log: 'L', author: 'ruff' })).length);
  });
  frame();
  void keep(draft('one'));
  leave();
  await waitFor(() => expect(replace).toHaveBeenCalledWith('/sign-in'));
  expect(onDisk).toEqual([1]);
});

test('what this browser cannot keep is said before it would be lost; once it is sent nothing is in the way', async () => {
  const full = jest.spyOn(store().drafts, 'add').mockRejectedValue(new Error('no room'));
  frame();
  await Promise.all(['one', 'two'].map((id) => keep(draft(id)).catch(() => undefined)));
  full.mockRestore();
  leave();
  expect((await screen.findByRole('alert')).textContent).toMatch(/could not keep 2 entries.*sign out again/);
  expect(signOut).not.toHaveBeenCalled();
  await letGo(draft('one'));
  leave();
  await waitFor(() => expect(signOut).toHaveBeenCalledTimes(1));
  await letGo(draft('two'));
});

test('without a network nobody is signed out, and it says so', async () => {
  signOut.mockRejectedValue(new Error('no network'));
  frame();
  leave();
  expect((await screen.findByRole('alert')).textContent).toContain('you are still signed in');
  expect(replace).not.toHaveBeenCalled();
});
