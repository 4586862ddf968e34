import 'server-only';
import { forbidden, notFound, redirect } from 'next/navigation';
import { AppError } from './appError';
import { allowed } from './permissions';
import { currentIdentity } from './sessions';
import type { RouteKey } from './permissions';
import type { Identity } from '@/core/people/identity';

/** Admits a visitor to a page by the permission table, or sends them to sign in. */
export async function enterPage(route: RouteKey): Promise<Identity> {
  const identity = await currentIdentity();
  if (allowed(route, identity?.role ?? 'anonymous') && identity) return identity;
  if (!identity) redirect('/sign-in');
  forbidden();
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
