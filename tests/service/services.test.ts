import { migrate } from '@/server/migrate';
import { emptyDatabase } from '../support/database';
import { acetanilide, acetanilideText, dienoneText } from '../support/preparations';
import { writePreparation } from '@/core/formats/writePreparation';

// One connection in the pool: a query that forgot its transaction would wait for itself and fail here.
process.env['DATABASE_POOL'] = '1';

type Services = typeof import('@/server/preparations') &
  typeof import('@/server/attempts') &
  typeof import('@/server/loadDemo') &
  typeof import('@/server/classes') &
  typeof import('@/server/tables') &
  typeof import('@/server/database');
let services: Services;

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
  const parts = await Promise.all([
    import('@/server/preparations'),
    import('@/server/attempts'),
    import('@/server/loadDemo'),
    import('@/server/classes'),
    import('@/server/tables'),
    import('@/server/database'),
  ]);
  services = Object.assign({}, ...parts) as Services;
});

afterAll(() => services.database().close());

const count = async (table: string) =>
  Number((await services.rows<{ n: number }>(`SELECT COUNT(*) AS n FROM ${table}`))[0]?.n);

test('a preparation is stored to the letter and found again at each version', async () => {
  const { id } = await services.createPreparation(acetanilideText(), 'coordinator');
  const second = { ...acetanilide(), title: 'Acetanilide, twice' };
  await services.saveVersion(id, 1, writePreparation(second), 'coordinator');
  expect((await services.findPreparation(id)).doc).toEqual(second);
  expect(writePreparation((await services.findPreparation(id, 1)).doc)).toBe(acetanilideText());
  expect((await services.listPreparations())[0]).toMatchObject({ id, title: 'Acetanilide, twice', version: 2 });
});

test('a refused file leaves nothing behind', async () => {
  const before = [await count('preparations'), await count('preparation_versions')];
  const broken = acetanilideText().replace('"2.50"', '"-2.50"');
  await expect(services.createPreparation(broken, 'coordinator')).rejects.toMatchObject({
    code: 'refused',
    details: [{ line: 132 }],
  });
  await expect(services.createPreparation('x'.repeat(10_000_000), 'coordinator')).rejects.toMatchObject({
    code: 'tooLarge',
  });
  expect([await count('preparations'), await count('preparation_versions')]).toEqual(before);
});

test('of many who save from the same version one wins, and nobody is overwritten', async () => {
  const { id } = await services.createPreparation(dienoneText(), 'coordinator');
  const attempts = await Promise.allSettled(
    Array.from({ length: 8 }, (_, i) =>
      services.saveVersion(id, 1, dienoneText().replace('"benches": 8', `"benches": ${i + 1}`), `author ${i}`),
    ),
  );
  const won = attempts.findIndex(({ status }) => status === 'fulfilled');
  expect(attempts.filter(({ status }) => status === 'fulfilled').length).toBe(1);
  for (const attempt of attempts)
    if (attempt.status === 'rejected') expect(attempt.reason).toMatchObject({ code: 'stale' });
  expect((await services.findPreparation(id)).doc.benches).toBe(won + 1);
});

test('an unknown preparation is not found, whatever stands in its id', async () => {
  for (const id of ['', 'x', "' OR 1=1 --", '%', '0'.repeat(26)]) {
    await expect(services.findPreparation(id)).rejects.toMatchObject({ code: 'notFound' });
    await expect(services.saveVersion(id, 1, acetanilideText(), 'x')).rejects.toMatchObject({ code: 'notFound' });
  }
});

test('tries are counted per secret, together over all who try, and forgotten after a success', async () => {
  const tries = await Promise.allSettled(Array.from({ length: 12 }, () => services.countAttempt('join:SHORE7:knot')));
  expect(tries.filter(({ status }) => status === 'fulfilled').length).toBe(8);
  await expect(services.countAttempt('join:SHORE7:dunlin')).resolves.toBeUndefined();
  await services.clearAttempts('join:SHORE7:knot');
  await expect(services.countAttempt('join:SHORE7:knot')).resolves.toBeUndefined();
});

test('a window that has passed starts anew', async () => {
  for (let i = 0; i < 8; i += 1) await services.countAttempt('user:late');
  await services.run(
    "UPDATE attempts SET window_ends = UTC_TIMESTAMP(3) - INTERVAL 1 SECOND WHERE attempt_key = 'user:late'",
  );
  await expect(services.countAttempt('user:late')).resolves.toBeUndefined();
});

test('the demo scenario loads once, and its class leads from the join code to the plan', async () => {
  expect(await services.loadDemo()).toBe(true);
  const before = await count('benches');
  expect(await services.loadDemo()).toBe(false);
  expect(await count('benches')).toBe(before);
  const door = await services.findClassDoor(' shore7 ');
  expect(door.benches).toHaveLength(8);
  const [row] = await services.rows<{ id: string }>('SELECT id FROM classes');
  expect((await services.findClassPlan(row?.id ?? '')).preparation.doc.title).toBe('Acetanilide');
  await expect(services.findClassDoor('NOPE77')).rejects.toMatchObject({ code: 'notFound' });
});
