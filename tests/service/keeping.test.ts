import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { ulid } from 'ulid';
import { addAnchor, readAnchors } from '@/server/anchorFile';
import { anchorDaily, anchorRestore } from '@/server/anchors';
import { chainHash, chainStart, contentHash } from '@/core/record/chain';
import { config } from '@/server/config';
import { createPreparation } from '@/server/preparations';
import { database } from '@/server/database';
import { entriesOf } from '@/server/entries';
import { findBenchLog } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { readBoard } from '@/server/offThread/jobs/board';
import { migrate } from '@/server/migrate';
import { readRoster, saveRoster } from '@/server/roster';
import { rotateKeys } from '@/server/keyFile';
import { rows, run } from '@/server/tables';
import { sealAsFound } from '@/server/sealAsFound';
import { sealHead } from '@/server/seals';
import { sha256 } from '@/server/hash';
import { storeDraft } from '@/server/record';
import { verifyAll } from '@/server/verifyAll';
import { emptyDatabase } from '../support/database';
import { acetanilideText } from '../support/preparations';
import { reading } from '../support/record';
import { testInAll } from '../support/inAll';
import type { Identity } from '@/core/identity';

process.env['DATABASE_POOL'] = '1';

let classId = '';
let group: Identity;
let log = '';

beforeAll(async () => {
  process.env['DATABASE_URL'] = await emptyDatabase();
  await migrate(process.env['DATABASE_URL']);
  await sealAsFound();
});
beforeEach(async () => {
  const { id: preparationId } = await createPreparation(acetanilideText(), 'coordinator');
  const benches = [{ name: 'Avocet', members: ['A. Reed', 'B. Sedge'] }, { name: 'Curlew' }];
  ({ id: classId } = await issueClass({ name: 'Kept', preparationId, benches, by: 'coordinator' }));
  const [bench] = (await readRoster(classId)).benches;
  group = { role: 'group', id: bench?.id ?? '', name: 'Avocet', classId };
  log = await findBenchLog(group.id);
  for (const text of ['2.01 g', '2.02 g', '2.03 g']) await write(text);
});
afterEach(async () => {
  await run('DELETE FROM classes');
  await run('DELETE FROM preparations');
  rmSync(join(config.dataFolder, 'anchors.jsonl'), { force: true });
});
afterAll(() => database().close());

const write = (text: string) => {
  const at = new Date().toISOString();
  const body = reading('aniline', 'net', text);
  return storeDraft(group, log, { id: ulid(), v: 1, log, body, at, deviceAt: at, device: 'tablet', saw: 0 });
};
const faults = async () => (await verifyAll()).flatMap(({ name, fault }) => (fault ? [`${name}: ${fault}`] : []));
const notes = async () => (await verifyAll()).flatMap(({ note }) => note ?? []);

test('what is as it was stored verifies: after writing, after a roster rightfully changed, and with a new key', async () => {
  expect(await faults()).toEqual([]);
  await saveRoster(classId, 'B2', [{ name: 'Knot', members: ['C. Rush'] }]);
  expect(rotateKeys(config.dataFolder).current).toBe('k2');
  await write('2.04 g');
  expect(await faults()).toEqual([]);
  expect(readFileSync(join(config.dataFolder, 'keys.json'), 'utf8')).not.toContain('"k3"');
});

test('a changed reading with contents and chain worked out anew does not verify: its head is sealed', async () => {
  const entries = (await entriesOf(log)).map((entry, i) =>
    i === 1 ? { ...entry, body: reading('aniline', 'net', '3.50 g') } : entry,
  );
  let chain = chainStart;
  for (const entry of entries) {
    const { seq, received, content: _, chain: __, ...stored } = entry;
    const content = contentHash(entry, sha256);
    chain = chainHash(chain, { content, seq, received }, sha256);
    const values = { content, chain, stored: JSON.stringify(stored), id: entry.id };
    await run('UPDATE entries SET content = :content, chain = :chain, stored = :stored WHERE id = :id', values);
  }
  await run('UPDATE logs SET head_chain = :chain WHERE id = :log', { chain, log });
  expect(await faults()).toEqual(['Kept, Avocet: its head is not what was sealed']);
  expect((await readBoard(classId)).lanes[0]?.fault).toContain('sealed');
  // Without its seal it is no better, and what was sealed as found is not sealed so a second time.
  await run('UPDATE logs SET head_key = NULL, head_seal = NULL WHERE id = :log', { log });
  expect(await sealAsFound()).toBe(0);
  expect(await faults()).toEqual(['Kept, Avocet: its head is not sealed']);
});

test('records of before there were keys are sealed as found, once, say so, and go on being verified', async () => {
  await run('UPDATE logs SET head_key = NULL, head_seal = NULL');
  await run('DELETE FROM class_seals');
  const file = join(config.dataFolder, 'keys.json');
  const { foundAt: _, ...keys } = JSON.parse(readFileSync(file, 'utf8')) as Record<string, unknown>;
  writeFileSync(file, JSON.stringify(keys));
  expect(await faults()).toHaveLength(4);
  // One of them was changed before: its chain tells, whatever is sealed.
  await run("UPDATE entries SET stored = REPLACE(stored, '2.02', '2.50') WHERE log_id = :log", { log });
  expect(await sealAsFound()).toBe(3);
  expect(await faults()).toEqual(['Kept, Avocet: entry 2 is not what was stored']);
  expect((await notes()).filter((note) => note.startsWith('sealed as found'))).toHaveLength(3);
  await run("UPDATE entries SET stored = REPLACE(stored, '2.50', '2.02') WHERE log_id = :log", { log });
  await write('2.04 g');
  expect(await faults()).toEqual([]);
  expect(await sealAsFound()).toBe(0);
});

test.each<readonly [string, string, RegExp]>([
  [
    'the issued preparation',
    "UPDATE issued SET document = REPLACE(document, '4.0', '4.5')",
    /the issued preparation not/,
  ],
  ['who issued it', "UPDATE issued SET issued_by = 'somebody'", /how it was issued/],
  ['a bench', "UPDATE benches SET name = 'Crane' WHERE name = 'Curlew'", /its benches/],
  ['a member', "UPDATE members SET name = 'Z. Other' WHERE name = 'A. Reed'", /names of its members/],
  ['the kind of an entry', "UPDATE entries SET kind = 'words' WHERE seq = 2", /entry 2 is listed/],
  ['the author of an entry', 'UPDATE entries SET author_id = REVERSE(author_id) WHERE seq = 2', /entry 2 is listed/],
  ['a version', "UPDATE preparation_versions SET document = REPLACE(document, '2.50', '2.60')", /version 1: not what/],
  ['a record taken out', 'DELETE FROM logs WHERE bench_id IS NULL', /its records/],
])('a change behind the back is found: %s', async (_, sql, words) => {
  await run(sql);
  expect((await faults()).join('\n')).toMatch(words);
});

test('a record cut back together with its old seal contradicts the anchors; a class taken out whole does too', async () => {
  const before = (
    await rows<{ head_key: string; head_seal: string }>('SELECT * FROM logs WHERE id = :log', { log })
  )[0]!;
  const chain = (await entriesOf(log)).at(-1)?.chain ?? '';
  await write('2.04 g');
  expect(await anchorDaily()).toBe(true);
  expect(await anchorDaily()).toBe(false);
  expect(await faults()).toEqual([]);
  await run('DELETE FROM entries WHERE log_id = :log AND seq > 3', { log });
  await run('UPDATE logs SET head_seq = 3, head_chain = :chain, head_key = :key, head_seal = :seal WHERE id = :log', {
    log,
    chain,
    key: before.head_key,
    seal: before.head_seal,
  });
  expect((await faults()).join()).toMatch(/entry 4 is not what was anchored/);
  await run('DELETE FROM classes');
  expect((await faults()).filter((one) => one.includes('anchored and is missing'))).toHaveLength(3);
});

test('anchors follow from each other: none is changed, taken out or put in', async () => {
  for (let day = 0; day < 4; day += 1)
    addAnchor(config.dataFolder, 'day', { [log]: [day, 'x'] }, `2026-03-0${day + 1}`);
  const file = join(config.dataFolder, 'anchors.jsonl');
  const lines = readFileSync(file, 'utf8').trim().split('\n');
  const fault = async (changed: readonly string[]) => {
    writeFileSync(file, changed.map((one) => `${one}\n`).join(''));
    return (await faults()).find((one) => one.includes('anchors:'));
  };
  expect(readAnchors(config.dataFolder)).toHaveLength(4);
  expect(await fault(lines.map((line, i) => (i === 1 ? line.replace('"x"', '"y"') : line)))).toMatch(/line 2: broken/);
  expect(await fault(lines.filter((_, i) => i !== 1))).toMatch(/line 2 does not follow/);
});

test('a rightful restore, and what tablets send again after it, is a branch that verifies and is named', async () => {
  await anchorDaily();
  const head = (await rows<{ head_chain: string }>('SELECT head_chain FROM logs WHERE id = :log', { log }))[0]!;
  expect(await notes()).toEqual([]);
  // The backup is of a time with two entries; the anchors know of three.
  await run('DELETE FROM entries WHERE log_id = :log AND seq > 2', { log });
  const chain = (await entriesOf(log)).at(-1)?.chain ?? '';
  await run(
    'UPDATE logs SET head_seq = 2, head_chain = :chain, head_key = :head_key, head_seal = :head_seal WHERE id = :log',
    {
      log,
      chain,
      ...sealHead(log, 2, chain),
    },
  );
  expect((await faults()).join()).toMatch(/entry 3 is not what was anchored/);
  await anchorRestore();
  await write('2.03 g');
  expect((await entriesOf(log)).at(-1)?.chain).not.toBe(head.head_chain);
  expect(await faults()).toEqual([]);
  expect(await notes()).toEqual([expect.stringMatching(/a branch: set back by the restore of \d{4}-/)]);
});

describe('a backup', () => {
  let folder = '';
  let path = '';
  let target = '';
  const command = (name: string, url: string, ...args: readonly string[]) =>
    spawnSync(`bin/${name}`, [...args], { env: { ...process.env, DATABASE_URL: url }, encoding: 'utf8' });
  const changed = (change: (text: string) => string) => {
    const file = join(folder, `${ulid()}.sql.gz`);
    writeFileSync(file, gzipSync(change(gunzipSync(readFileSync(path)).toString('utf8'))));
    return file;
  };
  const tables = async () => {
    const name = /\w+$/.exec(target)?.[0] ?? '';
    return rows('SELECT table_name FROM information_schema.tables WHERE table_schema = :name', { name });
  };
  beforeEach(async () => {
    folder = mkdtempSync(join(tmpdir(), 'mozle-kept-'));
    path = join(folder, 'all.sql.gz');
    await anchorDaily();
    // A text with every separator that some reader of lines takes for an end.
    const text = 'one\u2028two\u2029three\u0085four\nfive\r\nsix';
    const at = new Date().toISOString();
    await storeDraft(group, log, {
      ...{ id: ulid(), v: 1, log, body: { k: 'words', text } },
      ...{ at, deviceAt: at, device: 'tablet', saw: 0 },
    });
    expect(command('backup', process.env['DATABASE_URL'] ?? '', path)).toMatchObject({ status: 0 });
    target = await emptyDatabase();
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  test('that somebody has changed is refused before anything is brought in, and no command in it runs', async () => {
    const trace = join(folder, 'trace');
    const hostile: readonly (readonly [string, RegExp])[] = [
      [`\\! touch ${trace}`, /line \d+ holds something else/],
      [`system touch ${trace}`, /line \d+ holds something else/],
      [`INSERT INTO \`users\` SELECT LOAD_FILE('/etc/passwd');`, /holds something else/],
      ['CREATE TRIGGER t BEFORE INSERT ON entries FOR EACH ROW SET @a = 1;', /holds something else/],
      ['/*!50003 GRANT ALL ON *.* TO x */;', /holds something else/],
      ['-- a remark', /changed after it was written/],
    ];
    for (const [line, words] of hostile) {
      const file = changed((text) =>
        text.replace('LOCK TABLES `users` WRITE;', `${line}\nLOCK TABLES \`users\` WRITE;`),
      );
      const { status, stderr } = command('restore', target, file);
      expect([line, status, words.test(stderr)]).toEqual([line, 1, true]);
    }
    const forged = changed((text) =>
      text.replace(/"digits":"2.02"|\\"digits\\":\\"2.02\\"/, (one) => one.replace('2.02', '3.02')),
    );
    expect(command('restore', target, forged).stderr).toMatch(/changed after it was written/);
    expect(
      command(
        'restore',
        target,
        changed((text) => text.replace(/-- mozle-seal .*\n/, '')),
      ).stderr,
    ).toMatch(/not sealed/);
    expect(existsSync(trace)).toBe(false);
    expect(await tables()).toEqual([]);
  }, 120_000);

  testInAll(
    'of before there were seals is taken at its word when that is asked for; one that does not verify leaves nothing',
    async () => {
      const bare = changed((text) => text.replace(/-- mozle-(seal|anchor) .*\n/g, ''));
      const broken = changed((text) => text.replace(/-- mozle-(seal|anchor) .*\n/g, '').replaceAll('2.02', '3.02'));
      const refused = command('restore', target, broken, '--as-found');
      expect(refused.stderr).toMatch(/The database is empty again/);
      expect(await tables()).toEqual([]);
      expect(command('restore', target, bare, '--as-found')).toMatchObject({ status: 0 });
      expect((await tables()).length).toBeGreaterThan(10);
    },
    120_000,
  );
});
