import { QueryTypes } from 'sequelize';
import { connect } from '@/server/database';
import { migrate } from '@/server/migrate';
import { migrations } from '@/server/migrations';
import { emptyDatabase } from '../support/database';

const tablesOf = async (url: string) => {
  const sequelize = connect(url, 1);
  const names = await sequelize.getQueryInterface().showAllTables();
  await sequelize.close();
  return (names as readonly (string | { tableName: string })[])
    .map((name) => (typeof name === 'string' ? name : name.tableName))
    .filter((name) => name !== 'migrations');
};

test('the schema goes up, all the way down, and up again', async () => {
  const url = await emptyDatabase();
  expect((await migrate(url)).length).toBe(migrations.length);
  const named = (verb: string) => migrations.filter(({ name }) => name.startsWith(verb)).map(({ name }) => name);
  const dropped = new Set(named('drop-').map((name) => name.replace('drop-', 'create-')));
  const made = named('create-').filter((name) => !dropped.has(name));
  expect((await tablesOf(url)).length).toBe(made.length);
  expect((await migrate(url, 'down')).length).toBe(migrations.length);
  expect(await tablesOf(url)).toEqual([]);
  expect((await migrate(url)).length).toBe(migrations.length);
  expect(await migrate(url)).toEqual([]);
});

test('two processes that migrate at once do each step once', async () => {
  const url = await emptyDatabase();
  const done = await Promise.all([migrate(url), migrate(url), migrate(url)]);
  expect(done.flat().sort()).toEqual(migrations.map(({ name }) => name).sort());
});

test('a database that has run steps in another order is refused', async () => {
  const url = await emptyDatabase();
  await migrate(url);
  const other = [
    ...migrations.slice(0, 2),
    { ...migrations[2]!, name: 'create-something-else' },
    ...migrations.slice(3),
  ];
  await expect(migrate(url, 'up', other)).rejects.toThrow(/create-something-else/);
  await expect(migrate(url, 'up', migrations.slice(0, 3))).rejects.toThrow(/newer than this version/);
});

test('codes compare by their bytes, times keep milliseconds in UTC', async () => {
  const url = await emptyDatabase();
  await migrate(url);
  const sequelize = connect(url, 1);
  const at = new Date('2026-03-29T01:30:00.123Z');
  await sequelize.getQueryInterface().bulkInsert('preparations', [
    { id: '0'.repeat(25) + 'a', title: 'lower', head_version: 1, updated_at: at },
    { id: '0'.repeat(25) + 'A', title: 'upper ξ ½ 🐦', head_version: 1, updated_at: at },
  ]);
  const rows = await sequelize.query<{ title: string; updated_at: Date }>('SELECT * FROM preparations WHERE id = :id', {
    replacements: { id: '0'.repeat(25) + 'A' },
    type: QueryTypes.SELECT,
  });
  await sequelize.close();
  expect(rows.map(({ title }) => title)).toEqual(['upper ξ ½ 🐦']);
  expect(new Date(rows[0]?.updated_at ?? 0).toISOString()).toBe(at.toISOString());
});
