import 'server-only';
import { headers } from 'next/headers';
import { forbidden, notFound, redirect } from 'next/navigation';
import { AppError } from './appError';
import { admit } from './access';
import { allowed, rowOf } from './permissions';
import { currentIdentity } from './sessions';
import { share, takeFrom } from './rate';
import type { Named } from './access';
import type { OpenRoute, RouteKey } from './permissions';
import type { Identity } from '@/core/identity';

/**
 * Admits a visitor to a page by its row in the permission table: role, what the page names, and what is left of the visitor's share;
 * or sends them to sign in.
 *
 * @param params of an address that names something; what is not open to the visitor is not found
 * @throws AppError tooManyRequests
 */
export async function enterPage<P extends Named>(
  route: Exclude<RouteKey, OpenRoute>,
  params?: Promise<P>,
): Promise<Identity> {
  const identity = await currentIdentity();
  if (!identity) redirect('/sign-in');
  takeFrom(`share ${identity.id}`, share, rowOf(route).cost);
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

/** The same for a page that is open to everybody; who has not signed in counts by the address. */
export async function enterOpenPage(route: OpenRoute): Promise<Identity | undefined> {
  const identity = await currentIdentity();
  const who = identity?.id ?? (await headers()).get('mozle-address') ?? '';
  takeFrom(`share ${who}`, share, rowOf(route).cost);
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
