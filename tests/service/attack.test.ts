import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { addAccount, changePassword, disableAccount, linkOwner, listAccounts, welcome } from '@/server/accounts';
import { admit } from '@/server/access';
import { beginFile } from '@/server/files';
import { benchState } from '@/core/bench/benchState';
import { connect, database } from '@/server/database';
import { createPreparation } from '@/server/preparations';
import { csvText } from '@/server/csv';
import { draftSchema } from '@/core/record/draftSchema';
import { entriesOf } from '@/server/entries';
import { findBenchLog, findClassLog, findClassDoor, listClasses } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { readBoard } from '@/server/offThread/jobs/board';
import { foldRecord } from '@/core/record/foldRecord';
import { identifyGroup, identifyStaff } from '@/server/identify';
import { insert, rows, run } from '@/server/tables';
import { loadDemo } from '@/server/loadDemo';
import { migrate } from '@/server/migrate';
import { migrations } from '@/server/migrations';
import { parseJson } from '@/server/body';
import { readCandidates } from '@/server/referenceFiles';
import { readKeys } from '@/server/keyFile';
import { readRoster, saveRoster } from '@/server/roster';
import { setClassStaff } from '@/server/classStaff';
import { sha256 } from '@/server/hash';
import { storeDraft, verifyLog } from '@/server/record';
import { tidy } from '@/server/housekeeping';
import { timeDoubt } from '@/core/record/timeDoubt';
import { emptyDatabase } from '../support/database';
import { acetanilideText } from '../support/preparations';
import { reading } from '../support/record';
import { someStaff } from '../support/staff';
import type { Body } from '@/core/record/entry';
import type { Identity } from '@/core/identity';

// One row a hole that an attack found, and what was found beside it when its kind was looked for.

let preparationId = '';
let classId = '';
let joinCode = '';
let pin = '';
let group: Identity;
let neighbour: Identity;
let staff: Identity;
let log = '';

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
  ({ id: preparationId } = await createPreparation(acetanilideText(), 'coordinator'));
});
beforeEach(async () => {
  staff = await someStaff();
  const benches = [{ name: 'Ruff' }, { name: 'Knot' }];
  const issued = await issueClass({ name: 'Attacked', preparationId, benches, by: 'x', staff: [staff.id] });
  ({ id: classId, joinCode } = issued);
  pin = issued.benches[0]?.pin ?? '';
  [group, neighbour] = (await readRoster(classId)).benches.map(({ id, name }): Identity => ({
    role: 'group',
    id,
    name,
    classId,
  })) as [Identity, Identity];
  log = await findBenchLog(group.id);
  await run('DELETE FROM attempts');
});
afterAll(() => database().close());

const draft = (body: Body, at = new Date(), to = log) => ({
  id: ulid(),
  v: 1,
  log: to,
  body,
  at: at.toISOString(),
  deviceAt: at.toISOString(),
  device: 'tablet',
  saw: 0,
});
const weigh = (text = '2.04 g', at = new Date()) => draft(reading('aniline', 'net', text), at);
const codeOf = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: { code?: string }) => error.code ?? String(error),
  );

describe('1 guessing', () => {
  const from = { address: '10.1.0.1' };

  test('200 wrong PINs in each of twelve spellings: eight are looked at, and the known tablet signs in', async () => {
    const device = sha256('the tablet of the bench');
    await insert('devices', { id: ulid(), token_hash: device, subject: group.id, seen_at: new Date() });
    const spellings = [
      'Ruff',
      'ruff',
      'RUFF',
      'Rüff',
      'Ruff ',
      'Ruff  ',
      'rúff',
      'RUFF ',
      'Rùff',
      'rûff ',
      'Ruff\t',
      ' Ruff',
    ];
    const answers: string[] = [];
    for (let n = 0; n < 200; n += 1)
      for (const name of spellings)
        answers.push(await codeOf(identifyGroup(joinCode, name, `x${n}`, { address: `10.1.${n}.1` })));
    expect(answers.filter((one) => one !== 'tooManyAttempts').length).toBeLessThanOrEqual(8);
    expect(await codeOf(identifyGroup(joinCode, 'Ruff', pin, from))).toBe('tooManyAttempts');
    expect(await identifyGroup(joinCode, 'Ruff', pin, { ...from, device })).toMatchObject({ id: group.id });
    // Of the bench itself: its own budget took no more than eight.
    const [own] = await rows<{ tries: number }>('SELECT tries FROM attempts WHERE attempt_key = :key', {
      key: `secret:${group.id}`,
    });
    expect(own?.tries).toBeGreaterThan(8);
    // A spelling of its own is not the name: the right PIN under it opens nothing.
    await run('DELETE FROM attempts');
    expect(await codeOf(identifyGroup(joinCode, 'rüff', pin, from))).toBe('wrongCredentials');
    expect(await codeOf(identifyGroup(joinCode.toLowerCase(), 'Ruff', pin, from))).toBe('done');
  }, 120_000);

  test('a stranger at the coordinator’s name locks out strangers, not the device on which the coordinator signs in', async () => {
    const [name, password] = [`Coordinator ${ulid()}`, 'tide tables in spring'];
    const { id } = await someStaff('coordinator');
    await run('UPDATE users SET name = :name, password_hash = :hash WHERE id = :id', {
      id,
      name,
      hash: await hash(password),
    });
    const device = sha256('the coordinator’s own');
    await insert('devices', { id: ulid(), token_hash: device, subject: id, seen_at: new Date() });
    const tries = [name, `${name} `, name.toUpperCase(), name.replace('o', 'ö')];
    for (let n = 0; n < 12; n += 1) await codeOf(identifyStaff(tries[n % 4] ?? '', `guess ${n}`, from));
    expect(await codeOf(identifyStaff(name, password, from))).toBe('tooManyAttempts');
    expect(await identifyStaff(name, password, { ...from, device })).toMatchObject({ id });
    // A device that is known has its budget too.
    for (let n = 0; n < 8; n += 1) await codeOf(identifyStaff(name, `guess ${n}`, { ...from, device }));
    expect(await codeOf(identifyStaff(name, password, { ...from, device }))).toBe('tooManyAttempts');
  });

  test('an unknown name is counted like a known one, all benches of a class together, all from one address together', async () => {
    const nobody = await Promise.all(
      Array.from({ length: 12 }, (_, n) => codeOf(identifyStaff('Nobody', `x${n}`, { address: `10.2.0.${n}` }))),
    );
    expect(nobody.filter((one) => one === 'wrongCredentials')).toHaveLength(8);
    await saveRoster(
      classId,
      '',
      Array.from({ length: 20 }, (_, n) => ({ name: `Bench ${n}`, members: [] })),
    );
    const many: string[] = [];
    for (let n = 0; n < 80; n += 1)
      many.push(await codeOf(identifyGroup(joinCode, `Bench ${n % 20}`, 'x', { address: `10.3.0.${n}` })));
    expect(many.filter((one) => one === 'wrongCredentials')).toHaveLength(60);
    await run('DELETE FROM attempts');
    const doors: string[] = [];
    for (let n = 0; n < 40; n += 1) doors.push(await codeOf(findClassDoor(`AAAA${10 + n}`, from)));
    expect(doors.filter((one) => one === 'notFound')).toHaveLength(30);
    // Who knows the code is not held up by it: only what was wrong counts.
    await run('DELETE FROM attempts');
    for (let n = 0; n < 60; n += 1) expect((await findClassDoor(joinCode, from)).benches).toHaveLength(22);
  }, 60_000);

  test('tries, sessions and parts of files that have had their time are cleared away', async () => {
    const past = new Date(Date.now() - 5 * 24 * 3_600_000);
    await insert('attempts', { attempt_key: 'old', tries: 9, window_ends: past });
    const session = { user_id: null, bench_id: group.id, created_at: past, expires_at: past, revoked_at: null };
    await insert('sessions', { token_hash: sha256(ulid()), ...session });
    const file = { log_id: log, author_id: group.id, name: 'a', type: '', bytes: 5, sha256: 'a'.repeat(64) };
    await insert('files', { id: ulid(), ...file, begun_at: past, complete_at: null });
    await insert('files', { id: ulid(), ...file, begun_at: past, complete_at: past });
    await tidy();
    expect(await rows("SELECT * FROM attempts WHERE attempt_key = 'old'")).toEqual([]);
    expect(await rows('SELECT * FROM sessions WHERE bench_id = :id', { id: group.id })).toEqual([]);
    expect(await rows('SELECT * FROM files WHERE log_id = :log', { log })).toHaveLength(1);
  });
});

describe('2 what is stored', () => {
  test.each([
    '2026-99-99T99:99:99.999Z',
    '2026-02-30T10:00:00.000Z',
    '2026-01-01T24:00:00.000Z',
    '+02026-01-01T00:00:00Z',
  ])('the instant %s is none', async (at) => {
    for (const key of ['at', 'deviceAt'])
      expect(await codeOf(storeDraft(group, log, { ...weigh(), [key]: at }))).toBe('badRequest');
  });

  test('an entry of an earlier version that breaks what is computed takes nothing else with it, and can be struck', async () => {
    await storeDraft(group, log, weigh());
    const odd = await storeDraft(group, log, draft({ k: 'event', step: 'reflux', name: 'firstReflux' }));
    for (const at of ['2026-99-99T99:99:99.999Z', 'yesterday', '']) {
      await run('UPDATE entries SET stored = JSON_SET(stored, "$.at", :at) WHERE id = :id', { at, id: odd.id });
      const { doc, lanes } = await readBoard(classId);
      const state = benchState(doc, lanes[0]?.entries ?? []);
      expect(state.record.length + state.unreadable.length).toBe(2);
      expect(state.steps.length).toBe(doc.steps.length);
    }
  });
});

describe('3 whose entries', () => {
  test('a group takes back neither a signature nor the staff’s words; what the staff takes back stays visible', async () => {
    const weighed = await storeDraft(group, log, weigh());
    const sign = await storeDraft(
      staff,
      log,
      draft({ k: 'sign', seals: [{ entry: weighed.id, content: weighed.content }] }),
    );
    const said = await storeDraft(staff, log, draft({ k: 'words', text: 'wear goggles' }));
    const back = await storeDraft(staff, log, draft({ k: 'return', targets: [weighed.id], remark: 'once more' }));
    for (const target of [sign.id, said.id, back.id])
      expect(await codeOf(storeDraft(group, log, draft({ k: 'void', target, reason: 'x' })))).toBe('forbidden');
    const other = { k: 'correct', target: said.id, reason: 'x', body: { k: 'words', text: 'no goggles' } } as const;
    expect(await codeOf(storeDraft(group, log, draft(other)))).toBe('forbidden');
    const ask: Body = { k: 'ask', targets: [sign.id] };
    expect(await codeOf(storeDraft(group, log, draft(ask)))).toBe('refused');
    expect(foldRecord(await entriesOf(log))[0]?.seals).toHaveLength(1);
    await storeDraft(staff, log, draft({ k: 'void', target: sign.id, reason: 'signed the wrong bench' }));
    expect(foldRecord(await entriesOf(log))[0]).toMatchObject({
      seals: [],
      revoked: [{ by: staff.name, reason: 'signed the wrong bench' }],
    });
  });

  test('nobody signs as a group; a demonstrator who wrote for the bench may, and the mark says so', async () => {
    const own = await storeDraft(staff, log, weigh());
    const seal = (of: typeof own): Body => ({ k: 'sign', seals: [{ entry: of.id, content: of.content }] });
    expect(await codeOf(storeDraft(group, log, draft(seal(own))))).toBe('forbidden');
    await storeDraft(staff, log, draft(seal(own)));
    const theirs = await storeDraft(group, log, draft(reading('anhydride', 'volume', '2.5 mL')));
    await storeDraft(staff, log, draft(seal(theirs)));
    const marks = foldRecord(await entriesOf(log)).map(({ seals, ownSeal }) => [seals.length, ownSeal]);
    expect(marks).toEqual([
      [1, true],
      [1, undefined],
    ]);
  });
});

describe('4 work before answers', () => {
  test('what is too long or too much is counted, not worked through', async () => {
    const lines = await readCandidates('C'.repeat(1_000_000), 'x');
    expect(lines).toMatchObject([{ ok: false, reason: expect.stringMatching(/longer than/) as string }]);
    const many = await readCandidates('Q\n'.repeat(400_000).slice(0, 900_000), 'x');
    expect(many).toHaveLength(21);
    expect(many.at(-1)).toMatchObject({ ok: false, reason: expect.stringMatching(/rest of the file/) as string });
    const empty = JSON.stringify({ formatVersion: 2, steps: Array.from({ length: 10_000 }, () => ({})) });
    await expect(createPreparation(empty, 'x')).rejects.toMatchObject({
      code: 'refused',
      details: [{ path: 'steps', reason: 'must have at most 100 steps' }],
    });
    const wide = JSON.stringify({ formatVersion: 2, extra: Array.from({ length: 200_000 }, () => 0) });
    await expect(createPreparation(wide, 'x')).rejects.toMatchObject({ code: 'refused', details: [{ path: '' }] });
  });
});

describe('5 whose class', () => {
  test('a demonstrator reads, writes and signs in the own classes only; the others are not there', async () => {
    const outside = await someStaff();
    const weighed = await storeDraft(group, log, weigh());
    const seal: Body = { k: 'sign', seals: [{ entry: weighed.id, content: weighed.content }] };
    expect(await codeOf(storeDraft(outside, log, draft(seal)))).toBe('notFound');
    expect(await codeOf(admit('GET /api/v1/classes/[id]/board', outside, { id: classId }))).toBe('notFound');
    expect(await codeOf(admit('PAGE /classes/[id]/benches/[bench]', outside, { id: classId }))).toBe('notFound');
    expect(await codeOf(admit('GET /api/v1/logs/[id]/entries', neighbour, { id: log }))).toBe('notFound');
    expect((await listClasses(outside)).map(({ id }) => id)).not.toContain(classId);
    await setClassStaff(classId, [outside.id]);
    expect(await codeOf(storeDraft(outside, log, draft(seal)))).toBe('done');
    expect(await codeOf(storeDraft(staff, log, draft(seal)))).toBe('notFound');
    expect((await listClasses(outside)).map(({ id }) => id)).toContain(classId);
  });

  test('a record of a later kind is open to nobody through a bench’s routes', async () => {
    for (const kind of ['audit', 'prep', 'marks']) {
      await run('UPDATE logs SET kind = :kind WHERE id = :log', { kind, log });
      for (const who of [group, staff])
        expect(await codeOf(admit('GET /api/v1/logs/[id]/entries', who, { id: log }))).toBe('notFound');
    }
  });

  test('no way leads past sixty benches, or to two whose names the database takes for one', async () => {
    const named = (count: number, from = 0) =>
      Array.from({ length: count }, (_, n) => ({ name: `Bench ${from + n}`, members: [] }));
    await saveRoster(classId, '', named(50));
    expect(await codeOf(saveRoster(classId, '', named(20, 50)))).toBe('refused');
    await Promise.all([codeOf(saveRoster(classId, '', named(6, 100))), codeOf(saveRoster(classId, '', named(6, 200)))]);
    expect((await readRoster(classId)).benches.length).toBeLessThanOrEqual(60);
    const { roster } = await saveRoster(classId, '', [{ name: 'RÜFF', members: ['A. Reed'] }]);
    expect(roster.benches.find(({ id }) => id === group.id)?.members).toEqual(['A. Reed']);
  }, 60_000);
});

describe('7 times', () => {
  test('a time that cannot be is stored and marked, never refused', async () => {
    const [row] = await rows<{ issued_at: Date }>('SELECT issued_at FROM issued WHERE class_id = :classId', {
      classId,
    });
    const since = new Date(row?.issued_at ?? 0).toISOString();
    const hour = 3_600_000;
    for (const [at, doubt] of [
      [Date.now() + hour, 'ahead'],
      [Date.parse('1970-01-01T00:00:00.000Z'), 'before'],
      [Date.now(), undefined],
    ] as const)
      expect(timeDoubt(await storeDraft(group, log, weigh('2.04 g', new Date(at))), since)).toBe(doubt);
  });

  test('a clock of the server that runs backwards turns no order around', async () => {
    const first = await storeDraft(group, log, weigh());
    const later = new Date(Date.now() + 3_600_000);
    await run('UPDATE entries SET received = :later WHERE id = :id', { later, id: first.id });
    const second = await storeDraft(group, log, weigh('2.05 g'));
    expect(second.received).toBe(later.toISOString());
    expect((await storeDraft(group, log, weigh('2.06 g'))).received).toBe(later.toISOString());
  });
});

describe('9 files', () => {
  test('the files of a record and the bytes of a class have limits that hold for many at once', async () => {
    const sized = (bytes: number) => ({ id: ulid(), name: 'a', bytes, sha256: 'a'.repeat(64) });
    process.env['CLASS_FILES_MB'] = '40';
    try {
      const at = Array.from({ length: 8 }, () => codeOf(beginFile(log, group.id, sized(6_000_000))));
      expect((await Promise.all(at)).filter((one) => one === 'done')).toHaveLength(3);
      // The other bench's record counts to the same class, beside that of the class itself.
      const [beside, own] = [await findBenchLog(neighbour.id), await findClassLog(classId)];
      expect(await codeOf(beginFile(own, staff.id, sized(10_000_000)))).toBe('done');
      const more = Array.from({ length: 8 }, () => codeOf(beginFile(beside, neighbour.id, sized(6_000_000))));
      expect((await Promise.all(more)).filter((one) => one === 'done')).toHaveLength(2);
    } finally {
      delete process.env['CLASS_FILES_MB'];
    }
  });
});

describe('10 what a log tells', () => {
  test('of an error of the database neither the statement nor its values', async () => {
    const [name, id] = ['a name of a person', ulid()];
    await insert('users', { id, name, role: 'demonstrator', password_hash: 'x' });
    const caught = await insert('users', { id: ulid(), name, role: 'demonstrator', password_hash: 'secret' }).catch(
      (error: unknown) => error,
    );
    expect(caught).toBeInstanceOf(Error);
    const told = JSON.stringify(caught, Object.getOwnPropertyNames(caught as object)) + (caught as Error).stack;
    expect(told).not.toMatch(/INSERT|secret|sql/);
    const { original } = caught as { original: Error };
    expect(`${original.message} ${original.stack}`).not.toMatch(/INSERT|secret/);
  });
});

describe('11 small ones', () => {
  test('text that cannot be stored and nesting without end are refused as such', () => {
    expect(() => parseJson('{"a":"\\ud800"}')).toThrow(/cannot be stored/);
    expect(() => parseJson('{"\\udc00":1}')).toThrow(/cannot be stored/);
    expect(() => parseJson('{"a":"\\u0000"}')).toThrow(/cannot be stored/);
    expect(parseJson('{"a":"\\ud83d\\udc26 é"}')).toEqual({ a: '🐦 é' });
    expect(() => parseJson('['.repeat(100_000))).toThrow(/too deep/);
    expect(() => parseJson('{"a":'.repeat(100_000))).toThrow(/too deep/);
    expect(parseJson('{"a":"[[[[["}')).toEqual({ a: '[[[[[' });
  });

  test('no cell of a table runs as a formula, in full-width signs neither', () => {
    const cells = ['=1+1', '+1', '@x', '-x', '＝1', '＋1', '－1', '＠x', '\t=1', '-2.5', 'plain'];
    const [, ...written] = csvText([['cell'], ...cells.map((one) => [one])])
      .trim()
      .split('\r\n');
    const kept = new Set(['-2.5', 'plain']);
    for (const [i, cell] of cells.entries())
      expect([cell, /^"?'/.test(written[i] ?? '')]).toEqual([cell, !kept.has(cell)]);
  });

  test('a step of the schema that ran and was not noted runs again, and two loads of the demo at once are one', async () => {
    const url = await emptyDatabase();
    await migrate(url);
    const sequelize = connect(url, 1);
    for (const { name } of migrations.slice().reverse()) {
      await sequelize.query('DELETE FROM migrations WHERE name = ?', { replacements: [name] });
      if (name === 'kind-of-logs') break;
    }
    await sequelize.close();
    expect((await migrate(url)).length).toBeGreaterThan(5);
    const before = process.env['DATABASE_URL'];
    await database().close();
    process.env['DATABASE_URL'] = url;
    Object.assign(globalThis, { mozleDatabase: connect(url, 8) });
    try {
      expect((await Promise.all([loadDemo(), loadDemo(), loadDemo()])).sort()).toEqual([false, false, true]);
      expect(await rows('SELECT id FROM classes')).toHaveLength(1);
    } finally {
      await database().close();
      process.env['DATABASE_URL'] = before;
      Object.assign(globalThis, { mozleDatabase: connect(before ?? '', 8) });
    }
  }, 120_000);

  test('keys are for the owner of the folder alone, and of many who ask first all get the same', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'mozle-keys-'));
    try {
      const all = await Promise.all(Array.from({ length: 20 }, () => Promise.resolve().then(() => readKeys(folder))));
      expect(new Set(all.map(({ keys }) => keys['k1'])).size).toBe(1);
      expect(statSync(join(folder, 'keys.json')).mode & 0o777).toBe(0o600);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });

  test('a draft of before is accepted as ever, and its record verifies', async () => {
    // As tablets of the first version made it: the same shape, waiting in an outbox since.
    const old = { ...weigh('2.04 g', new Date(Date.now() - 60_000)), device: 'tablet-1' };
    expect(draftSchema.isValidSync(old, { strict: true })).toBe(true);
    expect((await storeDraft(group, log, old)).seq).toBe(1);
    expect(await verifyLog(log)).toBeUndefined();
    expect(await verifyLog(await findClassLog(classId))).toBeUndefined();
  });
});

describe('12 accounts', () => {
  const from = { address: '10.9.0.1' };

  test('a link sets one password, once; a weak one is refused; a disabled account is out', async () => {
    const name = `R. Heron ${ulid().slice(-6)}`;
    const link = await addAccount(name, 'demonstrator');
    const token = link.replace('/welcome/', '');
    expect(await codeOf(addAccount(name.toUpperCase(), 'coordinator'))).toBe('conflict');
    expect(await codeOf(identifyStaff(name, '', from))).toBe('wrongCredentials');
    expect(await linkOwner(token, from)).toBe(name);
    for (const weak of ['short', 'aaaaaaaaaaaa', name.replace('. ', ''), 'password123', 'x'.repeat(300)])
      expect(await codeOf(welcome(token, weak))).toBe('refused');
    const who = await welcome(token, 'reeds along the weir');
    expect(await codeOf(welcome(token, 'reeds along the weir'))).toBe('notFound');
    expect(await linkOwner(token, from)).toBeUndefined();
    expect(await identifyStaff(name, 'reeds along the weir', from)).toMatchObject({ role: 'demonstrator' });
    expect(await codeOf(changePassword(who, 'wrong', 'another long phrase', from))).toBe('wrongCredentials');
    await changePassword(who, 'reeds along the weir', 'another long phrase', from);
    expect(await codeOf(identifyStaff(name, 'reeds along the weir', from))).toBe('wrongCredentials');
    await disableAccount(name);
    expect(await codeOf(identifyStaff(name, 'another long phrase', from))).toBe('wrongCredentials');
    expect((await listAccounts()).find((one) => one.name === name)?.state).toBe('disabled');
  });
});
