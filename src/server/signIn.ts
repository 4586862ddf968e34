import 'server-only';
import { AppError } from './appError';
import { config } from './config';
import { identifyGroup, identifyStaff } from './identify';
import { rememberDevice } from './devices';
import { startSession } from './sessions';
import { demoAccounts, demoClass } from '@/data/demo';
import type { Identity, Role } from '@/core/identity';
import type { Origin } from './identify';

/** How somebody signs in. */
export type Credentials =
  | { readonly as: 'staff'; readonly name: string; readonly password: string }
  | { readonly as: 'group'; readonly joinCode: string; readonly bench: string; readonly pin: string }
  | { readonly as: 'demo'; readonly role: Role };

/** Checks credentials and starts a session on this browser, which is known from now on. */
export async function signIn(credentials: Credentials, from: Origin): Promise<Identity> {
  const identity = await identify(credentials, from);
  await startSession(identity);
  await rememberDevice(identity.id);
  return identity;
}

async function identify(credentials: Credentials, from: Origin): Promise<Identity> {
  switch (credentials.as) {
    case 'staff':
      return identifyStaff(credentials.name, credentials.password, from);
    case 'group':
      return identifyGroup(credentials.joinCode, credentials.bench, credentials.pin, from);
    case 'demo':
      return identifyDemo(credentials.role, from);
  }
}

/** One tap for people trying the demo; only where the demo scenario was loaded on purpose. */
async function identifyDemo(role: Role, from: Origin): Promise<Identity> {
  if (!config.demo) throw new AppError('forbidden', 'Demo sign-ins are off here.');
  if (role === 'group') {
    const first = demoClass.benches[0];
    return identifyGroup(demoClass.joinCode, first.name, first.pin, from);
  }
  const account = demoAccounts.find((one) => one.role === role);
  if (!account) throw new AppError('notFound', 'There is no demo account of that role.');
  return identifyStaff(account.name, account.password, from);
}
