/** @jest-environment jsdom */
import { beginning } from '@/core/record/mark';
import { followFeed } from './feed';
import type { FeedEvent } from '@/core/record/feedEvent';
import type { Mark } from '@/core/record/mark';

/** A stream that the test holds in its hand. */
class Stream {
  static all: Stream[] = [];
  closed = false;
  onopen: () => void = () => undefined;
  onerror: () => void = () => undefined;
  onmessage: (message: { data: string }) => void = () => undefined;
  constructor(readonly address: string) {
    Stream.all.push(this);
  }
  close() {
    this.closed = true;
  }
  tell(event: FeedEvent) {
    this.onmessage({ data: JSON.stringify(event) });
  }
}
const newest = () => Stream.all.at(-1)!;
const beat = (): FeedEvent => ({ k: 'beat', now: new Date().toISOString() });

let visibility: DocumentVisibilityState = 'visible';
const look = (now: DocumentVisibilityState) => {
  visibility = now;
  document.dispatchEvent(new Event('visibilitychange'));
};
Object.defineProperty(document, 'visibilityState', { get: () => visibility });

let marks: ReadonlyMap<string, Mark>;
const heard: FeedEvent[] = [];
const states: boolean[] = [];
let end: () => void;
beforeEach(() => {
  jest.useFakeTimers();
  Object.assign(globalThis, { EventSource: Stream });
  Stream.all = [];
  heard.length = 0;
  states.length = 0;
  visibility = 'visible';
  marks = new Map([['LOG', beginning]]);
  end = followFeed({
    classId: 'c',
    marks: () => marks,
    on: (event) => heard.push(event),
    onLive: (live) => states.push(live),
  });
});
afterEach(() => {
  end();
  jest.useRealTimers();
});

test('it asks from where the page stands, at every opening anew', () => {
  expect(newest().address).toBe('/api/v1/classes/c/feed?after=LOG.0');
  marks = new Map([
    ['LOG', { seq: 7, chain: 'ab12' }],
    ['OWN', { seq: 1, chain: 'cd34' }],
  ]);
  newest().onerror();
  jest.advanceTimersByTime(2000);
  expect(newest().address).toBe('/api/v1/classes/c/feed?after=LOG.7.ab12,OWN.1.cd34');
  expect(Stream.all.map(({ closed }) => closed)).toEqual([true, false]);
});

test('what is told is handed on; a lost stream is told as dead until the next one is open', () => {
  newest().onopen();
  expect(states.at(-1)).toBe(true);
  const event: FeedEvent = { k: 'entries', log: 'LOG', entries: [] };
  newest().tell(event);
  expect(heard).toEqual([event]);
  newest().onerror();
  expect(states.at(-1)).toBe(false);
  jest.advanceTimersByTime(1999);
  expect(Stream.all).toHaveLength(1);
  jest.advanceTimersByTime(1);
  expect(Stream.all).toHaveLength(2);
  newest().onopen();
  expect(states.at(-1)).toBe(true);
});

test('a stream without a sign of life is given up; signs of life keep it', () => {
  newest().onopen();
  for (let i = 0; i < 10; i += 1) {
    jest.advanceTimersByTime(30_000);
    newest().tell(beat());
  }
  expect([Stream.all.length, states.at(-1)]).toEqual([1, true]);
  jest.advanceTimersByTime(34_999);
  expect(newest().closed).toBe(false);
  jest.advanceTimersByTime(1);
  expect([newest().closed, states.at(-1)]).toEqual([true, false]);
  jest.advanceTimersByTime(2000);
  expect(Stream.all).toHaveLength(2);
});

test('a hidden page holds no stream; shown again it opens one at once; ended it opens none', () => {
  newest().onopen();
  look('hidden');
  expect([newest().closed, states.at(-1)]).toEqual([true, false]);
  jest.advanceTimersByTime(600_000);
  expect(Stream.all).toHaveLength(1);
  look('visible');
  expect(Stream.all).toHaveLength(2);
  end();
  expect(newest().closed).toBe(true);
  look('visible');
  jest.advanceTimersByTime(600_000);
  expect(Stream.all).toHaveLength(2);
});
