import { ulid } from 'ulid';
import { findBenchLog, findClassLog, readClassState } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { readBoard } from '@/server/offThread/jobs/board';
import { database } from '@/server/database';
import { migrate } from '@/server/migrate';
import { createPreparation, findPreparation, saveVersion } from '@/server/preparations';
import { admit } from '@/server/access';
import { entriesOf } from '@/server/entries';
import { classFault, sealClass } from '@/server/seals';
import { storeDraft, verifyLog } from '@/server/record';
import { forgetName } from '@/server/authorNames';
import { rows, run } from '@/server/tables';
import { writePreparation } from '@/core/formats/writePreparation';
import { foldRecord } from '@/core/record/foldRecord';
import { emptyDatabase } from '../support/database';
import { someStaff } from '../support/staff';
import { acetanilideText } from '../support/preparations';
import { reading } from '../support/record';
import { canonicalJson } from '@/core/canonicalJson';
import { exportRecord } from '@/server/offThread/jobs/exportRecord';
import { sealedContent } from '@/core/record/chain';
import { sha256 } from '@/server/hash';
import { verifyRecordFile } from '@/core/formats/recordFile';
import type { Baseline } from '@/core/results/baseline';
import type { RecordFile } from '@/core/formats/recordFile';
import type { Identity } from '@/core/identity';
import type { Body } from '@/core/record/entry';

process.env['DATABASE_POOL'] = '1';

let classId = '';
let group: Identity;
let other: Identity;
let log = '';
let staff: Identity;

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
  staff = await someStaff();
});

beforeEach(async () => {
  const { id: preparationId } = await createPreparation(acetanilideText(), 'coordinator');
  const issued = await issueClass({
    name: 'Spring module',
    preparationId,
    benches: [{ name: 'Avocet' }, { name: 'Curlew' }],
    by: 'coordinator',
    staff: [staff.id],
  });
  classId = issued.id;
  const benches = await rows<{ id: string; name: string }>(
    'SELECT id, name FROM benches WHERE class_id = :classId ORDER BY position',
    { classId },
  );
  [group, other] = benches.map(({ id, name }): Identity => ({ role: 'group', id, name, classId })) as [
    Identity,
    Identity,
  ];
  log = await findBenchLog(group.id);
});

afterAll(() => database().close());

const draft = (body: Body, at = new Date()) => ({
  id: ulid(),
  v: 1,
  log,
  body,
  at: at.toISOString(),
  deviceAt: at.toISOString(),
  device: 'tablet',
  saw: 0,
});
const weighing = (text = '2.04 g') => draft(reading('aniline', 'net', text, { device: 'balance-001' }));

test('a draft is stored once; sent again it gets its old answer; another content under its id is refused', async () => {
  const one = weighing();
  const first = await storeDraft(group, log, one);
  expect(first.seq).toBe(1);
  expect(await storeDraft(group, log, one)).toEqual(first);
  await expect(storeDraft(group, log, { ...one, saw: 1 })).rejects.toMatchObject({ code: 'conflict' });
  // By whatever hand: it stays the bench's.
  expect(await storeDraft(staff, log, one)).toEqual(first);
  expect(await entriesOf(log)).toEqual([first]);
  expect(await entriesOf(log, 1)).toEqual([]);
});

test('many writers at once leave no gap, no double and a chain that verifies', async () => {
  const drafts = Array.from({ length: 24 }, (_, i) => weighing(`2.${10 + i} g`));
  await Promise.all([...drafts, ...drafts].map((one) => storeDraft(group, log, one)));
  const entries = await entriesOf(log);
  expect(entries.map(({ seq }) => seq)).toEqual(drafts.map((_, i) => i + 1));
  expect(await verifyLog(log)).toBeUndefined();
});

test('a record changed, cut or reordered behind the back is found', async () => {
  for (const text of ['2.04 g', '2.05 g', '2.06 g']) await storeDraft(group, log, weighing(text));
  await run("UPDATE entries SET stored = REPLACE(stored, '2.05', '2.50') WHERE log_id = :log AND seq = 2", { log });
  expect(await verifyLog(log)).toMatchObject({ seq: 2 });
  const board = await readBoard(classId);
  expect(board.lanes.map(({ fault }) => fault !== undefined)).toEqual([true, false]);
  await run('DELETE FROM entries WHERE log_id = :log AND seq > 1', { log });
  expect(await verifyLog(log)).toMatchObject({ seq: 2 });
});

test("another bench's record is not there, for reading and for writing", async () => {
  await expect(admit('GET /api/v1/logs/[id]/entries', other, { id: log })).rejects.toMatchObject({ code: 'notFound' });
  await expect(storeDraft(other, log, weighing())).rejects.toMatchObject({ code: 'notFound' });
  await expect(
    storeDraft(group, await findBenchLog(other.id), { ...weighing(), log: await findBenchLog(other.id) }),
  ).rejects.toMatchObject({ code: 'notFound' });
});

test('the demonstrator signs what stands there; a group does not, and nobody signs what has changed', async () => {
  const entry = await storeDraft(group, log, weighing());
  const seal: Body = { k: 'sign', seals: [{ entry: entry.id, content: entry.content }] };
  await expect(storeDraft(group, log, draft(seal))).rejects.toMatchObject({ code: 'forbidden' });
  await expect(
    storeDraft(staff, log, draft({ k: 'sign', seals: [{ entry: entry.id, content: 'a'.repeat(64) }] })),
  ).rejects.toMatchObject({ code: 'conflict' });
  await storeDraft(staff, log, draft(seal));
  expect(foldRecord(await entriesOf(log))[0]?.seals).toHaveLength(1);
});

test('undo is for the moment and for unsigned readings; striking with a reason is always possible', async () => {
  const entry = await storeDraft(group, log, weighing());
  const slip = (seconds: number) =>
    draft({ k: 'void', target: entry.id, reason: 'slip', slip: true }, new Date(Date.parse(entry.at) + seconds * 1000));
  // What the tablet says of the time does not count; how long after storing it came is seen when the record is read.
  await storeDraft(group, log, slip(3000));
  expect(foldRecord(await entriesOf(log))[0]).not.toHaveProperty('undoneAfter_min');
  await run('UPDATE entries SET received = received - INTERVAL 5 MINUTE WHERE id = :id', { id: entry.id });
  expect(foldRecord(await entriesOf(log))[0]).toMatchObject({ status: 'void', undoneAfter_min: 5 });
  const signed = await storeDraft(group, log, weighing('2.05 g'));
  await storeDraft(staff, log, draft({ k: 'sign', seals: [{ entry: signed.id, content: signed.content }] }));
  await expect(
    storeDraft(group, log, draft({ k: 'void', target: signed.id, reason: 'slip', slip: true })),
  ).rejects.toMatchObject({ code: 'refused' });
  await storeDraft(group, log, draft({ k: 'void', target: signed.id, reason: 'the boat stood on the pan' }));
  expect(foldRecord(await entriesOf(log)).map(({ status }) => status)).toEqual(['void', 'void']);
  await expect(
    storeDraft(group, log, draft({ k: 'void', target: ulid(), reason: 'nothing there' })),
  ).rejects.toMatchObject({ code: 'refused' });
});

test('a class keeps the preparation as it was issued', async () => {
  const [row] = await rows<{ preparation_id: string }>('SELECT preparation_id FROM classes WHERE id = :classId', {
    classId,
  });
  const stored = await findPreparation(row?.preparation_id ?? '');
  await saveVersion(stored.id, 1, writePreparation({ ...stored.doc, title: 'Changed since' }), 'coordinator');
  expect((await readBoard(classId)).doc.title).toBe('Acetanilide');
});

test('the log of the class takes settings from staff, and the newest holds for every bench', async () => {
  const own = await findClassLog(classId);
  const setting = (digits: string, unit = 'hPa') => ({
    ...draft({ k: 'setting', name: 'pressure', digits, unit }),
    log: own,
  });
  await storeDraft(staff, own, setting('1004'));
  expect((await readClassState(classId)).settings).toMatchObject({ pressure: { digits: '1004', unit: 'hPa' } });
  await storeDraft(staff, own, { ...setting('748', 'torr'), at: new Date(Date.now() + 1000).toISOString() });
  expect((await readClassState(classId)).settings).toMatchObject({ pressure: { digits: '748', unit: 'torr' } });
  expect(await verifyLog(own)).toBeUndefined();
  await expect(storeDraft(group, own, setting('900'))).rejects.toMatchObject({ code: 'notFound' });
  await expect(storeDraft(staff, own, setting('12', '°C'))).rejects.toMatchObject({ code: 'badRequest' });
  // A setting is no bench's, a reading is no class's.
  await expect(storeDraft(staff, log, { ...setting('900'), log })).rejects.toMatchObject({ code: 'refused' });
  await expect(storeDraft(staff, own, { ...weighing(), log: own })).rejects.toMatchObject({ code: 'refused' });
});

test('a class that was issued without a log of its own gets one, and only one', async () => {
  await run('DELETE FROM logs WHERE class_id = :classId AND bench_id IS NULL', { classId });
  const found = await Promise.all([findClassLog(classId), findClassLog(classId), findClassLog(classId)]);
  expect(new Set(found).size).toBe(1);
  expect(found[0]).toMatch(/^[0-9A-Z]{26}$/);
});

test('a board sends only what is newer than what the asker has', async () => {
  for (const text of ['2.04 g', '2.05 g']) await storeDraft(group, log, weighing(text));
  const counts = async (after: readonly number[]) =>
    (
      await readBoard(
        classId,
        after.map((seq) => ({ seq, chain: '' })),
      )
    ).lanes.map(({ entries }) => entries.length);
  expect(await counts([])).toEqual([2, 0]);
  expect(await counts([0, 1, 0])).toEqual([1, 0]);
  expect(await counts([0, 2, 0])).toEqual([0, 0]);
});

test('entries of both versions stand in one chain; a name may be forgotten, not forged; the file says it without the server', async () => {
  const second = (body: Body) => ({ ...draft(body), v: 2 });
  await storeDraft(group, log, weighing());
  const made = await storeDraft(group, log, second(reading('anhydride', 'volume', '2.50 mL')));
  await storeDraft(staff, log, second({ k: 'words', text: 'looked at' }));
  await storeDraft(group, log, second({ k: 'event', step: 'reflux', name: 'firstReflux', round: 1 }));
  expect(made.author).toMatchObject({ name: 'Avocet', sealed: expect.stringMatching(/^[0-9a-f]{64}$/) as string });
  expect((await entriesOf(log)).map(({ v, author }) => [v, author.name])).toEqual([
    [1, 'Avocet'],
    [2, 'Avocet'],
    [2, staff.name],
    [2, 'Avocet'],
  ]);
  // One stand-in for all that is made under a name; the name itself is not among what is stored.
  const stored = await rows<{ stored: string }>('SELECT stored FROM entries WHERE log_id = :log AND seq > 1', { log });
  expect(stored.filter((one) => one.stored.includes('Avocet'))).toEqual([]);
  expect(await rows("SELECT sealed FROM author_names WHERE name = 'Avocet'")).toHaveLength(1);
  expect(await verifyLog(log)).toBeUndefined();

  const { text } = await exportRecord(classId);
  const file = JSON.parse(text) as RecordFile;
  const faults = (changed: object) => verifyRecordFile(JSON.stringify(changed), sha256).map(({ fault }) => fault);
  expect(file.formatVersion).toBe(2);
  expect(faults(file)).toEqual([undefined, undefined, undefined]);
  const bench = file.logs.find((one) => one.bench === 'Avocet');
  const texts = bench?.entries.slice(1).map((entry) => canonicalJson(sealedContent(entry)));
  expect(texts).toEqual(stored.map((one) => one.stored));
  const names = Object.fromEntries(
    Object.entries(file.names ?? {}).map(([key, one]) => [key, { ...one, name: 'Curlew' }]),
  );
  expect(faults({ ...file, names })[1]).toMatch(/entry 2 stands under another name/);
  expect(faults({ ...file, names: undefined, formatVersion: 1 })).toEqual([undefined, undefined, undefined]);

  await run("UPDATE author_names SET name = 'Curlew' WHERE name = 'Avocet'");
  expect(await verifyLog(log)).toMatchObject({ seq: 2, why: expect.stringContaining('another name') as string });
  expect(await forgetName('Curlew')).toBe(1);
  expect((await entriesOf(log)).map(({ author }) => author.name)).toEqual([
    'Avocet',
    'name removed',
    staff.name,
    'name removed',
  ]);
  expect(await verifyLog(log)).toBeUndefined();
});

test('sent again under another version it is another entry; what a tablet sends again is there once', async () => {
  const one = { ...weighing(), v: 2 };
  const first = await storeDraft(group, log, one);
  expect(await storeDraft(group, log, one)).toEqual(first);
  expect(await storeDraft(staff, log, one)).toEqual(first);
  await expect(storeDraft(group, log, { ...one, v: 1 })).rejects.toMatchObject({ code: 'conflict' });
  expect(await entriesOf(log)).toHaveLength(1);
});

test('a class keeps the numbers that it was issued with; one from before says that it has none, and its seal holds', async () => {
  expect((await readBoard(classId)).numbers).toEqual({ baseline: 'kept', drift: [] });
  expect(await classFault(classId)).toBeUndefined();
  const { id: preparationId } = await createPreparation(acetanilideText(), 'coordinator');
  const issue = () =>
    issueClass({ name: 'Two', preparationId, benches: [{ name: 'Ruff' }], by: 'x', staff: [staff.id] });
  const [changed, old] = [await issue(), await issue()];
  const [{ baseline } = { baseline: '[]' }] = await rows<{ baseline: string }>(
    'SELECT baseline FROM issued WHERE class_id = :id',
    { id: changed.id },
  );
  const other = (JSON.parse(baseline) as Baseline).map((one) =>
    one.key === 'theory' ? { ...one, value: one.value * 1.01 } : one,
  );
  await run('UPDATE issued SET baseline = :other WHERE class_id = :id', {
    other: JSON.stringify(other),
    id: changed.id,
  });
  const { numbers } = await readBoard(changed.id);
  expect(numbers).toMatchObject({
    drift: [expect.stringMatching(/^theoretical yield was 2\.996\sg and is 2\.967\sg$/)],
  });
  expect(await classFault(changed.id)).toMatch(/how it was issued/);
  // As a class was issued and sealed before there were baselines.
  await run('UPDATE issued SET baseline = NULL, core_version = 1 WHERE class_id = :id', { id: old.id });
  await sealClass(old.id);
  expect((await readBoard(old.id)).numbers).toEqual({ baseline: 'none' });
  expect(await classFault(old.id)).toBeUndefined();
});
