import { outboxOf } from './outbox';
import type { Draft } from '@/core/record/entry';

const kept = new Map<string, string>();
const storage = {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
  removeItem: (key: string) => void kept.delete(key),
};
beforeAll(() => Object.assign(globalThis, { localStorage: storage }));
beforeEach(() => kept.clear());

const draft = (id: string) =>
  ({
    id,
    v: 1,
    log: 'L',
    body: { k: 'ask', targets: ['x'] },
    at: '',
    deviceAt: '',
    device: 't',
    saw: 0,
  }) satisfies Draft;

test('what is put in comes out, in order, also for a page that was opened anew', () => {
  outboxOf('L', 'avocet').write([draft('1'), draft('2')]);
  expect(
    outboxOf('L', 'avocet')
      .read()
      .map(({ id }) => id),
  ).toEqual(['1', '2']);
});

test('another author and another record have an outbox of their own', () => {
  outboxOf('L', 'avocet').write([draft('1')]);
  expect(outboxOf('L', 'curlew').read()).toEqual([]);
  expect(outboxOf('M', 'avocet').read()).toEqual([]);
});

test('what was refused stays until somebody has seen to it, apart from what waits', () => {
  const { read, refused, setRefused } = outboxOf('L', 'avocet');
  setRefused([{ draft: draft('1'), why: 'Another entry already has this id.' }]);
  expect(outboxOf('L', 'avocet').refused()).toMatchObject([{ draft: { id: '1' } }]);
  expect(read()).toEqual([]);
  expect(outboxOf('L', 'curlew').refused()).toEqual([]);
  setRefused(refused().filter(({ draft: { id } }) => id !== '1'));
  expect(kept.size).toBe(0);
});

test('an empty outbox leaves nothing behind, a damaged one does not stop the bench', () => {
  outboxOf('L', 'avocet').write([draft('1')]);
  outboxOf('L', 'avocet').write([]);
  expect(kept.size).toBe(0);
  kept.set('mozle:outbox:L:avocet', '{broken');
  expect(outboxOf('L', 'avocet').read()).toEqual([]);
});
