import 'server-only';
import { forbidden, notFound, redirect } from 'next/navigation';
import { AppError } from './appError';
import { admit } from './access';
import { allowed } from './permissions';
import { currentIdentity } from './sessions';
import type { Named } from './access';
import type { RouteKey } from './permissions';
import type { Identity } from '@/core/people/identity';

/**
 * Admits a visitor to a page by the permission table and by what the page names, or sends them to sign in.
 *
 * @param params of an address that names something; what is not open to the visitor is not found
 */
export async function enterPage<P extends Named>(route: RouteKey, params?: Promise<P>): Promise<Identity> {
  const identity = await currentIdentity();
  if (!identity) redirect('/sign-in');
  if (!allowed(route, identity.role)) forbidden();
  if (params === undefined) {
    if (route.includes('[')) throw new Error(`${route} names something: enterPage needs its params`);
    return identity;
  }
  const named = await params;
  // What is not ASCII names nothing, and would not compare with the columns that hold ids.
  if (!Object.values(named).every((one) => /^[\w.-]{1,80}$/.test(String(one)))) notFound();
  await orNotFound(admit(route, identity, named));
  return identity;
}

/** Where a role starts. */
export function homeOf(identity: Identity | undefined): string {
  if (!identity) return '/sign-in';
  return identity.role === 'group' ? '/bench' : '/preparations';
}

/** Shows the not-found page for what a service does not find. */
export async function orNotFound<T>(found: Promise<T>): Promise<T> {
  try {
    return await found;
  } catch (error) {
    if (error instanceof AppError && error.code === 'notFound') notFound();
    throw error;
  }
}
