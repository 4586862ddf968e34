import 'server-only';
import type { Role } from '@/core/people/identity';

export type Visitor = Role | 'anonymous';

const everyone = ['anonymous', 'coordinator', 'demonstrator', 'group'] as const;
const staff = ['coordinator', 'demonstrator'] as const;
const signedIn = ['coordinator', 'demonstrator', 'group'] as const;

/** Every route and who may use it. A route that is not listed is refused, and a test fails. */
export const permissions = {
  'PAGE /': everyone,
  'PAGE /sign-in': everyone,
  'PAGE /welcome/[token]': everyone,
  'PAGE /account': staff,
  'PAGE /preparations': staff,
  'PAGE /preparations/handout': ['coordinator'],
  'PAGE /preparations/[id]': staff,
  'PAGE /preparations/[id]/procedure': staff,
  'PAGE /preparations/[id]/process': staff,
  'PAGE /preparations/[id]/safety': staff,
  'PAGE /preparations/[id]/versions': staff,
  'PAGE /preparations/[id]/hazards': staff,
  'PAGE /preparations/[id]/sheets/[sheet]': staff,
  'PAGE /print/[ticket]': everyone,
  'PAGE /reference': staff,
  'PAGE /reference/[id]': staff,
  'PAGE /reference/new': staff,
  'PAGE /models': staff,
  'PAGE /courses': staff,
  'PAGE /courses/[id]': staff,
  'PAGE /bench': ['group'],
  'PAGE /bench/results': ['group'],
  'PAGE /classes': staff,
  'PAGE /classes/[id]': staff,
  'PAGE /classes/[id]/results': staff,
  'PAGE /classes/[id]/roster': staff,
  'PAGE /classes/[id]/benches/[bench]': staff,
  'GET /api/health': everyone,
  'POST /api/v1/session': everyone,
  'DELETE /api/v1/session': everyone,
  'POST /api/v1/welcome': everyone,
  'PUT /api/v1/account/password': staff,
  'GET /api/v1/doors/[code]': everyone,
  'POST /api/v1/classes': ['coordinator'],
  'GET /api/v1/staff': ['coordinator'],
  'GET /api/v1/classes/[id]/staff': staff,
  'PUT /api/v1/classes/[id]/staff': ['coordinator'],
  'GET /api/v1/classes/[id]/board': staff,
  'GET /api/v1/classes/[id]/results': staff,
  'GET /api/v1/classes/[id]/feed': signedIn,
  'GET /api/v1/classes/[id]/record': staff,
  'GET /api/v1/classes/[id]/roster': staff,
  'PUT /api/v1/classes/[id]/roster': staff,
  'POST /api/v1/classes/[id]/benches/[bench]/pin': staff,
  'POST /api/v1/logs/[id]/files': signedIn,
  'GET /api/v1/files/[id]': signedIn,
  'PUT /api/v1/files/[id]': signedIn,
  'GET /api/v1/logs/[id]/entries': signedIn,
  'POST /api/v1/logs/[id]/entries': signedIn,
  'GET /api/v1/preparations': staff,
  'POST /api/v1/preparations': ['coordinator'],
  'GET /api/v1/preparations/[id]/versions': ['coordinator'],
  'POST /api/v1/preparations/[id]/versions': ['coordinator'],
  'GET /api/v1/preparations/[id]/file': staff,
  'PUT /api/v1/preparations/[id]/course': ['coordinator'],
  'PUT /api/v1/preparations/[id]/shelf': ['coordinator'],
  'PUT /api/v1/preparations/[id]/proposals': ['coordinator'],
  'POST /api/v1/preparations/[id]/copies': ['coordinator'],
  'POST /api/v1/handouts': ['coordinator'],
  'GET /api/v1/blocks': ['coordinator'],
  'POST /api/v1/blocks': ['coordinator'],
  'DELETE /api/v1/blocks/[id]': ['coordinator'],
  'GET /api/v1/preparations/[id]/table': staff,
  'POST /api/v1/prints': staff,
  'GET /api/v1/prints/[id]': staff,
  'DELETE /api/v1/prints/[id]': staff,
  'GET /api/v1/prints/[id]/file': staff,
  'GET /api/v1/structures': signedIn,
  'GET /api/v1/reference': staff,
  'POST /api/v1/reference': staff,
  'GET /api/v1/reference/[id]': staff,
  'DELETE /api/v1/reference/[id]': ['coordinator'],
  'POST /api/v1/reference/[id]/confirmations': ['coordinator'],
  'GET /api/v1/reference/confirmations': staff,
  'GET /api/v1/reference/file': staff,
  'POST /api/v1/reference/structures': staff,
  'POST /api/v1/courses': ['coordinator'],
  'PUT /api/v1/courses/[id]': ['coordinator'],
} as const satisfies Record<string, readonly Visitor[]>;

export type RouteKey = keyof typeof permissions;
/** Routes that admit visitors who have not signed in. */
export type OpenRoute = {
  [K in RouteKey]: 'anonymous' extends (typeof permissions)[K][number] ? K : never;
}[RouteKey];

/** Whether a visitor may use a route. */
export function allowed(route: RouteKey, visitor: Visitor): boolean {
  return (permissions[route] as readonly Visitor[]).includes(visitor);
}
