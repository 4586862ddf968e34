import fc from 'fast-check';
import { ulid } from 'ulid';
import { AppError } from '@/server/appError';
import { createPreparation } from '@/server/preparations';
import { database } from '@/server/database';
import { draftSchema } from '@/core/record/draftSchema';
import { findBenchLog } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { migrate } from '@/server/migrate';
import { readRoster } from '@/server/roster';
import { storeDraft } from '@/server/record';
import { rows } from '@/server/tables';
import { emptyDatabase } from '../support/database';
import { acetanilideText } from '../support/preparations';
import type { Identity } from '@/core/identity';

process.env['DATABASE_POOL'] = '1';

// FUZZ=10000 tries as many.
const runs = Number(process.env['FUZZ'] ?? 2500);

let group: Identity;
let log = '';

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
  const { id: preparationId } = await createPreparation(acetanilideText(), 'coordinator');
  const { id } = await issueClass({ name: 'c', preparationId, benches: [{ name: 'Ruff' }], by: 'x' });
  const [bench] = (await readRoster(id)).benches;
  group = { role: 'group', id: bench?.id ?? '', name: 'Ruff', classId: id };
  log = await findBenchLog(group.id);
});
afterAll(() => database().close());

const bodies: readonly object[] = [
  { k: 'reading', place: { line: 'aniline', slot: 'net' }, digits: '2.04', unit: 'g', state: ['cap on'] },
  { k: 'words', text: 'cloudy' },
  { k: 'event', step: 'reflux', name: 'firstReflux' },
  { k: 'tick', step: 'reflux', check: 'water' },
  { k: 'step', step: 'reflux', to: 'skip', reason: 'x' },
  { k: 'correct', target: ulid(), reason: 'x', body: { k: 'words', text: 'y' } },
  { k: 'sign', seals: [{ entry: ulid(), content: 'a'.repeat(64) }] },
  { k: 'file', file: ulid(), name: 'a.jpg', sha256: 'a'.repeat(64), bytes: 12 },
  { k: 'period', to: 'closed' },
];
const valid = (body: object) => {
  const at = new Date().toISOString();
  return {
    id: ulid(),
    v: (body as { k?: string }).k === 'words' ? 1 : 2,
    log,
    body,
    at,
    deviceAt: at,
    device: 'tablet',
    saw: 0,
  } as Record<string, unknown>;
};
const nasty = fc.oneof(
  fc.jsonValue({ maxDepth: 2 }),
  fc.constantFrom<unknown>(
    null,
    '',
    '\u0000',
    '<script>alert(1)</script>',
    "'; DROP TABLE entries; --",
    NaN,
    -1,
    1e308,
    [],
    {},
    '__proto__',
  ),
);

/** Puts a value at a place of an object, or takes the place away. */
function spoil(draft: Record<string, unknown>, path: readonly string[], value: unknown, drop: boolean): unknown {
  const copy = JSON.parse(JSON.stringify(draft)) as Record<string, unknown>;
  let at: Record<string, unknown> = copy;
  for (const key of path.slice(0, -1)) {
    const next = at[key];
    if (typeof next !== 'object' || next === null) break;
    at = next as Record<string, unknown>;
  }
  const last = path.at(-1) ?? 'id';
  if (drop) delete at[last];
  else at[last] = value;
  return copy;
}
const keys = fc.constantFrom(
  'id',
  'v',
  'log',
  'body',
  'at',
  'deviceAt',
  'device',
  'saw',
  'k',
  'place',
  'digits',
  'unit',
  'extra',
);
const malformed = fc.oneof(
  { weight: 1, arbitrary: nasty },
  {
    weight: 6,
    arbitrary: fc
      .tuple(
        fc.constantFrom(...bodies),
        fc.oneof(fc.tuple(keys), fc.tuple(fc.constant('body'), keys)),
        nasty,
        fc.boolean(),
      )
      .map(([body, path, value, drop]) => spoil(valid(body), path, value, drop)),
  },
);

const count = async () => Number((await rows<{ n: number }>('SELECT COUNT(*) AS n FROM entries'))[0]?.n);

test('malformed bodies: each refused as such, none written, none an unexpected failure', async () => {
  let stored = 0;
  let seen = 0;
  await fc.assert(
    fc.asyncProperty(malformed, async (value) => {
      seen += 1;
      let refused: unknown;
      try {
        await storeDraft(group, log, value);
        stored += 1;
      } catch (error) {
        refused = error;
      }
      // What was written has the shape of an entry; everything else was refused in words.
      if (refused === undefined) expect(draftSchema.isValidSync(value, { strict: true })).toBe(true);
      else expect(refused).toBeInstanceOf(AppError);
    }),
    { numRuns: runs },
  );
  expect(seen).toBe(runs);
  // Some changes leave a draft whole (another digit, a reason less): those and no others are written.
  expect(await count()).toBe(stored);
  expect(stored).toBeLessThan(runs / 5);
}, 240_000);
