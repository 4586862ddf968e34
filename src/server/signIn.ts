import 'server-only';
import { hash, verify } from '@node-rs/argon2';
import { AppError } from './appError';
import { clearAttempts, countAttempt } from './attempts';
import { config } from './config';
import { startSession } from './sessions';
import { rows } from './tables';
import { demoAccounts, demoClass } from '@/data/demo';
import type { Identity, Role } from '@/core/people/identity';

/** How somebody signs in. */
export type Credentials =
  | { readonly as: 'staff'; readonly name: string; readonly password: string }
  | { readonly as: 'group'; readonly joinCode: string; readonly bench: string; readonly pin: string }
  | { readonly as: 'demo'; readonly role: Role };

/** Checks credentials and starts a session. The same words for an unknown name and a wrong secret. */
export async function signIn(credentials: Credentials): Promise<Identity> {
  const identity = await identify(credentials);
  await startSession(identity);
  return identity;
}

async function identify(credentials: Credentials): Promise<Identity> {
  switch (credentials.as) {
    case 'staff':
      return identifyStaff(credentials.name, credentials.password);
    case 'group':
      return identifyGroup(credentials.joinCode, credentials.bench, credentials.pin);
    case 'demo':
      return identifyDemo(credentials.role);
  }
}

async function identifyStaff(name: string, password: string): Promise<Identity> {
  const [user] = await rows<{ id: string; name: string; role: Role; password_hash: string }>(
    'SELECT * FROM users WHERE name = :name',
    { name },
  );
  await checkSecret(`user:${keyPart(name)}`, user?.password_hash, password, 'The name or the password is wrong.');
  return { role: user!.role, id: user!.id, name: user!.name };
}

async function identifyGroup(joinCode: string, bench: string, pin: string): Promise<Identity> {
  const code = joinCode.trim().toUpperCase();
  const [row] = await rows<{ id: string; name: string; class_id: string; pin_hash: string }>(
    'SELECT b.* FROM benches b JOIN classes c ON c.id = b.class_id WHERE c.join_code = :code AND b.name = :bench',
    { code, bench },
  );
  await checkSecret(
    `join:${keyPart(code)}:${keyPart(bench)}`,
    row?.pin_hash,
    pin,
    'The join code, the bench or the PIN is wrong.',
  );
  return { role: 'group', id: row!.id, name: row!.name, classId: row!.class_id };
}

/** One tap for people trying the demo; only where the demo scenario was loaded on purpose. */
async function identifyDemo(role: Role): Promise<Identity> {
  if (!config.demo) throw new AppError('forbidden', 'Demo sign-ins are off here.');
  if (role === 'group') {
    const first = demoClass.benches[0];
    return identifyGroup(demoClass.joinCode, first.name, first.pin);
  }
  const account = demoAccounts.find((one) => one.role === role);
  if (!account) throw new AppError('notFound', 'There is no demo account of that role.');
  return identifyStaff(account.name, account.password);
}

async function checkSecret(key: string, stored: string | undefined, given: string, words: string): Promise<void> {
  await countAttempt(key);
  // An unknown name costs the same time as a wrong secret.
  const right = await verify(stored ?? (await decoy()), given);
  if (!stored || !right) throw new AppError('wrongCredentials', words);
  await clearAttempts(key);
}

let decoyHash: Promise<string> | undefined;
function decoy(): Promise<string> {
  decoyHash ??= hash('no such account');
  return decoyHash;
}

/** Attempt keys are ASCII and short; other characters are escaped. */
function keyPart(text: string): string {
  return encodeURIComponent(text.toLowerCase()).slice(0, 60);
}
