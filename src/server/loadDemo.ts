import 'server-only';
import { readFileSync } from 'node:fs';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { findClassLog } from './classes';
import { offThread } from './offThread/offThread';
import { config } from './config';
import { connect } from './database';
import { createCourse, setCourseOfPreparation } from './courses';
import { createPreparation } from './preparations';
import { storeDraft } from './record';
import { insert, rows } from './tables';
import { withLock } from './withLock';
import { demoAccounts, demoClass, demoPreparations } from '@/data/demo';
import { demoMinutes, demoRecord, demoSettings } from '@/data/demoRecord';
import { demoBody } from '@/data/demoSteps';
import type { Identity } from '@/core/identity';
import type { Body, Entry } from '@/core/record/entry';

const deadlineMs = 60_000;

/**
 * Loads the demo scenario once: accounts, the preparations, a class of eight benches and what they recorded.
 *
 * @param now ms since 1970; the class began some hours before, so that its timers run
 */
export async function loadDemo(now = Date.now()): Promise<boolean> {
  // Its own pool: the lock lives on one connection while the scenario is stored through others.
  const sequelize = connect(config.databaseUrl, 1, true);
  try {
    return await withLock(sequelize, 'mozle-demo', 120, () => load(now));
  } finally {
    await sequelize.close();
  }
}

async function load(now: number): Promise<boolean> {
  if ((await rows('SELECT id FROM users LIMIT 1')).length > 0) return false;
  for (const { name, role, password } of demoAccounts) {
    await insert('users', { id: ulid(), name, role, password_hash: await hash(password) });
  }
  const by = demoAccounts[0].name;
  const course = await createCourse('Spring module', by);
  // The last one is the newest in the list: the preparation of the class.
  let preparationId = '';
  for (const file of demoPreparations) {
    const text = readFileSync(`src/data/preparations/${file}.json`, 'utf8');
    preparationId = (await createPreparation(text, by)).id;
    await setCourseOfPreparation(preparationId, course.id);
  }
  const staff = await rows<{ id: string }>("SELECT id FROM users WHERE role = 'demonstrator'");
  const begin = now - demoMinutes * 60_000;
  const at = new Date(begin - 24 * 3_600_000);
  const options = { ...demoClass, preparationId, by, at, staff: staff.map((one) => one.id) };
  const { id } = await offThread('issueClass', [options], { deadlineMs });
  await loadRecord(id, begin);
  return true;
}

async function loadRecord(classId: string, begin: number): Promise<void> {
  const [user] = await rows<{ id: string; name: string }>("SELECT id, name FROM users WHERE role = 'demonstrator'");
  const demonstrator: Identity = { role: 'demonstrator', id: user?.id ?? '', name: user?.name ?? '' };
  const benches = await rows<{ id: string; name: string; log: string }>(
    'SELECT b.id, b.name, l.id AS log FROM benches b JOIN logs l ON l.bench_id = b.id WHERE b.class_id = :classId ORDER BY b.position',
    { classId },
  );
  const own = await findClassLog(classId);
  for (const [i, setting] of demoSettings.entries())
    await storeDraft(demonstrator, own, draftAt(own, setting, new Date(begin).toISOString(), i));
  for (const { id, name, log } of benches) {
    const group: Identity = { role: 'group', id, name, classId };
    const done: Entry[] = [];
    const { late, steps } = demoRecord[name] ?? { late: 0, steps: [] };
    for (const step of steps) {
      const at = new Date(begin + Math.round((late + step.minute) * 60_000)).toISOString();
      const draft = draftAt(log, demoBody(step, done), at, done.length);
      done.push(await storeDraft('sign' in step ? demonstrator : group, log, draft));
    }
  }
}

function draftAt(log: string, body: Body, at: string, saw: number) {
  return { id: ulid(), v: 2, log, body, at, deviceAt: at, device: 'demo', saw };
}
