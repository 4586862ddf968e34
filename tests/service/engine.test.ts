import { createHash } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ulid } from 'ulid';
import { beginFile, readFile, takePart } from '@/server/files';
import { benchState } from '@/core/bench/benchState';
import { changePin, readRoster, saveRoster } from '@/server/roster';
import { classSettings } from '@/core/record/classSettings';
import { connect, database } from '@/server/database';
import { createPreparation } from '@/server/preparations';
import { endFeed, listen } from '@/server/feed';
import { entriesOf, newsOf } from '@/server/entries';
import { exportRecord } from '@/server/offThread/jobs/exportRecord';
import { findBenchLog, findClassLog, readClassState } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { readBoard } from '@/server/offThread/jobs/board';
import { foldRecord } from '@/core/record/foldRecord';
import { identityOf } from '@/server/sessions';
import { insert, rows, run } from '@/server/tables';
import { isLate } from '@/core/record/periods';
import { loadDemo } from '@/server/loadDemo';
import { beginning, markOf } from '@/core/record/mark';
import { migrate } from '@/server/migrate';
import { sealHead } from '@/server/seals';
import { sha256 } from '@/server/hash';
import { storeDraft } from '@/server/record';
import { verifyRecordFile } from '@/core/formats/recordFile';
import { emptyDatabase } from '../support/database';
import { someStaff } from '../support/staff';
import { acetanilideText } from '../support/preparations';
import { reading } from '../support/record';
import { testInAll } from '../support/inAll';
import type { Body, Entry } from '@/core/record/entry';
import type { Identity } from '@/core/identity';
import type { Mark } from '@/core/record/mark';

process.env['DATABASE_POOL'] = '1';

let staff: Identity;
let classId = '';
let group: Identity;
let log = '';
let own = '';

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
  staff = await someStaff();
});
beforeEach(async () => {
  const { id: preparationId } = await createPreparation(acetanilideText(), 'coordinator');
  const benches = [{ name: 'Avocet', members: ['A. Reed', 'B. Sedge'] }, { name: 'Curlew' }];
  ({ id: classId } = await issueClass({
    name: 'Spring',
    section: 'B2',
    preparationId,
    benches,
    by: 'coordinator',
    staff: [staff.id],
  }));
  const [bench] = (await readRoster(classId)).benches;
  group = { role: 'group', id: bench?.id ?? '', name: 'Avocet', classId };
  [log, own] = [await findBenchLog(group.id), await findClassLog(classId)];
});
afterAll(() => database().close());

const draft = (to: string, body: Body, at = new Date()) => ({
  id: ulid(),
  v: 1,
  log: to,
  body,
  at: at.toISOString(),
  deviceAt: at.toISOString(),
  device: 'tablet',
  saw: 0,
});
const weigh = (text = '2.04 g', at = new Date()) => draft(log, reading('aniline', 'net', text), at);
const period = (to: 'open' | 'closed' | 'reopened', reason?: string) =>
  storeDraft(staff, own, draft(own, reason ? { k: 'period', to, reason } : { k: 'period', to }));

/** A session of the bench, by its secret. */
async function session(bench: string): Promise<string> {
  const token = ulid();
  const times = { created_at: new Date(), expires_at: new Date(Date.now() + 60_000), revoked_at: null };
  await insert('sessions', { token_hash: sha256(token), user_id: null, bench_id: bench, ...times });
  return token;
}

test('closing signs the benches out and makes the record read only; what was made before still comes in, late', async () => {
  const token = await session(group.id);
  expect((await identityOf(token))?.name).toBe('Avocet');
  const before = new Date(Date.now() - 1000);
  await expect(storeDraft(group, own, draft(own, { k: 'period', to: 'closed' }))).rejects.toMatchObject({
    code: 'notFound',
  });
  await period('closed');
  expect(await identityOf(token)).toBeUndefined();
  await expect(storeDraft(group, log, weigh())).rejects.toMatchObject({ code: 'refused' });
  await expect(storeDraft(staff, log, weigh())).rejects.toMatchObject({ code: 'refused' });
  const late = await storeDraft(group, log, weigh('2.04 g', before));
  const { periods } = await readClassState(classId);
  expect(isLate(late, periods)).toBe(true);
  await expect(period('closed')).rejects.toMatchObject({ code: 'refused' });
  await expect(period('reopened')).rejects.toMatchObject({ code: 'badRequest' });
  const mark = await period('reopened', 'vial weighed again');
  const again = await storeDraft(group, log, weigh('2.05 g'));
  expect(isLate(again, (await readClassState(classId)).periods)).toBe(false);
  const strike: Body = { k: 'void', target: mark.id, reason: 'slip' };
  await expect(storeDraft(staff, own, draft(own, strike))).rejects.toMatchObject({ code: 'refused' });
});

test('a roster names members and adds benches with a record; a new PIN ends the sessions of that bench alone', async () => {
  expect(await readRoster(classId)).toMatchObject({
    section: 'B2',
    benches: [
      { name: 'Avocet', members: ['A. Reed', 'B. Sedge'] },
      { name: 'Curlew', members: [] },
    ],
  });
  const { roster, added } = await saveRoster(classId, 'B3', [
    { name: 'avocet', members: ['C. Rush'] },
    { name: 'Knot', members: [] },
  ]);
  expect(roster).toMatchObject({
    section: 'B3',
    benches: [{ name: 'Avocet', members: ['C. Rush'] }, { name: 'Curlew' }, { name: 'Knot' }],
  });
  expect(added).toEqual([{ name: 'Knot', pin: expect.stringMatching(/^\d{6}$/) as string }]);
  expect(await findBenchLog(roster.benches[2]?.id ?? '')).toHaveLength(26);
  const [mine, theirs] = [await session(group.id), await session(roster.benches[1]?.id ?? '')];
  await changePin(classId, group.id);
  expect(await identityOf(mine)).toBeUndefined();
  expect((await identityOf(theirs))?.name).toBe('Curlew');
  await expect(changePin(ulid(), group.id)).rejects.toMatchObject({ code: 'notFound' });
});

const upload = (bytes: Uint8Array, name = 'spectrum.jdx') => ({
  id: ulid(),
  name,
  bytes: bytes.byteLength,
  sha256: createHash('sha256').update(bytes).digest('hex'),
});
const spectrum = new TextEncoder().encode(`##TITLE=product\n${'1700 0.12\n'.repeat(500)}`);

test('a file comes in by parts, goes on after a break, and stands on the record once it is whole', async () => {
  const file = upload(spectrum);
  const note: Body = { k: 'file', file: file.id, name: file.name, sha256: file.sha256, bytes: file.bytes };
  expect(await beginFile(log, group.id, file)).toEqual({ received: 0, complete: false });
  await takePart(file.id, group.id, 0, spectrum.slice(0, 2000));
  await expect(storeDraft(group, log, draft(log, note))).rejects.toMatchObject({ code: 'refused' });
  // The answer got lost: the part comes again, then the device asks where it is.
  await takePart(file.id, group.id, 0, spectrum.slice(0, 2000));
  expect(await beginFile(log, group.id, file)).toEqual({ received: 2000, complete: false });
  expect(await takePart(file.id, group.id, 3000, spectrum.slice(3000))).toEqual({ received: 2000, complete: false });
  expect(await takePart(file.id, group.id, 2000, spectrum.slice(2000))).toEqual({
    received: spectrum.length,
    complete: true,
  });
  await storeDraft(group, log, draft(log, note));
  const read = await readFile(file.id);
  expect(read).toMatchObject({ log, type: 'chemical/x-jcamp-dx' });
  expect(Buffer.compare(read.bytes, Buffer.from(spectrum))).toBe(0);
});

test('what a record does not take is refused in words: other content, other kinds, photos that tell where', async () => {
  const send = async (bytes: Uint8Array, file = upload(bytes)) => {
    await beginFile(log, group.id, file);
    return takePart(file.id, group.id, 0, bytes);
  };
  const other = { ...upload(spectrum), sha256: 'a'.repeat(64) };
  await expect(send(spectrum, other)).rejects.toThrow(/did not arrive as it was sent/);
  await expect(send(Uint8Array.of(0x4d, 0x5a, 0, 1))).rejects.toThrow(/none of the kinds/);
  const exif = [0xff, 0xd8, 0xff, 0xe1, 0, 12, ...new TextEncoder().encode('Exif'), 0, 0, 1, 2, 3, 4];
  await expect(send(Uint8Array.from(exif))).rejects.toThrow(/where and with what/);
  const file = upload(spectrum);
  await beginFile(log, group.id, file);
  await expect(takePart(file.id, staff.id, 0, spectrum)).rejects.toMatchObject({ code: 'notFound' });
  await expect(beginFile(log, group.id, { ...file, sha256: 'b'.repeat(64) })).rejects.toMatchObject({
    code: 'conflict',
  });
  await expect(beginFile(own, staff.id, file)).rejects.toMatchObject({ code: 'conflict' });
  await expect(takePart(file.id, group.id, 0, new Uint8Array(spectrum.length + 1))).rejects.toThrow(/More was sent/);
});

test('what a tablet had saved is brought in by another hand and sent by the tablet all the same: it is there once', async () => {
  const file = upload(spectrum);
  await beginFile(log, group.id, file);
  await takePart(file.id, group.id, 0, spectrum.slice(0, 2000));
  // The tablet stays away: the demonstrator goes on from where it got to.
  expect(await beginFile(log, staff.id, file)).toEqual({ received: 2000, complete: false });
  await takePart(file.id, staff.id, 2000, spectrum.slice(2000));
  const note = draft(log, { k: 'file', file: file.id, name: file.name, sha256: file.sha256, bytes: file.bytes });
  const brought = await storeDraft(staff, log, note);
  expect(brought.author.name).toBe(staff.name);
  expect(await beginFile(log, group.id, file)).toEqual({ received: spectrum.length, complete: true });
  expect(await storeDraft(group, log, note)).toEqual(brought);
  expect(await entriesOf(log)).toHaveLength(1);
  // Another content under its id is still refused, by whatever hand.
  const other = { ...note, device: 'elsewhere' };
  for (const who of [group, staff])
    await expect(storeDraft(who, log, other)).rejects.toMatchObject({ code: 'conflict' });
});

/** Makes a log what it was some entries ago, as a backup does that is brought in. */
async function setBack(seq: number) {
  await run('DELETE FROM entries WHERE log_id = :log AND seq > :seq', { log, seq });
  const chain = (await entriesOf(log)).at(-1)?.chain ?? '0'.repeat(64);
  const sealed = sealHead(log, seq, chain);
  await run(
    'UPDATE logs SET head_seq = :seq, head_chain = :chain, head_key = :head_key, head_seal = :head_seal WHERE id = :log',
    { seq, chain, log, ...sealed },
  );
}

test.each([
  ['is shorter', 0],
  ['has gone on to the same length', 2],
  ['has gone on further', 5],
])(
  'a reader of a log that was set back and %s is told all there is, a reader of what stayed only the news',
  async (_, more) => {
    for (const text of ['2.01 g', '2.02 g', '2.03 g', '2.04 g']) await storeDraft(group, log, weigh(text));
    const [before, early] = [markOf(await entriesOf(log)), markOf((await entriesOf(log)).slice(0, 1))];
    await setBack(2);
    for (let i = 0; i < more; i += 1) await storeDraft(group, log, weigh(`2.1${i} g`));
    const all = await entriesOf(log);
    expect(await newsOf(log, before)).toEqual({ entries: all, anew: true });
    expect(await newsOf(log, early)).toEqual({ entries: all.slice(1) });
    expect(await newsOf(log, markOf(all))).toEqual({ entries: [] });
    const lane = async (mark: Mark) => (await readBoard(classId, [beginning, mark, beginning])).lanes[0];
    expect(await lane(before)).toMatchObject({ entries: all, anew: true });
    expect(await lane(early)).toMatchObject({ entries: all.slice(1) });
    expect((await lane(markOf(all)))?.entries).toEqual([]);
  },
);

test('the feed tells what was missed and what comes, each entry once, and ends when the process stops', async () => {
  const heard: number[] = [];
  let ended = false;
  const first = await storeDraft(group, log, weigh());
  await storeDraft(group, log, weigh('2.05 g'));
  let more: () => void = () => undefined;
  const told = (count: number) =>
    new Promise<void>((resolve) => {
      more = () => heard.length >= count && resolve();
      more();
    });
  listen(classId, {
    who: group.id,
    heads: new Map([[log, first.seq]]),
    tell: (entries: readonly Entry[]) => {
      heard.push(...entries.map(({ seq }) => seq));
      more();
    },
    beat: () => Promise.resolve(true),
    end: () => (ended = true),
  });
  await told(1);
  expect(heard).toEqual([2]);
  await Promise.all(['2.06 g', '2.07 g'].map((text) => storeDraft(group, log, weigh(text))));
  await told(3);
  expect(heard).toEqual([2, 3, 4]);
  endFeed();
  expect(ended).toBe(true);
  let refused = false;
  listen(classId, {
    who: group.id,
    heads: new Map(),
    tell: () => undefined,
    beat: () => Promise.resolve(true),
    end: () => (refused = true),
  });
  expect(refused).toBe(true);
});

test('the record of a class as a file verifies on its own, and no longer once a digit of it is changed', async () => {
  await storeDraft(group, log, weigh());
  await period('closed');
  const { text } = await exportRecord(classId);
  expect(verifyRecordFile(text, sha256).map(({ entries, fault }) => [entries, fault])).toEqual([
    [1, undefined],
    [1, undefined],
    [0, undefined],
  ]);
  const forged = verifyRecordFile(text.replace('"2.04"', '"2.40"'), sha256);
  expect(forged.map(({ fault }) => fault !== undefined)).toEqual([false, true, false]);
  const cut = JSON.parse(text) as { logs: { entries: unknown[] }[] };
  cut.logs[1]?.entries.pop();
  expect(verifyRecordFile(JSON.stringify(cut), sha256)[1]?.fault).toMatch(/counts 1 entries, 0 are there/);
  expect(() => verifyRecordFile('{"format":"other"}', sha256)).toThrow('This is not a record file.');
});

testInAll(
  'a backup brought into an empty database is the same in every fold and every file; a damaged one changes nothing',
  async () => {
    const folder = mkdtempSync(join(tmpdir(), 'mozle-backup-'));
    try {
      await loadDemo();
      const file = upload(spectrum);
      await beginFile(log, group.id, file);
      await takePart(file.id, group.id, 0, spectrum);
      const command = (name: string, url: string, path: string) =>
        spawnSync(`bin/${name}`, [path], { env: { ...process.env, DATABASE_URL: url }, encoding: 'utf8' });
      const source = process.env['DATABASE_URL'] ?? '';
      const path = join(folder, 'all.sql.gz');
      expect(command('backup', source, path)).toMatchObject({ status: 0 });
      const target = await emptyDatabase();
      writeFileSync(join(folder, 'cut.sql.gz'), readFileSync(path).subarray(0, 20_000));
      expect(command('restore', target, join(folder, 'cut.sql.gz')).stderr).toMatch(/damaged|cut off/);
      const restored = command('restore', target, path);
      expect(restored).toMatchObject({ status: 0 });
      expect(restored.stdout).toMatch(/\d+ verified, 0 broken/);
      expect(command('restore', target, path).stderr).toMatch(/not empty/);
      const classes = await rows<{ id: string }>('SELECT id FROM classes ORDER BY id');
      const folds = async () => {
        const all = [];
        for (const { id } of classes) {
          const { doc, own: shared, lanes } = await readBoard(id);
          const settings = classSettings(foldRecord(shared.entries));
          all.push(lanes.map(({ bench, entries }) => [bench, benchState(doc, entries, settings)]));
        }
        return JSON.stringify(all);
      };
      const before = await folds();
      const bytes = await readFile(file.id);
      await database().close();
      Object.assign(globalThis, { mozleDatabase: connect(target, 1) });
      expect(await folds()).toBe(before);
      expect(before.length).toBeGreaterThan(10_000);
      expect(await readFile(file.id)).toEqual(bytes);
      expect(await rows('SELECT token_hash FROM sessions')).toEqual([]);
      await run(
        `UPDATE entries SET stored = REPLACE(stored, '"saw":0', '"saw":1') WHERE stored LIKE '%"saw":0%' LIMIT 1`,
      );
      expect(spawnSync('bin/verify', { env: { ...process.env, DATABASE_URL: target } }).status).toBe(1);
      expect((await entriesOf(log)).length).toBe(0);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  },
  60_000,
);
