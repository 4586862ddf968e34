import { readFileSync } from 'node:fs';
import { ulid } from 'ulid';
import { acetanilideRun } from '@/data/acetanilideRun';
import { benchState } from '@/core/bench/benchState';
import { config } from '@/server/config';
import { createPreparation } from '@/server/preparations';
import { database } from '@/server/database';
import { demoBody } from '@/data/demoSteps';
import { findBenchLog, findClass, readClassState } from '@/server/classes';
import { issueClass } from '@/server/offThread/jobs/issueClass';
import { insert, rows, run } from '@/server/tables';
import { migrate } from '@/server/migrate';
import { entriesOf } from '@/server/entries';
import { storeDraft } from '@/server/record';
import { summary } from './timings';
import type { Body, Entry } from '@/core/record/entry';
import type { Identity } from '@/core/identity';

// The record under the load of a class: 24 benches, an entry each every two seconds, beside a bare INSERT at the same pace;
// and opening a bench with few and with many entries.
const benches = 24;
const pace_ms = 2000;
const rounds = 8;

await migrate(config.databaseUrl);
const { id: preparationId } = await createPreparation(
  readFileSync('src/data/preparations/acetanilide.json', 'utf8'),
  'bench',
);
const names = Array.from({ length: benches }, (_, i) => ({ name: `Bench ${i + 1}`, pin: '0000' }));
const { id: classId } = await issueClass({ name: 'Load', preparationId, benches: names, by: 'bench' });
const found = await rows<{ id: string; name: string }>('SELECT id, name FROM benches WHERE class_id = :classId', {
  classId,
});
const groups = await Promise.all(
  found.map(async ({ id, name }) => ({
    identity: { role: 'group', id, name, classId } satisfies Identity,
    log: await findBenchLog(id),
  })),
);
const draft = (log: string, body: Body, saw: number, at = new Date().toISOString()) => ({
  id: ulid(),
  v: 1,
  log,
  body,
  at,
  deviceAt: at,
  device: 'bench',
  saw,
});
const reading = (n: number): Body => ({
  k: 'reading',
  place: { line: 'aniline', slot: 'net' },
  digits: `2.${10 + (n % 90)}`,
  unit: 'g',
});

/** Runs `work` for every bench once a round, spread evenly over the round. */
async function paced(work: (bench: number, round: number) => Promise<unknown>): Promise<readonly number[]> {
  const times: number[] = [];
  const begin = performance.now();
  await Promise.all(
    Array.from({ length: benches * rounds }, async (_, i) => {
      const due = begin + (i * pace_ms) / benches;
      await new Promise((next) => setTimeout(next, due - performance.now()));
      const start = performance.now();
      await work(i % benches, Math.floor(i / benches));
      times.push(performance.now() - start);
    }),
  );
  return times;
}

await run('CREATE TABLE bare (id CHAR(26) PRIMARY KEY, stored MEDIUMTEXT NOT NULL)');
const stored = JSON.stringify(draft('x', reading(1), 0));
await paced(() => insert('bare', { id: ulid(), stored }));
console.log(`bare INSERT, paced:       ${summary(await paced(() => insert('bare', { id: ulid(), stored })))}`);
const store = (bench: number, round: number) => {
  const { identity, log } = groups[bench]!;
  return storeDraft(identity, log, draft(log, reading(round), round));
};
await paced(store);
console.log(`storing an entry, paced:  ${summary(await paced(store))}`);

const steps = acetanilideRun();
for (const [group, count] of [
  [groups[0]!, 50],
  [groups[1]!, 500],
] as const) {
  const { identity, log } = group;
  await run('DELETE FROM entries WHERE log_id = :log', { log });
  await run('UPDATE logs SET head_seq = 0 WHERE id = :log', { log });
  const done: Entry[] = [];
  const begin = Date.now() - 5 * 3_600_000;
  for (let i = 0; i < count; i += 1) {
    const step = steps[i];
    const body: Body = step ? demoBody(step, done) : { k: 'words', text: `Note ${i}` };
    const at = new Date(begin + Math.round((step?.minute ?? 250 + i / 100) * 60_000)).toISOString();
    const author: Identity = body.k === 'sign' ? { role: 'coordinator', id: ulid(), name: 'coordinator' } : identity;
    done.push(await storeDraft(author, log, draft(log, body, i, at)));
  }
  const [reads, states]: [number[], number[]] = [[], []];
  const { doc } = await findClass(classId);
  for (let i = 0; i < 60; i += 1) {
    const start = performance.now();
    const entries = await entriesOf(log, 0);
    const { settings } = await readClassState(classId);
    const read = performance.now();
    benchState(doc, entries, settings);
    if (i < 10) continue;
    reads.push(read - start);
    states.push(performance.now() - read);
  }
  console.log(`opening ${String(count).padStart(3)} entries, read:  ${summary(reads)}`);
  console.log(`opening ${String(count).padStart(3)} entries, state: ${summary(states)}`);
}
await database().close();
