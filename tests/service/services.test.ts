import { budgetsOf, forgetTries, spend } from '@/server/attempts';
import { benchState } from '@/core/bench/benchState';
import { resultsFile } from '@/server/offThread/jobs/results';
import Papa from 'papaparse';
import { blankPreparation } from '@/core/document/blank';
import { classState } from '@/core/record/classState';
import { projectionOf } from '@/core/results/projection';
import { progressOf, projectionsOf, rebuildProjections } from '@/server/projections';
import { storeDraft } from '@/server/record';
import { ulid } from 'ulid';
import { findClass, findClassDoor } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { readBoard } from '@/server/offThread/jobs/board';
import { database } from '@/server/database';
import { loadDemo } from '@/server/loadDemo';
import { copyPreparation, createPreparation, findPreparation, saveVersion } from '@/server/preparations';
import { findOnShelf, setShelf } from '@/server/shelf';
import { rows, run } from '@/server/tables';
import { migrate } from '@/server/migrate';
import { emptyDatabase } from '../support/database';
import type { Projection } from '@/core/results/projection';
import { acetanilide, acetanilideText, dienoneText } from '../support/preparations';
import { gravest } from '../support/demoRun';
import { writePreparation } from '@/core/formats/writePreparation';
import type { Identity } from '@/core/identity';

// One connection in the pool: a query that forgot its transaction would wait for itself and fail here.
process.env['DATABASE_POOL'] = '1';

const coordinator: Identity = { role: 'coordinator', id: 'c', name: 'coordinator' };

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
});

afterAll(() => database().close());

const from = { address: '10.0.0.3' };
const count = async (table: string) => Number((await rows<{ n: number }>(`SELECT COUNT(*) AS n FROM ${table}`))[0]?.n);

test('a preparation is stored to the letter and found again at each version', async () => {
  const { id } = await createPreparation(acetanilideText(), 'coordinator');
  const second = { ...acetanilide(), title: 'Acetanilide, twice' };
  await saveVersion(id, 1, writePreparation(second), 'coordinator');
  expect((await findPreparation(id)).doc).toEqual(second);
  expect(writePreparation((await findPreparation(id, 1)).doc)).toBe(acetanilideText());
  expect((await findOnShelf(coordinator)).found[0]).toMatchObject({ id, title: 'Acetanilide, twice', version: 2 });
});

test('the shelf is searched by words, technique, length, level and tag; what is put away is found apart, a copy is its own', async () => {
  const { id } = await createPreparation(writePreparation({ ...acetanilide(), title: 'Shelf 100 %' }), 'coordinator');
  const ids = async (query: Parameters<typeof findOnShelf>[1]) =>
    (await findOnShelf(coordinator, query)).found.map((one) => one.id);
  expect(await ids({ words: 'SHELF' })).toEqual([id]);
  expect(await ids({ words: '100 %' })).toEqual([id]);
  expect(await ids({ words: 'shelf 1_0' })).toEqual([]);
  expect(await ids({ words: 'anhydride reflux', operation: 'reflux' })).toContain(id);
  expect(await ids({ words: 'shelf', operation: 'distillation' })).toEqual([]);
  expect(await ids({ words: 'shelf', length: 'short' })).toEqual([]);
  await setShelf(id, { tags: ['amide', 'spring'], level: 'beginners', archived: false });
  expect(await ids({ tag: 'amide' })).toEqual([id]);
  expect(await ids({ tag: 'ami' })).toEqual([]);
  expect(await ids({ words: 'spring', level: 'beginners' })).toEqual([id]);
  expect((await findOnShelf(coordinator)).tags).toEqual(['amide', 'spring']);
  await setShelf(id, { tags: ['amide'], archived: true });
  expect(await ids({ words: 'shelf' })).toEqual([]);
  expect(await ids({ words: 'shelf', archived: true })).toEqual([id]);
  const copy = await copyPreparation(id, 'coordinator');
  expect((await findPreparation(copy.id)).doc).toEqual({ ...acetanilide(), title: 'Shelf 100 %, copy' });
  expect(await ids({ words: 'shelf' })).toEqual([copy.id]);
  await expect(setShelf('nobody', { tags: [], archived: false })).rejects.toMatchObject({ code: 'notFound' });
});

test('a preparation that was stored before there were cards gets one when it is first listed', async () => {
  const { id } = await createPreparation(writePreparation({ ...acetanilide(), title: 'Cardless' }), 'coordinator');
  await run("UPDATE preparations SET card = NULL, words = '' WHERE id = :id", { id });
  const [found] = (await findOnShelf(coordinator, { words: 'cardless' })).found;
  expect(found?.card).toMatchObject({ makes: 'Acetanilide', scale: '2.00 mL Aniline' });
});

test('a refused file leaves nothing behind', async () => {
  const before = [await count('preparations'), await count('preparation_versions')];
  const broken = acetanilideText().replace('"2.50"', '"-2.50"');
  await expect(createPreparation(broken, 'coordinator')).rejects.toMatchObject({
    code: 'refused',
    details: [{ line: broken.slice(0, broken.indexOf('"-2.50"')).split('\n').length }],
  });
  await expect(createPreparation('x'.repeat(10_000_000), 'coordinator')).rejects.toMatchObject({
    code: 'tooLarge',
  });
  expect([await count('preparations'), await count('preparation_versions')]).toEqual(before);
});

test('of many who save from the same version one wins, and nobody is overwritten', async () => {
  const { id } = await createPreparation(dienoneText(), 'coordinator');
  const attempts = await Promise.allSettled(
    Array.from({ length: 8 }, (_, i) =>
      saveVersion(id, 1, dienoneText().replace('"benches": 8', `"benches": ${i + 1}`), `author ${i}`),
    ),
  );
  const won = attempts.findIndex(({ status }) => status === 'fulfilled');
  expect(attempts.filter(({ status }) => status === 'fulfilled').length).toBe(1);
  for (const attempt of attempts)
    if (attempt.status === 'rejected') expect(attempt.reason).toMatchObject({ code: 'stale' });
  expect((await findPreparation(id)).doc.benches).toBe(won + 1);
});

test('an unknown preparation is not found, whatever stands in its id', async () => {
  for (const id of ['', 'x', "' OR 1=1 --", '%', '0'.repeat(26)]) {
    await expect(findPreparation(id)).rejects.toMatchObject({ code: 'notFound' });
    await expect(saveVersion(id, 1, acetanilideText(), 'x')).rejects.toMatchObject({ code: 'notFound' });
  }
});

test('tries are counted per secret, together over all who try, and forgotten after a success', async () => {
  const at = (bench: string) => spend(budgetsOf(bench, '10.0.0.1', 'shore7'));
  const tries = await Promise.allSettled(Array.from({ length: 12 }, () => at('knot')));
  expect(tries.filter(({ status }) => status === 'fulfilled').length).toBe(8);
  await expect(at('dunlin')).resolves.toBeUndefined();
  await forgetTries('knot');
  await expect(at('knot')).resolves.toBeUndefined();
});

test('a window that has passed starts anew', async () => {
  const late = () => spend(budgetsOf('late', '10.0.0.2'));
  for (let i = 0; i < 8; i += 1) await late();
  await expect(late()).rejects.toMatchObject({ code: 'tooManyAttempts' });
  await run("UPDATE attempts SET window_ends = UTC_TIMESTAMP(3) - INTERVAL 1 SECOND WHERE attempt_key = 'secret:late'");
  await expect(late()).resolves.toBeUndefined();
});

test('the demo scenario loads once, and its class leads from the join code to the plan', async () => {
  expect(await loadDemo()).toBe(true);
  const before = await count('benches');
  expect(await loadDemo()).toBe(false);
  expect(await count('benches')).toBe(before);
  const door = await findClassDoor(' shore7 ', from);
  expect(door.benches).toHaveLength(8);
  const [row] = await rows<{ id: string }>('SELECT id FROM classes');
  expect((await findClass(row?.id ?? '')).doc.title).toBe('Acetanilide');
  // The mistakes that the demo benches carry, each found where it is made; the clean benches raise nothing.
  const board = await readBoard(row?.id ?? '');
  const rules = Object.fromEntries(
    board.lanes.map(({ bench, entries }) => [bench, gravest(benchState(board.doc, entries))]),
  );
  expect(rules).toEqual({
    Avocet: [],
    Curlew: [],
    Dunlin: ['reading.offTarget', 'reading.offTarget', 'result.differs'],
    Godwit: [],
    Knot: [],
    Plover: ['solvent.over', 'crop.mixed'],
    Sanderling: ['stage.overTheory'],
    Turnstone: ['melt.ramp', 'melt.high'],
  });
  expect(board.lanes.every(({ fault }) => fault === undefined)).toBe(true);
  await expect(findClassDoor('NOPE77', from)).rejects.toMatchObject({ code: 'notFound' });
}, 60_000);

test('the results of the demo class as a file: a row a bench, read back by another reader', async () => {
  const [row] = await rows<{ id: string }>('SELECT id FROM classes');
  const { text } = await resultsFile(row?.id ?? '');
  expect(text.startsWith('\uFEFFbench,')).toBe(true);
  const { data, errors } = Papa.parse<Record<string, string>>(text.slice(1), { header: true, skipEmptyLines: true });
  expect(errors).toEqual([]);
  expect(data.map(({ bench }) => bench)).toHaveLength(8);
  expect(data.find(({ bench }) => bench === 'Dunlin')).toMatchObject({
    limiting: 'Aniline',
    theory_g: '3.32',
    pure_mass_g: '2.45',
    pure_yield_percent: '73.7',
    own_percent: '82.6',
    pure_melting: 'near',
    findings: 'reading.offTarget result.differs',
  });
  expect(data.find(({ bench }) => bench === 'Avocet')).toMatchObject({ theory_g: '', pure_melting: 'missing' });
});

test('results kept for lists are those of a fresh fold, follow the record and the core, and are rebuilt to the letter', async () => {
  const [row] = await rows<{ id: string }>('SELECT id FROM classes');
  const id = row?.id ?? '';
  const kept = await projectionsOf(id);
  expect(kept).toHaveLength(8);
  const fresh = async () => {
    const { doc, own, lanes } = await readBoard(id);
    const { settings } = classState(own.entries);
    return lanes.map(({ bench, entries }) => ({
      bench,
      projection: JSON.parse(JSON.stringify(projectionOf(benchState(doc, entries, settings)))) as unknown,
    }));
  };
  expect(JSON.parse(JSON.stringify(kept))).toEqual(await fresh());
  // Read back from the table it is the same; nothing is folded again.
  expect(JSON.parse(JSON.stringify(await projectionsOf(id)))).toEqual(await fresh());
  const columns = await rows<{ share: number | null; numbers: string }>('SELECT share, numbers FROM bench_results');
  expect(columns.some(({ share }) => share !== null)).toBe(true);
  for (const { share, numbers } of columns) expect((JSON.parse(numbers) as Projection).share ?? null).toBe(share);
  expect((await progressOf([id])).get(id)).toMatchObject({ stale: false });
  // One entry more, another version of the core, a setting of the class: each is caught up with.
  const [lane] = (await readBoard(id)).lanes;
  const note = {
    id: ulid(),
    v: 1,
    log: lane?.log ?? '',
    body: { k: 'tick', step: 'reflux', check: 'open' },
    at: new Date().toISOString(),
    deviceAt: new Date().toISOString(),
    device: 'tablet',
    saw: 0,
  };
  const [staff] = await rows<{ id: string }>("SELECT id FROM users WHERE role = 'coordinator'");
  const identity = { kind: 'staff' as const, id: staff?.id ?? '', name: 'coordinator', role: 'coordinator' as const };
  await storeDraft(identity, lane?.log ?? '', note);
  expect((await progressOf([id])).get(id)).toMatchObject({ stale: true });
  expect(JSON.parse(JSON.stringify(await projectionsOf(id)))).toEqual(await fresh());
  await run("UPDATE bench_results SET core_version = '0', numbers = '{}' WHERE head_seq > 0");
  expect(JSON.parse(JSON.stringify(await projectionsOf(id)))).toEqual(await fresh());
  await run('UPDATE bench_results SET share = 0.5, numbers = \'{"done":0}\' WHERE head_seq > 0');
  const told = await rebuildProjections();
  expect(told.reduce((sum, { changed }) => sum + changed, 0)).toBeGreaterThan(0);
  expect(JSON.parse(JSON.stringify(await projectionsOf(id)))).toEqual(await fresh());
  expect((await rebuildProjections()).every(({ changed }) => changed === 0)).toBe(true);
}, 60_000);

test('a half-written preparation is stored, and no class gets it', async () => {
  const { id } = await createPreparation(writePreparation(blankPreparation('Benzyl acetate')), 'coordinator');
  expect((await findPreparation(id)).doc.title).toBe('Benzyl acetate');
  const classes = await count('classes');
  await expect(
    issueClass({ name: 'Early', preparationId: id, benches: [{ name: 'Knot' }], by: 'coordinator' }),
  ).rejects.toMatchObject({ code: 'refused', message: expect.stringContaining('There is no step yet.') as string });
  expect(await count('classes')).toBe(classes);
});
