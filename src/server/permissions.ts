import 'server-only';
import type { Role } from '@/core/identity';

export type Visitor = Role | 'anonymous';

const everyone = ['anonymous', 'coordinator', 'demonstrator', 'group'] as const;
const staff = ['coordinator', 'demonstrator'] as const;
const signedIn = ['coordinator', 'demonstrator', 'group'] as const;
/** What the whole staff shares: preparations, blocks, the reference, courses. Roles alone decide. */
const ofTheCourse = { of: 'nothing', because: 'it belongs to the course, whose staff shares it' } as const;

/**
 * What an address costs whoever asks, out of one share a person: 1 a look into the database, 5 a page or a long answer, 25 what is
 * worked out on another thread or stores much.
 */
type Cost = 1 | 5 | 25;

/**
 * What is named in an address and has to be open to whoever asks (`access.ts`): a class (and, where it is named, a bench of it), a
 * record, a file, something that only its maker sees, or a ticket, which is a secret itself and opened by the service.
 */
type Of = 'class' | 'log' | 'file' | 'own' | 'ticket';

interface PlainRow {
  readonly who: readonly Visitor[];
  readonly cost: Cost;
}
/** A row of an address that names something: whose it has to be, or why it is nobody's. */
type NamingRow = PlainRow & ({ readonly of: Of } | { readonly of: 'nothing'; readonly because: string });
export type RowOf<Address> = Address extends `${string}[${string}]${string}` ? NamingRow : PlainRow;

/** A table of addresses; one that names something and does not say whose it has to be does not compile. */
export const declareAccess = <const T extends object>(rows: T & { readonly [K in keyof T]: RowOf<K> }): T => rows;

/** Every page and route: who may use it, what it names has to be of, what it costs. One that is not listed is refused, and a test fails. */
export const permissions = declareAccess({
  'PAGE /': { who: everyone, cost: 1 },
  'PAGE /sign-in': { who: everyone, cost: 1 },
  'PAGE /welcome/[token]': { who: everyone, of: 'ticket', cost: 5 },
  'PAGE /account': { who: staff, cost: 5 },
  'PAGE /preparations': { who: staff, cost: 5 },
  'PAGE /preparations/handout': { who: ['coordinator'], cost: 5 },
  'PAGE /preparations/[id]': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /preparations/[id]/procedure': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /preparations/[id]/process': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /preparations/[id]/safety': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /preparations/[id]/versions': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /preparations/[id]/hazards': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /preparations/[id]/sheets/[sheet]': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /print/[ticket]': { who: everyone, of: 'ticket', cost: 5 },
  'PAGE /reference': { who: staff, cost: 5 },
  'PAGE /reference/[id]': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /reference/new': { who: staff, cost: 5 },
  'PAGE /models': { who: staff, cost: 5 },
  'PAGE /courses': { who: staff, cost: 5 },
  'PAGE /courses/[id]': { who: staff, ...ofTheCourse, cost: 5 },
  'PAGE /bench': { who: ['group'], cost: 5 },
  'PAGE /bench/results': { who: ['group'], cost: 5 },
  'PAGE /classes': { who: staff, cost: 5 },
  'PAGE /classes/[id]': { who: staff, of: 'class', cost: 5 },
  'PAGE /classes/[id]/results': { who: staff, of: 'class', cost: 5 },
  'PAGE /classes/[id]/roster': { who: staff, of: 'class', cost: 5 },
  'PAGE /classes/[id]/benches/[bench]': { who: staff, of: 'class', cost: 5 },
  'GET /api/health': { who: everyone, cost: 1 },
  'POST /api/v1/session': { who: everyone, cost: 1 },
  'DELETE /api/v1/session': { who: everyone, cost: 1 },
  'POST /api/v1/welcome': { who: everyone, cost: 1 },
  'PUT /api/v1/account/password': { who: staff, cost: 1 },
  'GET /api/v1/doors/[code]': { who: everyone, of: 'ticket', cost: 1 },
  'POST /api/v1/classes': { who: ['coordinator'], cost: 25 },
  'GET /api/v1/staff': { who: ['coordinator'], cost: 1 },
  'GET /api/v1/classes/[id]/staff': { who: staff, of: 'class', cost: 1 },
  'PUT /api/v1/classes/[id]/staff': { who: ['coordinator'], of: 'class', cost: 1 },
  'GET /api/v1/classes/[id]/board': { who: staff, of: 'class', cost: 5 },
  'GET /api/v1/classes/[id]/results': { who: staff, of: 'class', cost: 25 },
  'GET /api/v1/classes/[id]/feed': { who: signedIn, of: 'class', cost: 5 },
  'GET /api/v1/classes/[id]/record': { who: staff, of: 'class', cost: 25 },
  'GET /api/v1/classes/[id]/roster': { who: staff, of: 'class', cost: 1 },
  'PUT /api/v1/classes/[id]/roster': { who: staff, of: 'class', cost: 25 },
  'POST /api/v1/classes/[id]/benches/[bench]/pin': { who: staff, of: 'class', cost: 1 },
  'POST /api/v1/classes/[id]/benches/[bench]/admission': { who: staff, of: 'class', cost: 1 },
  'POST /api/v1/logs/[id]/files': { who: signedIn, of: 'log', cost: 1 },
  'GET /api/v1/files/[id]': { who: signedIn, of: 'file', cost: 1 },
  'PUT /api/v1/files/[id]': { who: signedIn, of: 'file', cost: 1 },
  'GET /api/v1/logs/[id]/entries': { who: signedIn, of: 'log', cost: 1 },
  'POST /api/v1/logs/[id]/entries': { who: signedIn, of: 'log', cost: 1 },
  'GET /api/v1/preparations': { who: staff, cost: 5 },
  'POST /api/v1/preparations': { who: ['coordinator'], cost: 25 },
  'GET /api/v1/preparations/[id]/versions': { who: ['coordinator'], ...ofTheCourse, cost: 5 },
  'POST /api/v1/preparations/[id]/versions': { who: ['coordinator'], ...ofTheCourse, cost: 25 },
  'GET /api/v1/preparations/[id]/file': { who: staff, ...ofTheCourse, cost: 5 },
  'PUT /api/v1/preparations/[id]/course': { who: ['coordinator'], ...ofTheCourse, cost: 1 },
  'PUT /api/v1/preparations/[id]/shelf': { who: ['coordinator'], ...ofTheCourse, cost: 1 },
  'PUT /api/v1/preparations/[id]/proposals': { who: ['coordinator'], ...ofTheCourse, cost: 5 },
  'POST /api/v1/preparations/[id]/copies': { who: ['coordinator'], ...ofTheCourse, cost: 25 },
  'POST /api/v1/handouts': { who: ['coordinator'], cost: 25 },
  'GET /api/v1/blocks': { who: ['coordinator'], cost: 1 },
  'POST /api/v1/blocks': { who: ['coordinator'], cost: 25 },
  'DELETE /api/v1/blocks/[id]': { who: ['coordinator'], ...ofTheCourse, cost: 1 },
  'GET /api/v1/preparations/[id]/table': { who: staff, ...ofTheCourse, cost: 25 },
  'POST /api/v1/prints': { who: staff, cost: 25 },
  'GET /api/v1/prints/[id]': { who: staff, of: 'own', cost: 1 },
  'DELETE /api/v1/prints/[id]': { who: staff, of: 'own', cost: 1 },
  'GET /api/v1/prints/[id]/file': { who: staff, of: 'own', cost: 1 },
  'GET /api/v1/structures': { who: signedIn, cost: 5 },
  'GET /api/v1/models': { who: staff, cost: 5 },
  'GET /api/v1/reference': { who: staff, cost: 5 },
  'POST /api/v1/reference': { who: staff, cost: 5 },
  'GET /api/v1/reference/[id]': { who: staff, ...ofTheCourse, cost: 5 },
  'DELETE /api/v1/reference/[id]': { who: ['coordinator'], ...ofTheCourse, cost: 1 },
  'POST /api/v1/reference/[id]/confirmations': { who: ['coordinator'], ...ofTheCourse, cost: 1 },
  'GET /api/v1/reference/confirmations': { who: staff, cost: 5 },
  'GET /api/v1/reference/file': { who: staff, cost: 5 },
  'POST /api/v1/reference/structures': { who: staff, cost: 25 },
  'POST /api/v1/courses': { who: ['coordinator'], cost: 1 },
  'PUT /api/v1/courses/[id]': { who: ['coordinator'], ...ofTheCourse, cost: 1 },
});

export type RouteKey = keyof typeof permissions;
/** Addresses that admit visitors who have not signed in. */
export type OpenRoute = {
  [K in RouteKey]: 'anonymous' extends (typeof permissions)[K]['who'][number] ? K : never;
}[RouteKey];

/** The row of an address, as a table's reader wants it. */
export function rowOf(route: RouteKey): PlainRow & { readonly of?: Of | 'nothing' } {
  return permissions[route];
}

/** Whether a visitor may use a route. */
export function allowed(route: RouteKey, visitor: Visitor): boolean {
  return rowOf(route).who.includes(visitor);
}
