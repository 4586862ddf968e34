import 'server-only';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { forgetTries } from './attempts';
import { inTransaction } from './inTransaction';
import { drawPin, insertLog } from './newBench';
import { sealClass } from './seals';
import { revokeSessions } from './sessions';
import { insert, rows, run } from './tables';
import { foldName } from '@/core/people/foldName';
import { mostBenches } from '@/core/people/rosterSchema';
import type { BenchPin, Roster, RosterBench } from '@/core/people/class';
import type { Transaction } from 'sequelize';

/** Who works where in a class, in walking order. */
export async function readRoster(classId: string, transaction?: Transaction): Promise<Roster> {
  const [row] = await rows<{ name: string; section: string; joinCode: string; course: string | null }>(
    `SELECT c.name, c.section, c.join_code AS joinCode, k.name AS course
     FROM classes c LEFT JOIN courses k ON k.id = c.course_id WHERE c.id = :classId`,
    { classId },
    transaction,
  );
  if (!row) throw new AppError('notFound', 'There is no such class.');
  const found = await rows<{ id: string; name: string; member: string | null }>(
    `SELECT b.id, b.name, m.name AS member FROM benches b LEFT JOIN members m ON m.bench_id = b.id
     WHERE b.class_id = :classId ORDER BY b.position, m.position`,
    { classId },
    transaction,
  );
  const benches = [...new Map(found.map(({ id, name }) => [id, name]))].map(([id, name]) => ({
    id,
    name,
    members: found.flatMap((one) => (one.id === id && one.member !== null ? [one.member] : [])),
  }));
  const { name, section, joinCode, course } = row;
  return { classId, name, section, joinCode, benches, ...(course === null ? {} : { course }) };
}

/**
 * Sets section and members. A bench that the class does not have yet is added with a PIN of its own; none is ever taken away,
 * since it may have a record.
 *
 * @returns the roster, and the PINs of new benches, told this once
 */
export async function saveRoster(
  classId: string,
  section: string,
  wanted: readonly RosterBench[],
): Promise<{ readonly roster: Roster; readonly added: readonly BenchPin[] }> {
  return inTransaction(async (transaction) => {
    await rows('SELECT id FROM classes WHERE id = :classId FOR UPDATE', { classId }, transaction);
    const before = await readRoster(classId, transaction);
    await run('UPDATE classes SET section = :section WHERE id = :classId', { section, classId }, transaction);
    const added: BenchPin[] = [];
    for (const { name, members } of wanted) {
      const known = before.benches.find((one) => foldName(one.name) === foldName(name));
      let id = known?.id;
      if (id === undefined) {
        if (before.benches.length + added.length >= mostBenches)
          throw new AppError('refused', `A class has at most ${mostBenches} benches.`);
        const made = await addBench(classId, name, before.benches.length + added.length, transaction);
        id = made.id;
        added.push({ name, pin: made.pin });
      }
      await setMembers(id, members, transaction);
    }
    await sealClass(classId, transaction);
    return { roster: await readRoster(classId, transaction), added };
  });
}

async function addBench(classId: string, name: string, position: number, transaction: Transaction) {
  const id = ulid();
  const pin = drawPin();
  const bench = { id, class_id: classId, name, position, pin_hash: await hash(pin) };
  await insert('benches', bench, transaction);
  await insertLog(classId, id, transaction);
  return { id, pin };
}

/** Members of a bench in the order given. Who stays keeps the id under which entries name them. */
async function setMembers(bench: string, members: readonly string[], transaction: Transaction): Promise<void> {
  const before = await rows<{ id: string; name: string }>(
    'SELECT id, name FROM members WHERE bench_id = :bench ORDER BY position',
    { bench },
    transaction,
  );
  // Out of the way first: no two stand at one place, not even for a moment.
  if (before.length > 0)
    await run('UPDATE members SET position = position + 1000 WHERE bench_id = :bench', { bench }, transaction);
  const left = [...before];
  for (const [position, name] of members.entries()) {
    const at = left.findIndex((one) => one.name === name);
    const [stays] = at < 0 ? [] : left.splice(at, 1);
    if (stays)
      await run('UPDATE members SET position = :position WHERE id = :id', { position, id: stays.id }, transaction);
    else await insert('members', { id: ulid(), bench_id: bench, position, name }, transaction);
  }
  for (const { id } of left) await run('DELETE FROM members WHERE id = :id', { id }, transaction);
}

/** Members of a bench that has none yet, in the order given. */
export async function addMembers(bench: string, members: readonly string[], transaction: Transaction): Promise<void> {
  for (const [position, name] of members.entries())
    await insert('members', { id: ulid(), bench_id: bench, position, name }, transaction);
}

/** Gives a bench another PIN and ends its sessions: whoever knew the old one is out, and no device is known any longer. */
export async function changePin(classId: string, bench: string): Promise<BenchPin> {
  const [row] = await rows<{ name: string }>('SELECT name FROM benches WHERE id = :bench AND class_id = :classId', {
    bench,
    classId,
  });
  if (!row) throw new AppError('notFound', 'The class has no such bench.');
  const pin = drawPin();
  const pin_hash = await hash(pin);
  await inTransaction(async (transaction) => {
    await run('UPDATE benches SET pin_hash = :pin_hash WHERE id = :bench', { pin_hash, bench }, transaction);
    await revokeSessions({ bench }, transaction);
    await run('DELETE FROM devices WHERE subject = :bench', { bench }, transaction);
  });
  await forgetTries(bench);
  return { name: row.name, pin };
}
