import 'server-only';
import { readFileSync } from 'node:fs';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { issueClass } from './classes';
import { createPreparation } from './preparations';
import { storeDraft } from './record';
import { insert, rows } from './tables';
import { demoAccounts, demoClass } from '@/data/demo';
import { demoBegin, demoRecord } from '@/data/demoRecord';
import type { Identity } from '@/core/people/identity';
import type { Body, Entry } from '@/core/record/entry';
import type { DemoStep } from '@/data/demoRecord';

/** Loads the demo scenario once: accounts, the acetanilide preparation, a class of eight benches and what they recorded. */
export async function loadDemo(): Promise<boolean> {
  if ((await rows('SELECT id FROM users LIMIT 1')).length > 0) return false;
  for (const { name, role, password } of demoAccounts) {
    await insert('users', { id: ulid(), name, role, password_hash: await hash(password) });
  }
  const text = readFileSync('src/data/preparations/acetanilide.json', 'utf8');
  const { id: preparationId } = await createPreparation(text, demoAccounts[0].name);
  const { id } = await issueClass({ ...demoClass, preparationId, by: demoAccounts[0].name });
  await loadRecord(id);
  return true;
}

async function loadRecord(classId: string): Promise<void> {
  const [user] = await rows<{ id: string; name: string }>("SELECT id, name FROM users WHERE role = 'demonstrator'");
  const demonstrator: Identity = { role: 'demonstrator', id: user?.id ?? '', name: user?.name ?? '' };
  const benches = await rows<{ id: string; name: string; log: string }>(
    'SELECT b.id, b.name, l.id AS log FROM benches b JOIN logs l ON l.bench_id = b.id WHERE b.class_id = :classId ORDER BY b.position',
    { classId },
  );
  for (const { id, name, log } of benches) {
    const group: Identity = { role: 'group', id, name, classId };
    const done: Entry[] = [];
    for (const step of demoRecord[name] ?? []) {
      const at = new Date(Date.parse(demoBegin) + step.minute * 60_000).toISOString();
      const draft = {
        id: ulid(),
        v: 1,
        log,
        body: bodyOf(step, done),
        at,
        deviceAt: at,
        device: 'demo',
        saw: done.length,
      };
      done.push(await storeDraft('sign' in step ? demonstrator : group, log, draft));
    }
  }
}

function bodyOf(step: DemoStep, done: readonly Entry[]): Body {
  const entry = (i: number) => done[i] as Entry;
  if ('ask' in step) return { k: 'ask', targets: step.ask.map((i) => entry(i).id) };
  if ('sign' in step)
    return { k: 'sign', seals: step.sign.map((i) => ({ entry: entry(i).id, content: entry(i).content })) };
  if ('strike' in step) return { k: 'void', target: entry(step.strike).id, reason: step.reason };
  const [digits = '', unit = ''] = step.read.split(' ');
  const { line, slot, device, state } = step;
  return { k: 'reading', place: { line, slot }, digits, unit, device, ...(state ? { state } : {}) };
}
