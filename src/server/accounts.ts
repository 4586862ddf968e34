import 'server-only';
import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { budgetsOf, forgetTries, giveBack, sharedBudgets, spend } from './attempts';
import { inTransaction } from './inTransaction';
import { revokeSessions } from './sessions';
import { sha256 } from './hash';
import { insert, rows, run } from './tables';
import { demoAccounts } from '@/data/demo';
import { passwordFault } from '@/core/people/password';
import type { Identity, Role } from '@/core/identity';
import type { Origin } from './identify';
import type { Transaction } from 'sequelize';

type StaffRole = Exclude<Role, 'group'>;

const linkHours = 48;
/** No password: nothing that is typed has this hash. */
const none = '';

/** Somebody of the staff, for a list. */
export interface Account {
  readonly name: string;
  readonly role: StaffRole;
  readonly state: 'can sign in' | 'waits for the first password' | 'disabled';
}

/** Makes an account that nobody can sign in to before its link was used. */
export async function addAccount(name: string, role: StaffRole): Promise<string> {
  const clean = name.trim();
  if (!/^[\p{L}\p{N}][\p{L}\p{N} .'-]{1,58}$/u.test(clean))
    throw new AppError('refused', 'A name has 2 to 59 letters, digits, spaces, points, hyphens.');
  // The database takes names that differ in accents or case alone for one.
  const [known] = await rows<{ name: string }>('SELECT name FROM users WHERE name = :clean', { clean });
  if (known) throw new AppError('conflict', `There is an account “${known.name}” already.`);
  await insert('users', { id: ulid(), name: clean, role, password_hash: none });
  return linkFor(clean);
}

/** A link with which somebody sets a password, once; the one before it no longer leads anywhere. */
export async function linkFor(name: string): Promise<string> {
  const { id } = await findUser(name);
  const token = randomBytes(24).toString('base64url');
  await inTransaction(async (transaction) => {
    await run('DELETE FROM user_links WHERE user_id = :id', { id }, transaction);
    const expires_at = new Date(Date.now() + linkHours * 3_600_000);
    await insert('user_links', { token_hash: sha256(token), user_id: id, expires_at }, transaction);
  });
  return `/welcome/${token}`;
}

/** Takes the password away and ends every session; answers the link to a new one. */
export async function resetAccount(name: string): Promise<string> {
  const { id } = await findUser(name);
  await setPassword(id, none);
  await run('UPDATE users SET disabled_at = NULL WHERE id = :id', { id });
  return linkFor(name);
}

/** Nobody signs in under this name any longer; what it wrote and signed stays. */
export async function disableAccount(name: string): Promise<void> {
  const { id } = await findUser(name);
  await run('UPDATE users SET disabled_at = UTC_TIMESTAMP(3) WHERE id = :id', { id });
  await run('DELETE FROM user_links WHERE user_id = :id', { id });
  await revokeSessions({ user: id });
}

/** All accounts of the staff. */
export async function listAccounts(): Promise<readonly Account[]> {
  const found = await rows<{ name: string; role: StaffRole; password_hash: string; disabled_at: Date | null }>(
    'SELECT name, role, password_hash, disabled_at FROM users ORDER BY role, name',
  );
  return found.map(({ name, role, password_hash, disabled_at }) => ({
    name,
    role,
    state: disabled_at ? 'disabled' : password_hash === none ? 'waits for the first password' : 'can sign in',
  }));
}

/** Whose link it is; nothing when it was used, has expired or never was. Wrong ones are counted. */
export async function linkOwner(token: string, { address }: Origin): Promise<string | undefined> {
  const budgets = [{ key: `links:${address.slice(0, 60)}`, most: 30 }, ...sharedBudgets(address)];
  await spend(budgets);
  const name = (await ownerOf(token))?.name;
  if (name !== undefined) await giveBack([{ key: '', most: 0 }, ...budgets]);
  return name;
}

/** Whose link it is, for its page. Not counted: a token has 192 bits, and what another page may have asked for is no try. */
export async function ownerOfLink(token: string): Promise<string | undefined> {
  return (await ownerOf(token))?.name;
}

/** Sets the password by a link, which is used up by it. */
export async function welcome(token: string, password: string): Promise<Identity> {
  const used = new AppError('notFound', 'This link was used or has expired. Ask for another.');
  const owner = await ownerOf(token);
  if (!owner) throw used;
  const password_hash = await accepted(password, owner.name);
  await inTransaction(async (transaction) => {
    // Of two who use it at once, one finds it gone.
    const [link] = await rows(
      'DELETE FROM user_links WHERE token_hash = :token AND expires_at > UTC_TIMESTAMP(3) RETURNING user_id',
      { token: sha256(token) },
      transaction,
    );
    if (!link) throw used;
    await setPassword(owner.id, password_hash, transaction);
  });
  return owner;
}

/** Sets one's own password; whoever else is signed in under the name is out. */
export async function changePassword(
  { id, name }: Identity,
  now: string,
  next: string,
  { address }: Origin,
): Promise<void> {
  const budgets = budgetsOf(`${id}:own`, address);
  await spend(budgets);
  const [user] = await rows<{ password_hash: string }>('SELECT password_hash FROM users WHERE id = :id', { id });
  if (!user?.password_hash || !(await verify(user.password_hash, now)))
    throw new AppError('wrongCredentials', 'The present password is wrong.');
  await setPassword(id, await accepted(next, name));
  await giveBack(budgets);
}

async function accepted(password: string, name: string): Promise<string> {
  const fault = passwordFault(password, name);
  if (fault) throw new AppError('refused', fault);
  return hash(password);
}

async function setPassword(id: string, password_hash: string, transaction?: Transaction): Promise<void> {
  await run('UPDATE users SET password_hash = :password_hash WHERE id = :id', { password_hash, id }, transaction);
  await revokeSessions({ user: id }, transaction);
  await run('DELETE FROM devices WHERE subject = :id', { id }, transaction);
  await forgetTries(id, transaction);
}

async function ownerOf(token: string): Promise<Identity | undefined> {
  const [owner] = await rows<{ id: string; name: string; role: StaffRole }>(
    `SELECT u.id, u.name, u.role FROM user_links l JOIN users u ON u.id = l.user_id
     WHERE l.token_hash = :token AND l.expires_at > UTC_TIMESTAMP(3) AND u.disabled_at IS NULL`,
    { token: sha256(token) },
  );
  return owner;
}

async function findUser(name: string): Promise<{ readonly id: string }> {
  const found = await rows<{ id: string; name: string }>('SELECT id, name FROM users WHERE name = :name', { name });
  const user = found.find((one) => one.name === name);
  if (!user) throw new AppError('notFound', `There is no account “${name}”.`);
  return user;
}

/** Names of accounts that still have a password of the demo, which anybody can read. */
export async function publishedPasswords(): Promise<readonly string[]> {
  const found: string[] = [];
  for (const { name, password } of demoAccounts) {
    const [user] = await rows<{ password_hash: string }>(
      'SELECT password_hash FROM users WHERE name = :name AND disabled_at IS NULL',
      { name },
    );
    if (user?.password_hash && (await verify(user.password_hash, password))) found.push(name);
  }
  return found;
}
