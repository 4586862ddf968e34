import 'server-only';
import { ulid } from 'ulid';
import { AppError, errorStatus } from './appError';
import { log } from './log';
import { allowed } from './permissions';
import { currentIdentity } from './sessions';
import type { RouteKey } from './permissions';
import type { Identity } from '@/core/people/identity';

/** What a handler gets: the request, the route's parameters, and who asks. */
export interface Call<P> {
  readonly request: Request;
  readonly params: P;
  /** Present on every route that does not admit anonymous visitors. */
  readonly identity: Identity | undefined;
}

type Handler<P> = (call: Call<P>) => Promise<Response>;

/**
 * Wraps a route handler: permission table, same-origin check on writes, errors in one shape, one log line.
 *
 * @param route its row in the permission table
 */
export function route<P = Record<string, never>>(route: RouteKey, handler: Handler<P>) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    const started = performance.now();
    const response = await answer(route, request, context.params, handler);
    log.info({ route, status: response.status, ms: Math.round(performance.now() - started) }, 'request');
    return response;
  };
}

async function answer<P>(
  route: RouteKey,
  request: Request,
  params: Promise<P>,
  handler: Handler<P>,
): Promise<Response> {
  try {
    if (request.method !== 'GET') checkOrigin(request);
    const identity = route === 'GET /api/health' ? undefined : await currentIdentity();
    // A page of somebody who signed in here before must not act under the name of who is signed in now.
    const as = request.headers.get('mozle-as');
    if (as !== null && identity && as !== identity.id)
      throw new AppError('notSignedIn', 'Somebody else has signed in on this device.');
    if (!allowed(route, identity?.role ?? 'anonymous')) {
      throw identity
        ? new AppError('forbidden', 'This is not open to your role.')
        : new AppError('notSignedIn', 'Sign in first.');
    }
    return await handler({ request, params: await params, identity });
  } catch (error) {
    if (error instanceof AppError) {
      const { code, message, details } = error;
      return Response.json(
        { error: { code, message, ...(details === undefined ? {} : { details }) } },
        { status: errorStatus[code] },
      );
    }
    const reference = ulid();
    log.error({ err: error, route, reference }, 'unexpected');
    return Response.json(
      {
        error: {
          code: 'unexpected',
          message: `Something went wrong here. Nothing was stored. Reference ${reference}.`,
        },
      },
      { status: 500 },
    );
  }
}

/** Cookies are sent along by other sites' forms: a write must come from our own pages. */
function checkOrigin(request: Request): void {
  const origin = request.headers.get('origin');
  if (origin === null) return;
  if (URL.canParse(origin) && new URL(origin).host === request.headers.get('host')) return;
  throw new AppError('forbidden', 'The request came from another site.');
}
