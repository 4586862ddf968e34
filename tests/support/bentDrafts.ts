import { ulid } from 'ulid';
import type { Body } from '@/core/record/entry';

/** Numbers from 0 to 1 that follow from a seed (mulberry32). */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** One of every kind of entry, as a tablet makes it; `target` and `content` are those of an entry that is there. */
export const everyBody = (target: string, content: string): readonly Body[] => [
  {
    k: 'reading',
    place: { line: 'aniline', slot: 'net' },
    digits: '2.04',
    unit: 'g',
    device: 'balance-001',
    state: ['cap on'],
  },
  { k: 'reading', place: { step: 'melt-pure', slot: 'onset', item: 'A', round: 1 }, digits: '113.0', unit: '°C' },
  { k: 'words', step: 'reflux', text: 'cloudy' },
  { k: 'event', step: 'reflux', name: 'firstReflux' },
  { k: 'tick', step: 'reflux', check: 'water' },
  { k: 'step', step: 'reflux', to: 'skip', reason: 'x' },
  { k: 'deviation', step: 'reflux', reason: 'another flask' },
  { k: 'override', finding: 'x', facts: 'y', reason: 'z' },
  { k: 'correct', target, reason: 'x', body: { k: 'words', text: 'y' } },
  { k: 'void', target, reason: 'x' },
  { k: 'void', target, reason: 'slip', slip: true },
  { k: 'ask', targets: [target] },
  { k: 'sign', seals: [{ entry: target, content }], remark: 'x' },
  { k: 'return', targets: [target], remark: 'again' },
  { k: 'setting', name: 'pressure', digits: '1004', unit: 'hPa' },
  { k: 'period', to: 'open' },
  { k: 'file', step: 'reflux', file: target, name: 'a.jpg', sha256: content, bytes: 12, text: 'x' },
  { k: 'event', step: 'reflux', name: 'separated', item: 'A', round: 2 },
  { k: 'tick', step: 'reflux', check: 'water', round: 1 },
  { k: 'vessel', id: 'flask-2', as: 'round flask', label: 'B2 Ruff, extract' },
  { k: 'move', from: 'flask', to: 'beaker', what: 'part', typed: { digits: '2.0', unit: 'mL' } },
];

/** Version that a body needs; those of the first are sent in both by turns. */
const versionOf = (body: Body): 1 | 2 => {
  const { item, round } = body as { item?: string; round?: number };
  const second = body.k === 'vessel' || body.k === 'move' || (item ?? round) !== undefined;
  return second || body.k.length % 2 === 0 ? 2 : 1;
};

const odd: readonly unknown[] = [
  ...[null, true, false, 0, -1, 1.5, 1e308, -0, 2 ** 53, 200],
  ...[
    '',
    ' ',
    '0',
    '-0',
    '-1',
    '1e9',
    '999999999',
    '0.000000001',
    '999999999.999999999',
    '1,5',
    '١٢',
    'NaN',
    'Infinity',
  ],
  ...['2026-99-99T99:99:99.999Z', '1970-01-01T00:00:00.000Z', '9999-12-31T23:59:59.999Z', '0000-01-01T00:00:00.000Z'],
  ...['yesterday', '2026-02-30T10:00:00.000Z', '+275760-09-13T00:00:00.000Z'],
  ...['g', 'kg', 'mL', '°C', 'K', '%', 'hPa', 'torr', 'mol', 'furlong', '\u00b5g'],
  ...['net', 'full', 'empty', 'volume', 'onset', 'clear', 'constructor', '__proto__', 'toString', 'hasOwnProperty'],
  ...['reflux', 'aniline', 'no-such-step', 'melt-pure', 'A', 'Z9', 'skip', 'again', 'open', 'closed', 'reopened'],
  ...[
    '<script>alert(1)</script>',
    '＝1+1',
    "'; DROP TABLE entries; --",
    '🐦'.repeat(40),
    'x'.repeat(5000),
    '\u202egnirts',
  ],
  ...[[], {}, [null], [[]], { a: 1 }, ['x'], [{}]],
];

/** Every place in a value, the value itself left out. */
function places(value: unknown, before: readonly (string | number)[] = []): readonly (readonly (string | number)[])[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, one]) => [[...before, key], ...places(one, [...before, key])]);
}

function bend(value: object, path: readonly (string | number)[], to: unknown): object {
  const copy = structuredClone(value) as Record<string, unknown>;
  let at = copy;
  for (const key of path.slice(0, -1)) {
    const next = at[key];
    if (typeof next !== 'object' || next === null) return copy;
    at = next as Record<string, unknown>;
  }
  const last = String(path.at(-1));
  if (to === undefined) delete at[last];
  else at[last] = to;
  return copy;
}

/** Every kind of entry with every field bent to every odd value or taken away, then with two, up to a count. */
export function* bentDrafts(
  log: string,
  target: string,
  content: string,
  count: number,
): Generator<Record<string, unknown>> {
  const random = seeded(2026);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;
  const whole = (body: Body) => {
    const at = new Date().toISOString();
    return { id: ulid(), v: versionOf(body), log, body, at, deviceAt: at, device: 'bent', saw: 0 };
  };
  const single = everyBody(target, content).flatMap((body) =>
    places(whole(body))
      .filter(([first]) => first !== 'id' && first !== 'log')
      .flatMap((path) => [undefined, ...odd].map((value) => [body, path, value] as const)),
  );
  // Where fewer are wanted, evenly of all.
  const some = Math.min(count, single.length);
  for (let i = 0; i < some; i += 1) {
    const [body, path, value] = single[Math.floor((i * single.length) / some)]!;
    yield bend(whole(body), path, value) as Record<string, unknown>;
  }
  for (let made = some; made < count; made += 1) {
    let draft: object = whole(pick(everyBody(target, content)));
    for (let i = 0; i < 2; i += 1) draft = bend(draft, pick(places(draft)), pick([undefined, ...odd]));
    yield { ...draft, id: ulid() };
  }
}
