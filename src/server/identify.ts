import 'server-only';
import { hash, verify } from '@node-rs/argon2';
import { AppError } from './appError';
import { budgetsOf, deviceBudgets, giveBack, sharedBudgets, spend } from './attempts';
import { isAnyKnown, isKnown } from './devices';
import { sha256 } from './hash';
import { rows } from './tables';
import { foldName } from '@/core/people/foldName';
import type { Identity, Role } from '@/core/people/identity';

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
  await checkSecret(
    user?.id ?? unknown(`user ${name}`),
    isOpen ? user.password_hash : undefined,
    password,
    from,
    'The name or the password is wrong.',
  );
  return { role: user!.role, id: user!.id, name: user!.name };
}

/** The group at a bench with the class's join code and the bench's PIN. */
export async function identifyGroup(joinCode: string, bench: string, pin: string, from: Origin): Promise<Identity> {
  const code = readCode(joinCode);
  const [door] =
    code === undefined ? [] : await rows<{ id: string }>('SELECT id FROM classes WHERE join_code = :code', { code });
  const found = await rows<{ id: string; name: string; pin_hash: string }>(
    'SELECT id, name, pin_hash FROM benches WHERE class_id = :door ORDER BY position',
    { door: door?.id ?? '' },
  );
  const row = chosen(found, bench);
  await checkSecret(
    row?.id ?? unknown(door ? `class ${door.id}` : `code ${joinCode}`),
    row?.name === bench ? row.pin_hash : undefined,
    pin,
    from,
    'The join code, the bench or the PIN is wrong.',
    door?.id ?? 'unknown',
  );
  return { role: 'group', id: row!.id, name: row!.name, classId: door!.id };
}

/**
 * Counts a wrong join code, which is all that a stranger needs to see the names of a class's benches.
 *
 * @param find looks for the class; nothing when there is none
 */
export async function countedDoor<T>(from: Origin, find: () => Promise<T | undefined>): Promise<T | undefined> {
  const isFamiliar = await isAnyKnown(from.device);
  const budgets = isFamiliar
    ? [{ key: `doors:${from.device!.slice(0, 40)}`, most: 30 }]
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

async function checkSecret(
  subject: string,
  stored: string | undefined,
  given: string,
  { address, device }: Origin,
  words: string,
  code?: string,
): Promise<void> {
  const isFamiliar = await isKnown(device, subject);
  const budgets = isFamiliar ? deviceBudgets(device!, subject) : budgetsOf(subject, address, code);
  await spend(budgets);
  // An unknown name costs the same time as a wrong secret.
  // An account that waits for its first password has none stored.
  const right = await verify(stored || (await decoy()), given);
  if (!stored || !right) throw new AppError('wrongCredentials', words);
  await giveBack(budgets);
}

let decoyHash: Promise<string> | undefined;
function decoy(): Promise<string> {
  decoyHash ??= hash('no such account');
  return decoyHash;
}
