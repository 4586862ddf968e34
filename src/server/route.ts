import 'server-only';
import { ulid } from 'ulid';
import { AppError, errorStatus } from './appError';
import { config } from './config';
import { log } from './log';
import { admit } from './access';
import { allowed, rowOf } from './permissions';
import { sentShare, share, takeFrom } from './rate';
import { currentIdentity } from './sessions';
import { databaseFault } from './databaseFault';
import type { Named } from './access';
import type { OpenRoute, RouteKey } from './permissions';
import type { Identity } from '@/core/identity';

/** What a handler gets: the request, the route's parameters, and who asks. */
export interface Call<P, I = Identity> {
  readonly request: Request;
  readonly params: P;
  readonly identity: I;
}

type Handler<P, I = Identity> = (call: Call<P, I>) => Promise<Response>;
type Anybody = Identity | undefined;

const unsaidBytes = 1e6;

/**
 * Wraps a route handler: permission table, same-origin check on writes, rates, errors in one shape, one log line.
 *
 * @param route its row in the permission table
 */
export function route<P = Record<string, never>>(route: Exclude<RouteKey, OpenRoute>, handler: Handler<P>) {
  const ofSomebody: Handler<P, Anybody> = ({ identity, ...call }) => {
    if (!identity) throw new AppError('notSignedIn', 'Sign in first.');
    return handler({ ...call, identity });
  };
  return wrapped(route, ofSomebody);
}

/** The same for a route that admits visitors who have not signed in. */
export function openRoute<P = Record<string, never>>(route: OpenRoute, handler: Handler<P, Anybody>) {
  return wrapped(route, handler);
}

function wrapped<P>(route: RouteKey, handler: Handler<P, Anybody>) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    const started = performance.now();
    const response = await answer(route, request, context.params, handler);
    // What is told to somebody signed in is for nobody who uses this device later.
    if (!response.headers.has('Cache-Control')) response.headers.set('Cache-Control', 'no-store');
    log.info({ route, status: response.status, ms: Math.round(performance.now() - started) }, 'request');
    return response;
  };
}

async function answer<P>(
  route: RouteKey,
  request: Request,
  params: Promise<P>,
  handler: Handler<P, Anybody>,
): Promise<Response> {
  try {
    if (request.method !== 'GET') checkOrigin(request);
    // A wrong ticket is counted: only what our own page asks on purpose is one that was tried.
    else if (rowOf(route).of === 'ticket' && !request.headers.has('mozle-ask'))
      throw new AppError('forbidden', 'The request came from another site.');
    if (route === 'GET /api/health') return await handler({ request, params: await params, identity: undefined });
    const identity = await currentIdentity();
    // Shares are a person's or a bench's, however many sessions they have; before that an address's.
    const who = identity?.id ?? request.headers.get('mozle-address') ?? '';
    takeFrom(`share ${who}`, share, rowOf(route).cost);
    takeFrom(`sent ${who}`, sentShare, sentBy(request) / 1000);
    // A page of somebody who signed in here before must not act under the name of who is signed in now.
    const as = request.headers.get('mozle-as');
    if (as !== null && identity && as !== identity.id)
      throw new AppError('notSignedIn', 'Somebody else has signed in on this device.');
    if (!allowed(route, identity?.role ?? 'anonymous')) {
      throw identity
        ? new AppError('forbidden', 'This is not open to your role.')
        : new AppError('notSignedIn', 'Sign in first.');
    }
    const named = await checkedParams(params);
    if (identity) await admit(route, identity, named as Named);
    return await handler({ request, params: named, identity });
  } catch (error) {
    const expected = error instanceof AppError ? error : databaseFault(error);
    if (expected) {
      if (expected !== error) log.error({ err: error, route }, 'database');
      const { code, message, details } = expected;
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
          message: `Something went wrong here. Reference ${reference}.`,
        },
      },
      { status: 500 },
    );
  }
}

/** Bytes that a request says it brings; one that does not say is taken for a large one. */
function sentBy({ method, headers, body }: Request): number {
  const said = headers.get('content-length');
  if (said !== null) return Number(said) || 0;
  return method === 'GET' || body === null ? 0 : unsaidBytes;
}

/** Cookies are sent along by other sites' forms: a write must come from our own pages, and say so. */
function checkOrigin({ headers }: Request): void {
  const origin = headers.get('origin');
  const isOwn =
    origin === null
      ? headers.get('sec-fetch-site') === 'same-origin'
      : URL.canParse(origin) && hosts(headers).includes(new URL(origin).host);
  if (!isOwn) throw new AppError('forbidden', 'The request came from another site.');
}

/** Under which hosts our own pages are open: behind a proxy the app is asked under another name. */
const hosts = (headers: Headers) => [
  headers.get('host'),
  ...(URL.canParse(config.publicUrl) ? [new URL(config.publicUrl).host] : []),
];

/** Ids of rows are ASCII: what is not can name nothing, and would not compare with the columns that hold them. */
async function checkedParams<P>(given: Promise<P>): Promise<P> {
  // A route without parameters has none at all.
  const params = (await given) ?? ({} as P);
  const { id = 'x', bench = 'x' } = params as { id?: string; bench?: string };
  const isNamed = [id, bench].every((one) => /^[\w.-]{1,80}$/.test(one));
  if (!isNamed) throw new AppError('notFound', 'There is no such thing here.');
  return params;
}
