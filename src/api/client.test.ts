import { api, ApiError } from './client';
import type { Draft } from '@/core/record/entry';

const asked = jest.fn<Promise<unknown>, [string, RequestInit]>();
const answer = (status: number, body?: unknown) => ({
  status,
  ok: status < 400,
  json: () => (body === undefined ? Promise.reject(new Error('no JSON')) : Promise.resolve(body)),
});
beforeEach(() => {
  asked.mockReset();
  Object.assign(globalThis, { fetch: asked });
});
const failure = async (call: Promise<unknown>) => {
  const error = await call.then(
    () => undefined,
    (one: unknown) => one,
  );
  expect(error).toBeInstanceOf(ApiError);
  const { code, message, details } = error as ApiError;
  return { code, message, details };
};
const draft = { id: 'D', log: 'L' } as Draft;

test('a request goes to the one address of the interface, says as whom, and gives what was answered', async () => {
  asked.mockResolvedValue(answer(201, { seq: 7 }));
  expect(await api.sendDraft(draft, 'avocet')).toEqual({ seq: 7 });
  const [[address, { method, body, headers }] = ['', {} as RequestInit]] = asked.mock.calls;
  expect([address, method, body, headers]).toEqual([
    '/api/v1/logs/L/entries',
    'POST',
    JSON.stringify(draft),
    { 'Mozle-As': 'avocet', 'Mozle-Ask': 'page' },
  ]);
  asked.mockResolvedValue(answer(200, {}));
  await api.entries('L', { seq: 7, chain: 'ab12' }, 'avocet');
  await api.board('c', [
    { seq: 0, chain: '' },
    { seq: 2, chain: 'ff' },
  ]);
  await api.classDoor('A B/7');
  expect(asked.mock.calls.slice(1).map(([to]) => to)).toEqual([
    '/api/v1/logs/L/entries?after=7.ab12',
    '/api/v1/classes/c/board?after=0,2.ff',
    '/api/v1/doors/A%20B%2F7',
  ]);
});

test('no answer is a lost network, in words; a silent way is given up after a while', async () => {
  asked.mockRejectedValue(new TypeError('Failed to fetch'));
  expect(await failure(api.signOut())).toMatchObject({
    code: 'offline',
    message: expect.stringMatching(/Nothing is lost/),
  });
  expect(asked.mock.calls[0]?.[1].signal).toBeInstanceOf(AbortSignal);
});

test('a refusal comes with its code, its words and its details', async () => {
  const error = { code: 'refused', message: 'The record is closed.', details: [{ line: 3 }] };
  asked.mockResolvedValue(answer(422, { error }));
  expect(await failure(api.sendDraft(draft, 'avocet'))).toEqual(error);
});

test('an answer that is none of ours is told by its status; nothing to say is nothing', async () => {
  asked.mockResolvedValue(answer(502));
  expect(await failure(api.signOut())).toMatchObject({ code: 'unexpected', message: 'The server answered 502.' });
  asked.mockResolvedValue(answer(204));
  expect(await api.signOut()).toBeUndefined();
});
