import 'server-only';
import { hash, verify } from '@node-rs/argon2';
import { AppError } from './appError';
import { budgetsOf, deviceBudgets, giveBack, sharedBudgets, spend } from './attempts';
import { isAnyKnown, isKnown } from './devices';
import { readAdmission, spendAdmission } from './admissions';
import { sha256 } from './hash';
import { share, takeFrom } from './rate';
import { rows } from './tables';
import { foldName } from '@/core/people/foldName';
import type { Identity, Role } from '@/core/identity';

// Checking a secret costs a tenth of a second of a core.
const signInCost = 25;

/** From where somebody tries. */
export interface Origin {
  readonly address: string;
  /** The browser, where somebody has signed in before. */
  readonly device?: string | undefined;
}

/** The member of staff with a name and password. The same words for an unknown name and a wrong password. */
export async function identifyStaff(name: string, password: string, from: Origin): Promise<Identity> {
  const found = await rows<{ id: string; name: string; role: Role; password_hash: string; disabled_at: Date | null }>(
    'SELECT id, name, role, password_hash, disabled_at FROM users WHERE name IN (:name, :bare)',
    { name, bare: name.trim() },
  );
  const user = chosen(found, name);
  const isOpen = user?.name === name && user.disabled_at === null;
  const right = await checked(
    { row: user, stored: isOpen ? user.password_hash : undefined, subject: user?.id ?? unknown(`user ${name}`) },
    password,
    from,
    'The name or the password is wrong.',
  );
  return { role: right.role, id: right.id, name: right.name };
}

/** The group at a bench with the class's join code and the bench's PIN, or a code with which the staff lets a new tablet in. */
export async function identifyGroup(joinCode: string, bench: string, pin: string, from: Origin): Promise<Identity> {
  const code = readCode(joinCode);
  const [door] =
    code === undefined ? [] : await rows<{ id: string }>('SELECT id FROM classes WHERE join_code = :code', { code });
  const found = await rows<{ id: string; name: string; pin_hash: string }>(
    'SELECT id, name, pin_hash FROM benches WHERE class_id = :door ORDER BY position',
    { door: door?.id ?? '' },
  );
  const row = chosen(found, bench);
  // Drawn by the staff for one tablet: no wrong tries of others stand in its way.
  const admission = readAdmission(pin);
  if (admission !== undefined && door && row?.name === bench && (await spendAdmission(row.id, admission)))
    return { role: 'group', id: row.id, name: row.name, classId: door.id };
  const right = await checked(
    {
      row: row && door && { ...row, classId: door.id },
      stored: row?.name === bench ? row.pin_hash : undefined,
      subject: row?.id ?? unknown(door ? `class ${door.id}` : `code ${joinCode}`),
      code: door?.id ?? 'unknown',
    },
    pin,
    from,
    'The join code, the bench or the PIN is wrong.',
  );
  return { role: 'group', id: right.id, name: right.name, classId: right.classId };
}

/**
 * Counts a wrong join code, which is all that a stranger needs to see the names of a class's benches.
 *
 * @param find looks for the class; nothing when there is none
 */
export async function countedDoor<T>(from: Origin, find: () => Promise<T | undefined>): Promise<T | undefined> {
  const device = (await isAnyKnown(from.device)) ? from.device : undefined;
  const budgets = device
    ? [{ key: `doors:${device.slice(0, 40)}`, most: 30 }]
    : [{ key: `doors:${from.address.slice(0, 60)}`, most: 30 }, ...sharedBudgets(from.address)];
  await spend(budgets);
  const found = await find();
  // Only what was wrong counts: a class that comes in together knocks at one door.
  if (found !== undefined) await giveBack([{ key: '', most: 0 }, ...budgets]);
  return found;
}

/** A join code as it is stored; nothing when it cannot be one. */
export function readCode(text: string): string | undefined {
  const code = text.trim().toUpperCase();
  return /^[A-Z0-9]{6}$/.test(code) ? code : undefined;
}

/** Of the rows the very one that is named, else the one that a spelling comes close to: its tries are counted, it is not opened. */
function chosen<T extends { readonly name: string }>(found: readonly T[], name: string): T | undefined {
  return found.find((one) => one.name === name) ?? found.find((one) => skeleton(one.name) === skeleton(name));
}

/** What is left of a name when all that can be varied unseen is taken off. */
const skeleton = (name: string) => foldName(name).replace(/[^\p{L}\p{N}]/gu, '');

/** What stands for a row that is not there. As many tries as at one that is, so that they tell nothing. */
function unknown(of: string): string {
  return `none:${sha256(skeleton(of)).slice(0, 32)}`;
}

/** A secret that is tried: what it opens, and how it is stored where it can be opened at all. */
interface Secret<T> {
  readonly row: T | undefined;
  readonly stored: string | undefined;
  /** What tries are counted by. */
  readonly subject: string;
  /** Class whose benches are tried together. */
  readonly code?: string;
}

/** What a right secret opens. */
async function checked<T>(
  { row, stored, subject, code }: Secret<T>,
  given: string,
  { address, device }: Origin,
  words: string,
): Promise<T> {
  const familiar = (await isKnown(device, subject)) ? device : undefined;
  const budgets = familiar ? deviceBudgets(familiar, subject) : budgetsOf(subject, address, code);
  await spend(budgets);
  // An unknown name costs the same time as a wrong secret.
  // An account that waits for its first password has none stored.
  const right = await verify(stored || (await decoy()), given);
  if (!row || !stored || !right) throw new AppError('wrongCredentials', words);
  await giveBack(budgets);
  // Whoever has the right secret does not get the work of checking it for nothing.
  takeFrom(`share ${subject}`, share, signInCost);
  return row;
}

let decoyHash: Promise<string> | undefined;
function decoy(): Promise<string> {
  decoyHash ??= hash('no such account');
  return decoyHash;
}
