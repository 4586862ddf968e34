import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { addAccount, listAccounts, welcome } from '@/server/accounts';
import { admit } from '@/server/access';
import { admitTablet } from '@/server/admissions';
import { AppError } from '@/server/appError';
import { askForPrint } from '@/server/prints';
import { beginFile } from '@/server/files';
import { createPreparation, listVersions } from '@/server/preparations';
import { database } from '@/server/database';
import { demoAccounts } from '@/data/demo';
import { dumpJudge } from '@/server/dumpLines';
import { emptyDatabase } from '../support/database';
import { endFeed, listen, streamsOf } from '@/server/feed';
import { findBenchLog } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { findOnShelf } from '@/server/shelf';
import { handoutText } from '@/server/offThread/jobs/handoutText';
import { health } from '@/server/health';
import { identifyGroup } from '@/server/identify';
import { insert, rows, run } from '@/server/tables';
import { migrate } from '@/server/migrate';
import { declareAccess, permissions } from '@/server/permissions';
import { proposalsOf } from '@/server/proposals';
import { publishedPasswords } from '@/server/accounts';
import { readRoster, saveRoster } from '@/server/roster';
import { reading } from '../support/record';
import { acetanilideText } from '../support/preparations';
import { sha256 } from '@/server/hash';
import { someStaff } from '../support/staff';
import { spendShare } from '@/server/attempts';
import { storeDraft } from '@/server/record';
import { zip } from '../support/zip';
import type { Body } from '@/core/record/entry';
import type { Identity } from '@/core/identity';
import type { RouteKey } from '@/server/permissions';

// A second round of attacks: one row a hole, and what was found beside it when its kind was looked for.

let preparationId = '';
let classId = '';
let joinCode = '';
let pin = '';
let group: Identity;
let neighbour: Identity;
let staff: Identity;
let outsider: Identity;
let log = '';

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
  ({ id: preparationId } = await createPreparation(acetanilideText(), 'coordinator'));
});
beforeEach(async () => {
  [staff, outsider] = [await someStaff(), await someStaff()];
  const benches = [
    { name: 'Ruff', members: ['A. Reed', 'B. Sedge'] },
    { name: 'Knot', members: ['C. Rush'] },
  ];
  const issued = await issueClass({ name: 'Locked', preparationId, benches, by: 'x', staff: [staff.id] });
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

const draft = (body: Body, more: object = {}) => {
  const at = new Date().toISOString();
  return { id: ulid(), v: 2, log, body, at, deviceAt: at, device: 'tablet', saw: 0, sawClass: 0, ...more };
};
const codeOf = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: { code?: string }) => error.code ?? String(error),
  );

describe('2 costly work', () => {
  const refusal = (bytes: Uint8Array) =>
    handoutText(bytes).then(
      () => 'read',
      (error: { code?: string; message: string }) => `${error.code ?? ''}: ${error.message}`,
    );
  const words = '<w:document xmlns:w="x"><w:body><w:p><w:r><w:t>Weigh 2 g.</w:t></w:r></w:p></w:body></w:document>';

  test('a Word document of a few kilobytes that unpacks to fifty million is refused, also when it lies about it', async () => {
    const bomb = ' '.repeat(50_000_000);
    const file = zip([
      ['word/document.xml', words],
      ['word/theme.xml', bomb],
    ]);
    expect(file.byteLength).toBeLessThan(60_000);
    expect(await refusal(file)).toMatch(/^refused: The Word document is larger than a handout/);
    expect(await refusal(zip([['word/document.xml', bomb]], 1000))).toMatch(/^refused: The Word document/);
  });
});

describe('3 shares, and nobody locks a class out', () => {
  const stranger = (n: number) => ({ address: `10.2.${n}.1` });
  /** All that strangers can do at one bench: its tries are used up. */
  const lockOut = async () => {
    for (let n = 0; n < 9; n += 1) await codeOf(identifyGroup(joinCode, 'Ruff', `00000${n}`, stranger(n)));
    expect(await codeOf(identifyGroup(joinCode, 'Ruff', pin, stranger(99)))).toBe('tooManyAttempts');
  };

  test('after wrong tries of others a new tablet gets in by a demonstrator’s code, once, at its bench alone', async () => {
    await lockOut();
    const { code } = await admitTablet(group.id, staff.name);
    expect(code).toMatch(/^[A-Z346789]{4}-[A-Z346789]{4}$/);
    expect(await codeOf(identifyGroup(joinCode, 'Knot', code, stranger(1)))).toBe('wrongCredentials');
    // As a gloved hand types it; of two at once one is let in.
    const typed = code.toLowerCase().replace('-', ' ');
    const both = await Promise.all([1, 2].map((n) => codeOf(identifyGroup(joinCode, 'Ruff', typed, stranger(n)))));
    expect(both.sort()).toEqual(['done', 'tooManyAttempts']);
    expect(await codeOf(identifyGroup(joinCode, 'Ruff', code, stranger(3)))).toBe('tooManyAttempts');
  });

  test('a code of before, or one whose time is over, opens nothing', async () => {
    const { code: before } = await admitTablet(group.id, staff.name);
    const { code } = await admitTablet(group.id, staff.name);
    expect(await codeOf(identifyGroup(joinCode, 'Ruff', before, stranger(1)))).toBe('wrongCredentials');
    await run('UPDATE admissions SET expires_at = UTC_TIMESTAMP(3) - INTERVAL 1 SECOND');
    expect(await codeOf(identifyGroup(joinCode, 'Ruff', code, stranger(2)))).toBe('wrongCredentials');
  });

  test('signing in with the right PIN again and again ends too', async () => {
    const answers: string[] = [];
    for (let n = 0; n < 100; n += 1)
      answers.push(await codeOf(identifyGroup(joinCode, 'Knot', await knotPin(), stranger(7))));
    expect(answers.filter((one) => one === 'done').length).toBeLessThan(95);
    expect(new Set(answers)).toEqual(new Set(['done', 'tooManyRequests']));
  }, 120_000);
  const pins = new Map<string, string>();
  async function knotPin(): Promise<string> {
    const known = pins.get(neighbour.id);
    if (known !== undefined) return known;
    const { changePin } = await import('@/server/roster');
    const { pin: drawn } = await changePin(classId, neighbour.id);
    pins.set(neighbour.id, drawn);
    return drawn;
  }

  test('three sheets of one person wait; the next is refused in words, and somebody else’s is taken', async () => {
    const waiting = (by: string) =>
      insert('prints', {
        id: ulid(),
        sheet: 'student',
        subject_kind: 'preparation',
        subject_id: preparationId,
        title: 'A',
        version: 1,
        ticket: '',
        ticket_hash: sha256(ulid()),
        state: 'waiting',
        requested_by: by,
        created_at: new Date(),
      });
    // One is being made by another process, so that these wait.
    await waiting('nobody');
    await run("UPDATE prints SET state = 'working', taken_at = UTC_TIMESTAMP(3)");
    for (let i = 0; i < 3; i += 1) await waiting(staff.id);
    await expect(askForPrint('student', { kind: 'preparation', id: preparationId }, staff)).rejects.toMatchObject({
      code: 'tooManyRequests',
      message: '3 sheets of yours wait already. Ask again when one is done.',
    });
    expect(await codeOf(askForPrint('student', { kind: 'preparation', id: preparationId }, outsider))).toBe('done');
    await run('DELETE FROM prints');
  });

  test('what is counted for everybody together is refused in its own words', async () => {
    for (let i = 0; i < 5; i += 1) await spendShare('classes:somebody', 5, 'Enough for now.');
    await expect(spendShare('classes:somebody', 5, 'Enough for now.')).rejects.toMatchObject({
      code: 'tooManyRequests',
      message: 'Enough for now.',
    });
    expect(await codeOf(spendShare('classes:somebody else', 5, ''))).toBe('done');
  });

  test('one bench fills half of what its class may hold, not all of it', async () => {
    process.env['CLASS_FILES_MB'] = '4';
    try {
      const upload = (mb: number) => ({ id: ulid(), name: 'x.png', bytes: mb * 1e6, sha256: sha256(ulid()) });
      expect(await codeOf(beginFile(log, group.id, upload(2)))).toBe('done');
      expect(await codeOf(beginFile(log, group.id, upload(1)))).toBe('refused');
      expect(await codeOf(beginFile(await findBenchLog(neighbour.id), neighbour.id, upload(2)))).toBe('done');
    } finally {
      delete process.env['CLASS_FILES_MB'];
    }
  });

  test('streams are counted by whose they are', () => {
    const stops = [group.id, group.id, neighbour.id].map((who) =>
      listen(classId, {
        who,
        heads: new Map(),
        tell: () => undefined,
        beat: () => Promise.resolve(true),
        end: () => undefined,
      }),
    );
    expect([group.id, neighbour.id, staff.id].map(streamsOf)).toEqual([2, 1, 0]);
    for (const stop of stops) stop();
    expect(streamsOf(group.id)).toBe(0);
    endFeed();
  });
});

describe('5 told to the right people, once', () => {
  test('of eight who use a welcome link at once, one sets the password', async () => {
    const name = `New ${ulid().slice(-6)}`;
    const link = await addAccount(name, 'demonstrator');
    const token = link.split('/').at(-1) ?? '';
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) => codeOf(welcome(token, `herons in the evening ${i}`))),
    );
    expect(answers.sort()).toEqual(['done', ...Array.from({ length: 7 }, () => 'notFound')]);
    expect((await listAccounts()).find((one) => one.name === name)?.state).toBe('can sign in');
  });

  test('the last run, the versions’ classes and the proposals tell a demonstrator of the own classes alone', async () => {
    const coordinator: Identity = { role: 'coordinator', id: 'c', name: 'coordinator' };
    const { id } = await createPreparation(acetanilideText(), 'coordinator');
    const benches = [{ name: 'Ruff' }];
    const issued = await issueClass({ name: 'Others', preparationId: id, benches, by: 'x', staff: [staff.id] });
    const lane = await findBenchLog((await readRoster(issued.id)).benches[0]?.id ?? '');
    const deviates: Body = {
      k: 'deviation',
      step: 'reflux',
      reason: 'the usual one was broken',
    } as Body;
    const made = { ...draft(deviates), log: lane };
    expect(await codeOf(storeDraft(staff, lane, made))).toBe('done');
    const told = async (who: Identity) => ({
      lastRun: (await findOnShelf(who)).found.find((one) => one.id === id)?.lastRun?.name,
      classes: (await listVersions(who, id)).flatMap(({ classes }) => classes.map(({ name }) => name)),
      proposals: (await proposalsOf(who, id)).length,
    });
    const all = { lastRun: 'Others', classes: ['Others'], proposals: 1 };
    expect(await told(coordinator)).toEqual(all);
    expect(await told(staff)).toEqual(all);
    expect(await told(outsider)).toEqual({ lastRun: undefined, classes: [], proposals: 0 });
  });

  test('a struck reading cannot be signed', async () => {
    const weighed = await storeDraft(group, log, draft(reading('aniline', 'net', '2.04 g')));
    const seals = [{ entry: weighed.id, content: weighed.content }];
    await storeDraft(group, log, draft({ k: 'void', target: weighed.id, reason: 'wrong vial' }));
    expect(await codeOf(storeDraft(staff, log, draft({ k: 'sign', seals })))).toBe('conflict');
  });

  test('who is said to have made an entry is a member of that bench, and stays one when the roster is saved', async () => {
    const members = await rows<{ id: string; bench_id: string }>(
      'SELECT id, bench_id FROM members WHERE bench_id IN (:both)',
      {
        both: [group.id, neighbour.id],
      },
    );
    const of = (bench: string) => members.find(({ bench_id }) => bench_id === bench)?.id;
    const by = (member: string | undefined) =>
      codeOf(storeDraft(group, log, draft(reading('aniline', 'net', '2.04 g'), { by: member })));
    expect([await by(of(group.id)), await by(of(neighbour.id)), await by(ulid())]).toEqual([
      'done',
      'refused',
      'refused',
    ]);
    const { benches } = await readRoster(classId);
    const turned = benches.map(({ name, members: names }) => ({ name, members: [...names].reverse() }));
    await saveRoster(classId, '', turned);
    expect((await readRoster(classId)).benches[0]?.members).toEqual(['B. Sedge', 'A. Reed']);
    expect(await by(of(group.id))).toBe('done');
  });

  test('a dump is judged in one walk through it, and its grammar of columns is closed', () => {
    const judged = (...lines: readonly string[]) => {
      const fits = dumpJudge();
      return lines.map((line) => fits(line)).at(-1);
    };
    // Each part of a text that ends nowhere was tried in every way to cut it: thirty signs took a second, forty a quarter of an hour.
    for (const text of ['a'.repeat(1e6), "''".repeat(5e5), '\\\\'.repeat(5e5), "x''".repeat(3e5)]) {
      expect(judged('INSERT INTO `entries` VALUES', `('${text}`)).toBe(false);
      expect(judged('INSERT INTO `entries` VALUES', `('${text}');`)).toBe(true);
    }
    const column = (line: string) => judged('CREATE TABLE `entries` (', line);
    for (const good of [
      '  `id` char(26) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,',
      "  `tags` varchar(500) NOT NULL DEFAULT '[]',",
      '  `received` datetime(3) DEFAULT NULL,',
      "  `role` enum('coordinator','demonstrator') NOT NULL,",
      '  `pdf` mediumblob DEFAULT NULL,',
      '  UNIQUE KEY `one_place` (`bench_id`,`position`),',
      '  CONSTRAINT `entries_ibfk_1` FOREIGN KEY (`log_id`) REFERENCES `logs` (`id`) ON DELETE CASCADE',
    ])
      expect([good, column(good)]).toEqual([good, true]);
    for (const bad of [
      '  `id` int(11) DEFAULT (sleep(10)),',
      '  `id` datetime(3) DEFAULT current_timestamp(3) ON UPDATE current_timestamp(3),',
      "  `id` varchar(20) GENERATED ALWAYS AS (load_file('/etc/passwd')) VIRTUAL,",
      '  `id` int(11) CHECK (sleep(10)),',
      "  `id` int(11)) ENGINE=CONNECT TABLE_TYPE=CSV FILE_NAME='/etc/passwd' -- ,",
      "  KEY `a` (`a`) COMMENT 'x',",
      '  CONSTRAINT `a` CHECK (sleep(10))',
      '  `id` int(11) NOT NULL, `more` int(11),',
    ])
      expect([bad, column(bad)]).toEqual([bad, false]);
  });

  test('health tells the delay of its own thread from the database’s', async () => {
    await health();
    await new Promise((next) => setTimeout(next, 100));
    // Half a second of work of the thread itself.
    const until = performance.now() + 500;
    while (performance.now() < until);
    await new Promise((next) => setTimeout(next, 50));
    const busy = await health();
    expect(busy).toMatchObject({ status: 'ok', database: 'ok' });
    expect(busy.thread_ms).toBeGreaterThan(300);
    expect(busy.database_ms).toBeLessThan(busy.thread_ms);
  });

  test('accounts that still have a password of the demo are found; disabled ones open nothing', async () => {
    expect(await publishedPasswords()).toEqual([]);
    const [{ name, password, role } = { name: '', password: '', role: '' }] = demoAccounts;
    await insert('users', { id: ulid(), name, role, password_hash: await hash(password) });
    expect(await publishedPasswords()).toEqual([name]);
    await run('UPDATE users SET disabled_at = UTC_TIMESTAMP(3) WHERE name = :name', { name });
    expect(await publishedPasswords()).toEqual([]);
  });
});

describe('6 access is declared', () => {
  test('an address that names something and does not say whose it has to be does not compile', () => {
    const who = ['coordinator'] as const;
    declareAccess({ 'GET /api/v1/reports': { who, cost: 1 } });
    declareAccess({ 'GET /api/v1/reports/[id]': { who, cost: 1, of: 'class' } });
    declareAccess({ 'GET /api/v1/reports/[id]': { who, cost: 1, of: 'nothing', because: 'everybody may read them' } });
    // @ts-expect-error nobody said of what it is
    declareAccess({ 'GET /api/v1/reports/[id]': { who, cost: 1 } });
    // @ts-expect-error no reason is given
    declareAccess({ 'GET /api/v1/reports/[token]': { who, cost: 1, of: 'nothing' } });
    // @ts-expect-error no cost
    declareAccess({ 'GET /api/v1/reports': { who } });
  });

  test('every address of a class, record, file or print is refused to an outsider by its row alone', async () => {
    const job = ulid();
    await insert('prints', {
      id: job,
      sheet: 'student',
      subject_kind: 'preparation',
      subject_id: preparationId,
      title: 'A',
      version: 1,
      ticket: '',
      ticket_hash: sha256(job),
      state: 'done',
      requested_by: staff.id,
      created_at: new Date(),
    });
    const file = ulid();
    await beginFile(log, group.id, { id: file, name: 'x.png', bytes: 10, sha256: sha256(file) });
    const ids = { class: classId, log, file, own: job };
    for (const [route, row] of Object.entries(permissions)) {
      const of = 'of' in row ? row.of : 'nothing';
      if (of === 'nothing' || of === 'ticket') continue;
      const named = { id: ids[of], ...(route.includes('[bench]') ? { bench: group.id } : {}) };
      const answers = [outsider, staff].map((who) => codeOf(admit(route as RouteKey, who, named)));
      expect([route, ...(await Promise.all(answers))]).toEqual([route, 'notFound', 'done']);
    }
  });

  test('a bench that a route names has to be one of the class', async () => {
    const other = await issueClass({ name: 'Other', preparationId, benches: [{ name: 'Dunlin' }], by: 'x', staff: [] });
    const bench = (await readRoster(other.id)).benches[0]?.id ?? '';
    const route = 'POST /api/v1/classes/[id]/benches/[bench]/admission';
    expect(await codeOf(admit(route, staff, { id: classId, bench }))).toBe('notFound');
    expect(await codeOf(admit(route, staff, { id: classId, bench: group.id }))).toBe('done');
  });

  test('what is refused carries its code to the page, and nothing else', () => {
    expect(new AppError('tooManyRequests', 'words').digest).toBe('expected tooManyRequests');
  });
});
