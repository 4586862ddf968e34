import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { expect, request as requests } from '@playwright/test';
import { acetanilideText } from '../support/preparations';
import { newStaff } from './accounts';
import { demonstrators, storePreparation, test } from './support';
import { ulid } from 'ulid';
import type { APIRequestContext } from '@playwright/test';
import type { Issued } from './bench';

/** Everybody who may come: staff with and without a class, the class's own benches, and strangers. */
const visitors = [
  'anonymous',
  'coordinator',
  'demonstrator of the class',
  'demonstrator of another class',
  'the bench itself',
  'another bench of the class',
  'a bench of another class',
] as const;
type Visitor = (typeof visitors)[number];

/** Who is let in; for whom the thing named is not there; the rest is turned away by role. */
interface Promised {
  readonly open: readonly Visitor[];
  readonly absent?: readonly Visitor[];
}

const everyone = { open: visitors };
const [, coordinator, insider, outsider, own, neighbour, foreign] = visitors;
const groups = [own, neighbour, foreign] as const;
const staff = { open: [coordinator, insider, outsider] };
const coordinators = { open: [coordinator] };
const signedIn = { open: visitors.slice(1) };
const group = { open: groups };
/** Of a class: for demonstrators who do not belong to it, it is not there. */
const staffOfClass = { open: [coordinator, insider], absent: [outsider] };
/** Of a bench's record: for everybody but its own bench and the staff of the class it is not there. */
const record = { open: [coordinator, insider, own], absent: [outsider, neighbour, foreign] };

// Written down here a second time, on purpose: this is the promise, the server's table is how it is kept.
const promised: Readonly<Record<string, Promised>> = {
  'PAGE /': everyone,
  'PAGE /sign-in': everyone,
  'PAGE /welcome/[token]': everyone,
  'PAGE /account': staff,
  'PAGE /preparations': staff,
  'PAGE /preparations/handout': coordinators,
  'PAGE /preparations/[id]': staff,
  'PAGE /preparations/[id]/procedure': staff,
  'PAGE /preparations/[id]/process': staff,
  'PAGE /preparations/[id]/safety': staff,
  'PAGE /preparations/[id]/versions': staff,
  'PAGE /preparations/[id]/hazards': staff,
  'PAGE /preparations/[id]/sheets/[sheet]': staff,
  // Open to the ticket of a print that is being made, which nobody has.
  'PAGE /print/[ticket]': { open: [], absent: visitors },
  'PAGE /reference': staff,
  'PAGE /reference/[id]': staff,
  'PAGE /reference/new': staff,
  'PAGE /models': staff,
  'PAGE /courses': staff,
  'PAGE /courses/[id]': staff,
  'PAGE /bench': group,
  'PAGE /bench/results': group,
  'PAGE /classes': staff,
  'PAGE /classes/[id]': staffOfClass,
  'PAGE /classes/[id]/results': staffOfClass,
  'PAGE /classes/[id]/roster': staffOfClass,
  'PAGE /classes/[id]/benches/[bench]': staffOfClass,
  'GET /api/health': everyone,
  'POST /api/v1/session': everyone,
  'DELETE /api/v1/session': everyone,
  'POST /api/v1/welcome': everyone,
  'PUT /api/v1/account/password': staff,
  'GET /api/v1/doors/[code]': everyone,
  'POST /api/v1/classes': coordinators,
  'GET /api/v1/staff': coordinators,
  'GET /api/v1/classes/[id]/staff': staffOfClass,
  'PUT /api/v1/classes/[id]/staff': coordinators,
  'GET /api/v1/classes/[id]/board': staffOfClass,
  'GET /api/v1/classes/[id]/results': staffOfClass,
  'GET /api/v1/classes/[id]/feed': { open: [coordinator, insider, own, neighbour], absent: [outsider, foreign] },
  'GET /api/v1/classes/[id]/record': staffOfClass,
  'GET /api/v1/classes/[id]/roster': staffOfClass,
  'PUT /api/v1/classes/[id]/roster': staffOfClass,
  'POST /api/v1/classes/[id]/benches/[bench]/pin': staffOfClass,
  'POST /api/v1/classes/[id]/benches/[bench]/admission': staffOfClass,
  'POST /api/v1/logs/[id]/files': record,
  'GET /api/v1/files/[id]': record,
  // A file goes on from whoever began it.
  'PUT /api/v1/files/[id]': { open: [coordinator], absent: [insider, outsider, own, neighbour, foreign] },
  'GET /api/v1/logs/[id]/entries': record,
  'POST /api/v1/logs/[id]/entries': record,
  'GET /api/v1/preparations': staff,
  'POST /api/v1/preparations': coordinators,
  'GET /api/v1/preparations/[id]/versions': coordinators,
  'POST /api/v1/preparations/[id]/versions': coordinators,
  'GET /api/v1/preparations/[id]/file': staff,
  'GET /api/v1/preparations/[id]/table': staff,
  'POST /api/v1/prints': staff,
  // Whoever asked for a print, and nobody else; the file of one that was cancelled is not there.
  'GET /api/v1/prints/[id]': { open: [coordinator], absent: [insider, outsider] },
  'GET /api/v1/prints/[id]/file': { open: [], absent: [coordinator, insider, outsider] },
  'DELETE /api/v1/prints/[id]': { open: [coordinator], absent: [insider, outsider] },
  'GET /api/v1/structures': signedIn,
  'PUT /api/v1/preparations/[id]/course': coordinators,
  'PUT /api/v1/preparations/[id]/shelf': coordinators,
  'PUT /api/v1/preparations/[id]/proposals': coordinators,
  'POST /api/v1/preparations/[id]/copies': coordinators,
  'POST /api/v1/handouts': coordinators,
  'GET /api/v1/blocks': coordinators,
  'POST /api/v1/blocks': coordinators,
  'DELETE /api/v1/blocks/[id]': coordinators,
  'GET /api/v1/models': staff,
  'GET /api/v1/reference': staff,
  'POST /api/v1/reference': staff,
  'GET /api/v1/reference/[id]': staff,
  'DELETE /api/v1/reference/[id]': coordinators,
  'POST /api/v1/reference/[id]/confirmations': coordinators,
  'GET /api/v1/reference/confirmations': staff,
  'GET /api/v1/reference/file': staff,
  'POST /api/v1/reference/structures': staff,
  'POST /api/v1/courses': coordinators,
  'PUT /api/v1/courses/[id]': coordinators,
};

function routesOfTree(): readonly string[] {
  const files = readdirSync('src/app', { recursive: true, encoding: 'utf8' });
  return files.flatMap((file) => {
    const path = `/${file.split('/').slice(0, -1).join('/')}`;
    if (file.endsWith('page.tsx')) return [`PAGE ${path}`];
    if (!file.endsWith('route.ts')) return [];
    const code = readFileSync(`src/app/${file}`, 'utf8');
    return [...code.matchAll(/export const (GET|POST|PUT|PATCH|DELETE)\b/g)].map(([, method]) => `${method} ${path}`);
  });
}

test('every route of the tree is promised, and nothing is promised that is not there', () => {
  expect([...routesOfTree()].sort()).toEqual(Object.keys(promised).sort());
});

/** Things that the routes with an id name, all of the test's own, and how each visitor signs in. */
interface Ids {
  readonly preparation: string;
  readonly class: string;
  readonly log: string;
  readonly bench: string;
  readonly course: string;
  readonly file: string;
  readonly block: string;
  readonly print: string;
  readonly enter: Readonly<Record<Visitor, object | undefined>>;
}

async function idsOf(owner: APIRequestContext): Promise<Ids> {
  // Of their own, as is their share: what these tests ask for in plenty takes nothing from others.
  const coordinating = await newStaff('coordinator');
  const preparation = await storePreparation(owner, acetanilideText(), coordinating);
  const inside = await demonstrators(owner);
  const benches = [
    { name: 'Ruff', members: [] },
    { name: 'Knot', members: [] },
  ];
  const issue = async (name: string, staff: readonly string[]) => {
    const data = { name, preparationId: preparation, staff, benches };
    return (await (await owner.post('/api/v1/classes', { data })).json()) as Issued;
  };
  const [mine, other] = [await issue('Permissions', inside), await issue('Another', [])];
  const board = (await (await owner.get(`/api/v1/classes/${mine.id}/board`)).json()) as {
    lanes: { id: string; log: string }[];
  };
  const [lane] = board.lanes;
  const name = `Permissions ${preparation}`;
  const course = (await (await owner.post('/api/v1/courses', { data: { name } })).json()) as { id: string };
  const [file, bytes] = [ulid(), Buffer.from('x')];
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  await owner.post(`/api/v1/logs/${lane?.log}/files`, { data: { id: file, name: 'a.txt', bytes: 1, sha256 } });
  expect((await owner.put(`/api/v1/files/${file}?first=0`, { data: bytes })).status()).toBe(200);
  const block = (await (await owner.post('/api/v1/blocks', { data: acetanilideText() })).json()) as { id: string };
  const asked = await owner.post('/api/v1/prints', {
    data: { sheet: 'student', of: { kind: 'preparation', id: preparation } },
  });
  const print = (await asked.json()) as { id: string };
  expect((await owner.delete(`/api/v1/prints/${print.id}`)).status()).toBe(204);
  const at = ({ joinCode, benches: [first, second] }: Issued, i: number) => {
    const bench = i === 0 ? first : second;
    return { as: 'group', joinCode, bench: bench?.name, pin: bench?.pin };
  };
  return {
    preparation,
    class: mine.id,
    log: lane?.log ?? '',
    bench: lane?.id ?? '',
    course: course.id,
    file,
    block: block.id,
    print: print.id,
    enter: {
      anonymous: undefined,
      coordinator: coordinating,
      'demonstrator of the class': { as: 'demo', role: 'demonstrator' },
      'demonstrator of another class': await newStaff('demonstrator'),
      'the bench itself': at(mine, 0),
      'another bench of the class': at(mine, 1),
      'a bench of another class': at(other, 0),
    },
  };
}

/** A route's path with ids of the test's own in it. */
function urlOf(path: string, ids: Ids): string {
  const named = {
    '/logs/': ids.log,
    '/classes/': ids.class,
    '/courses/': ids.course,
    '/reference/': 'toluene',
    '/files/': ids.file,
    '/blocks/': ids.block,
    '/prints/': ids.print,
  };
  const id = Object.entries(named).find(([part]) => path.includes(part))?.[1] ?? ids.preparation;
  return path
    .replace('[id]', id)
    .replace('[bench]', ids.bench)
    .replace('[code]', 'SHORE7')
    .replace('[token]', 'x')
    .replace('[ticket]', 'x')
    .replace('[sheet]', 'student');
}

async function visit(context: APIRequestContext, route: string, ids: Ids): Promise<number> {
  const [method = '', path = ''] = route.split(' ');
  // Queries with which what gets past the door is refused there: a version that is no number, heads that are none.
  const query = path.endsWith('feed')
    ? '?after=x'
    : path.endsWith('structures')
      ? '?smiles=CCO'
      : method === 'DELETE'
        ? '?base=x'
        : '';
  const answer = await context.fetch(urlOf(path, ids) + query, {
    method: method === 'PAGE' ? 'GET' : method,
    maxRedirects: 0,
    headers: { 'Mozle-Ask': 'page' },
    ...(method === 'POST' || method === 'PUT' ? { data: '{' } : {}),
  });
  return answer.status();
}

for (const visitor of visitors) {
  test(`${visitor}: each route answers as promised`, async ({ baseURL }) => {
    const fresh = () => requests.newContext({ baseURL: baseURL ?? '' });
    const owner = await fresh();
    const ids = await idsOf(owner);
    const enter = ids.enter[visitor];
    let context = await fresh();
    if (enter) expect((await context.post('/api/v1/session', { data: enter })).status()).toBe(200);
    for (const [route, { open, absent = [] }] of Object.entries(promised)) {
      const status = await visit(context, route, ids);
      // What ends the visitor's own session: the next route is visited with a new one.
      if (/^DELETE .*session$|\/pin$/.test(route) && open.includes(visitor)) {
        await context.dispose();
        context = await fresh();
        if (enter) expect((await context.post('/api/v1/session', { data: enter })).status()).toBe(200);
      }
      const isPage = route.startsWith('PAGE');
      // A page sends strangers to sign in and answers 403 to the wrong role; an api answers 401 and 403. What is hidden is not
      // there. A broken body that gets past the door is refused as such, and "/" only leads on.
      const refused = visitor === 'anonymous' ? (isPage ? 307 : 401) : 403;
      // A link that leads nowhere and an unknown code say so to everybody.
      const admitted = [200, 201, 204, 307, 400, 422];
      if (absent.includes(visitor)) expect([route, status]).toEqual([route, 404]);
      else if (!open.includes(visitor)) expect([route, status]).toEqual([route, refused]);
      else expect([route, status, admitted.includes(status)]).toEqual([route, status, true]);
    }
    await context.dispose();
    await owner.dispose();
  });
}

test('a closed record takes nothing new from anybody, and what a class holds is no longer there for who is taken off it', async ({
  baseURL,
}) => {
  const fresh = () => requests.newContext({ baseURL: baseURL ?? '' });
  const owner = await fresh();
  const ids = await idsOf(owner);
  const board = (await (await owner.get(`/api/v1/classes/${ids.class}/board`)).json()) as { own: { log: string } };
  const draft = (to: string, body: object) => {
    const at = new Date().toISOString();
    return { id: ulid(), v: 1, log: to, body, at, deviceAt: at, device: 'test', saw: 0 };
  };
  const probe = async (context: APIRequestContext) => [
    (await context.get(`/api/v1/logs/${ids.log}/entries`)).status(),
    (
      await context.post(`/api/v1/logs/${ids.log}/entries`, { data: draft(ids.log, { k: 'words', text: 'x' }) })
    ).status(),
    (await context.get(`/api/v1/classes/${ids.class}/feed?after=x`)).status(),
  ];
  const enter = async (visitor: Visitor) => {
    const context = await fresh();
    expect((await context.post('/api/v1/session', { data: ids.enter[visitor] })).status()).toBe(200);
    return context;
  };
  const [bench, inside] = [await enter('the bench itself'), await enter('demonstrator of the class')];
  for (const context of [bench, inside]) expect(await probe(context)).toEqual([200, 201, 400]);
  const close = { data: draft(board.own.log, { k: 'period', to: 'closed' }) };
  expect((await owner.post(`/api/v1/logs/${board.own.log}/entries`, close)).status()).toBe(201);
  expect(await probe(inside)).toEqual([200, 422, 400]);
  expect(await probe(await enter('the bench itself'))).toEqual([200, 422, 400]);
  const nobody = { data: { staff: [] } };
  expect((await owner.put(`/api/v1/classes/${ids.class}/staff`, nobody)).status()).toBe(200);
  expect(await probe(inside)).toEqual([404, 404, 404]);
  expect(await (await inside.get('/classes')).text()).not.toContain(ids.class);
});

test('a write from another site is refused although the cookie comes along', async ({ request }) => {
  await request.post('/api/v1/session', { data: { as: 'demo', role: 'coordinator' } });
  const answer = await request.post('/api/v1/preparations', {
    data: acetanilideText(),
    headers: { Origin: 'http://elsewhere.example' },
  });
  expect(answer.status()).toBe(403);
});

test('signing out ends the session at the server, not only the cookie', async ({ baseURL }) => {
  const context = await requests.newContext({ baseURL: baseURL ?? '' });
  await context.post('/api/v1/session', { data: { as: 'demo', role: 'coordinator' } });
  const state = await context.storageState();
  await context.delete('/api/v1/session');
  const thief = await requests.newContext({ baseURL: baseURL ?? '', storageState: state });
  expect((await thief.get('/api/v1/preparations')).status()).toBe(401);
});

test('malformed requests are refused in words, never with a server error', async ({ request }) => {
  await request.post('/api/v1/session', { data: { as: 'demo', role: 'coordinator' } });
  const bodies = [
    '',
    '[]',
    'null',
    '{"as":"staff"}',
    '{"as":{"$ne":1}}',
    '{"base":"1","document":{}}',
    '\u0000',
    '{"as":"group","joinCode":"SHORE7","bench":"Nobody","pin":"1"}',
  ];
  for (const url of ['/api/v1/session', '/api/v1/preparations', '/api/v1/preparations/x/versions']) {
    for (const data of bodies) {
      const answer = await request.post(url, {
        data: Buffer.from(data),
        headers: { 'Content-Type': 'application/json' },
      });
      expect([url, data, answer.status() >= 400 && answer.status() < 500]).toEqual([url, data, true]);
      expect(((await answer.json()) as { error: { message: string } }).error.message.length).toBeGreaterThan(5);
    }
  }
  const large = await request.post('/api/v1/preparations', { data: Buffer.alloc(10_000_000, 'x') });
  expect(large.status()).toBe(413);
});

test('whatever is sent to whatever route, the answer is a refusal in words and never a server error', async ({
  request,
}) => {
  const ids = await idsOf(request);
  const nasty = [
    ...['', 'null', '[]', '3', '"x"', '{"a":', '{"__proto__":{}}', '[[[[[[]]]]]]', '\u0000', '{"k":{}}'],
    '{"base":null,"document":null,"entry":null,"settings":null,"kind":null,"name":null,"benches":null}',
    '{"base":1,"document":"{}","entry":{"names":[null]},"settings":{"devices":[null]},"kind":"substance","fresh":true,"name":"x"}',
    '{"id":1,"v":1,"log":null,"body":{"k":"reading","place":null,"digits":3},"at":0}',
    '{"section":"x","benches":[null]}',
    '{"name":"<script>alert(1)</script>","section":"x","preparationId":"x","benches":[{"name":"a","members":[null]}]}',
    '{"field":"hazards","content":null,"holds":"x","course":{}}',
  ];
  const routes = Object.keys(promised).filter((route) => /^(POST|PUT) /.test(route) && !route.endsWith('/pin'));
  for (const route of routes) {
    for (const data of nasty) {
      const [method = '', path = ''] = route.split(' ');
      const answer = await request.fetch(urlOf(path, ids), {
        method,
        data: Buffer.from(data),
        headers: { 'Content-Type': 'application/json' },
      });
      const { error } = (await answer.json()) as { error?: { code: string } };
      expect([route, data, answer.status(), error?.code]).toEqual([
        route,
        data,
        answer.status() < 500 ? answer.status() : 'no server error',
        answer.status() < 400 ? undefined : (error?.code ?? 'a code'),
      ]);
    }
  }
});

test('health names the state of the database', async ({ request }) => {
  expect(await (await request.get('/api/health')).json()).toEqual({
    status: 'ok',
    database: 'ok',
    database_ms: expect.any(Number) as unknown as number,
    thread_ms: expect.any(Number) as unknown as number,
    space: 'ok',
  });
});
