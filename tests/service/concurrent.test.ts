import { budgetsOf, giveBack, spend } from '@/server/attempts';
import { changePin, readRoster, saveRoster } from '@/server/roster';
import { createPreparation } from '@/server/preparations';
import { database } from '@/server/database';
import { findBenchLog, findClassLog } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { migrate } from '@/server/migrate';
import { emptyDatabase } from '../support/database';
import { acetanilideText } from '../support/preparations';

// Many connections: here writers get into each other's way.
process.env['DATABASE_POOL'] = '12';

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
});
afterAll(() => database().close());

const many = Array.from({ length: 24 }, (_, i) => i);
const members = (i: number) => [`A. Reed ${i}`, `B. Sedge ${i}`];

test('classes that are issued, given rosters and PINs at the same moment are all there, whole', async () => {
  const preparations = await Promise.all(many.map(() => createPreparation(acetanilideText(), 'coordinator')));
  const classes = await Promise.all(
    preparations.map(({ id: preparationId }, i) =>
      issueClass({
        name: `Class ${i}`,
        preparationId,
        benches: [{ name: 'Ruff', members: members(i) }, { name: 'Knot' }],
        by: 'coordinator',
      }),
    ),
  );
  await Promise.all(
    classes.map(({ id }, i) =>
      saveRoster(id, `S${i}`, [
        { name: 'Knot', members: members(i + 100) },
        { name: 'Dunlin', members: members(i + 200) },
      ]),
    ),
  );
  for (const [i, { id, joinCode }] of classes.entries()) {
    const roster = await readRoster(id);
    expect(roster).toMatchObject({
      section: `S${i}`,
      joinCode,
      benches: [
        { name: 'Ruff', members: members(i) },
        { name: 'Knot', members: members(i + 100) },
        { name: 'Dunlin', members: members(i + 200) },
      ],
    });
    const logs = [
      await findClassLog(id),
      ...(await Promise.all(roster.benches.map((bench) => findBenchLog(bench.id)))),
    ];
    expect(new Set(logs).size).toBe(4);
  }
});

test('a whole class that signs in at the same moment, again and again, is counted bench by bench', async () => {
  for (let round = 0; round < 20; round += 1) {
    await Promise.all(
      many.map(async (i) => {
        const budgets = budgetsOf(`bench ${i}`, `10.0.0.${i}`, 'shore7');
        await spend(budgets);
        await giveBack(budgets);
      }),
    );
  }
  const tries = await Promise.allSettled(many.map((i) => spend(budgetsOf('guessed', `10.0.0.${i}`, 'shore7'))));
  expect(tries.filter(({ status }) => status === 'fulfilled')).toHaveLength(8);
  for (const one of tries) if (one.status === 'rejected') expect(one.reason).toMatchObject({ code: 'tooManyAttempts' });
});

test('rosters of one class stored at the same moment: every bench once, each with a record', async () => {
  const { id: preparationId } = await createPreparation(acetanilideText(), 'coordinator');
  const { id } = await issueClass({ name: 'One', preparationId, benches: [{ name: 'Ruff' }], by: 'coordinator' });
  await Promise.all(many.map((i) => saveRoster(id, '', [{ name: `Bench ${i % 5}`, members: members(i) }])));
  const { benches } = await readRoster(id);
  expect(benches.map(({ name }) => name).sort()).toEqual([
    'Bench 0',
    'Bench 1',
    'Bench 2',
    'Bench 3',
    'Bench 4',
    'Ruff',
  ]);
  for (const bench of benches.slice(1)) expect(bench.members).toHaveLength(2);
  const pins = await Promise.all(benches.map((bench) => changePin(id, bench.id)));
  expect(pins.map(({ name }) => name)).toEqual(benches.map(({ name }) => name));
});
