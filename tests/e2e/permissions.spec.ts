import { readdirSync, readFileSync } from 'node:fs';
import { expect, request as requests, test } from '@playwright/test';
import { acetanilideText } from '../support/preparations';
import { demonstrators, fromHere, storePreparation } from './support';
import { ulid } from 'ulid';
import type { APIRequestContext } from '@playwright/test';

type Visitor = 'anonymous' | 'coordinator' | 'demonstrator' | 'group';
const visitors: readonly Visitor[] = ['anonymous', 'coordinator', 'demonstrator', 'group'];
const everyone = visitors;
const staff: readonly Visitor[] = ['coordinator', 'demonstrator'];

// Written down here a second time, on purpose: this is the promise, the server's table is how it is kept.
const promised: Readonly<Record<string, readonly Visitor[]>> = {
  'PAGE /': everyone,
  'PAGE /sign-in': everyone,
  'PAGE /preparations': staff,
  'PAGE /preparations/[id]': staff,
  'PAGE /preparations/[id]/hazards': staff,
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
  'GET /api/v1/doors/[code]': everyone,
  'POST /api/v1/classes': ['coordinator'],
  'GET /api/v1/classes/[id]/board': staff,
  'GET /api/v1/classes/[id]/results': staff,
  'GET /api/v1/classes/[id]/feed': ['coordinator', 'demonstrator', 'group'],
  'GET /api/v1/classes/[id]/record': staff,
  'GET /api/v1/classes/[id]/roster': staff,
  'PUT /api/v1/classes/[id]/roster': staff,
  'POST /api/v1/classes/[id]/benches/[bench]/pin': staff,
  'POST /api/v1/logs/[id]/files': ['coordinator', 'demonstrator', 'group'],
  'GET /api/v1/files/[id]': ['coordinator', 'demonstrator', 'group'],
  'PUT /api/v1/files/[id]': ['coordinator', 'demonstrator', 'group'],
  'GET /api/v1/logs/[id]/entries': ['coordinator', 'demonstrator', 'group'],
  'POST /api/v1/logs/[id]/entries': ['coordinator', 'demonstrator', 'group'],
  'GET /api/v1/preparations': staff,
  'POST /api/v1/preparations': ['coordinator'],
  'POST /api/v1/preparations/[id]/versions': ['coordinator'],
  'GET /api/v1/preparations/[id]/file': staff,
  'GET /api/v1/structures': ['coordinator', 'demonstrator', 'group'],
  'PUT /api/v1/preparations/[id]/course': ['coordinator'],
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

/** Things that the routes with an id name, all of the test's own. */
interface Ids {
  readonly preparation: string;
  readonly class: string;
  readonly log: string;
  readonly bench: string;
  readonly course: string;
}

async function idsOf(owner: APIRequestContext): Promise<Ids> {
  const preparation = await storePreparation(owner, acetanilideText());
  const staff = await demonstrators(owner);
  const data = { name: 'Permissions', preparationId: preparation, staff, benches: [{ name: 'Ruff', members: [] }] };
  const made = (await (await owner.post('/api/v1/classes', { data })).json()) as { id: string };
  const board = (await (await owner.get(`/api/v1/classes/${made.id}/board`)).json()) as {
    lanes: { id: string; log: string }[];
  };
  const [lane] = board.lanes;
  const name = `Permissions ${preparation}`;
  const course = (await (await owner.post('/api/v1/courses', { data: { name } })).json()) as { id: string };
  return { preparation, class: made.id, log: lane?.log ?? '', bench: lane?.id ?? '', course: course.id };
}

/** A route's path with ids of the test's own in it. */
function urlOf(path: string, ids: Ids): string {
  const named = { '/logs/': ids.log, '/classes/': ids.class, '/courses/': ids.course, '/reference/': 'toluene' };
  const id = Object.entries(named).find(([part]) => path.includes(part))?.[1] ?? ids.preparation;
  return path.replace('[id]', id).replace('[bench]', ids.bench).replace('[code]', 'SHORE7');
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
    ...(method === 'POST' || method === 'PUT' ? { data: '{' } : {}),
  });
  return answer.status();
}

for (const visitor of visitors) {
  test(`${visitor}: each route answers as promised`, async ({ baseURL }) => {
    const context = await requests.newContext({ baseURL: baseURL ?? '', extraHTTPHeaders: fromHere });
    const owner = await requests.newContext({ baseURL: baseURL ?? '', extraHTTPHeaders: fromHere });
    const ids = await idsOf(owner);
    for (const [route, who] of Object.entries(promised)) {
      if (visitor !== 'anonymous') await context.post('/api/v1/session', { data: { as: 'demo', role: visitor } });
      const status = await visit(context, route, ids);
      const isPage = route.startsWith('PAGE');
      // A page sends strangers to sign in and answers 403 to the wrong role; an api answers 401 and 403. A broken body
      // that gets past the door is refused as such, "/" only leads on, and another bench's record is not there.
      const refused = visitor === 'anonymous' ? (isPage ? 307 : 401) : 403;
      const absent = route.includes('/files/') || (visitor === 'group' && route.includes('/logs/'));
      const admitted = absent ? [400, 404] : [200, 204, 307, 400, 422];
      if (!who.includes(visitor)) expect([route, status]).toEqual([route, refused]);
      else expect([route, status, admitted.includes(status)]).toEqual([route, status, true]);
    }
    await context.dispose();
    await owner.dispose();
  });
}

test('a record is open to its own bench and to staff; to everybody else it is not there, and closed it takes nothing new', async ({
  baseURL,
}) => {
  const owner = await requests.newContext({ baseURL: baseURL ?? '', extraHTTPHeaders: fromHere });
  const issue = async (name: string) => {
    const benches = [
      { name: 'Ruff', members: [] },
      { name: 'Knot', members: [] },
    ];
    const preparationId = await storePreparation(owner, acetanilideText());
    const made = await owner.post('/api/v1/classes', {
      data: { name, preparationId, benches, staff: await demonstrators(owner) },
    });
    return (await made.json()) as { id: string; joinCode: string; benches: { name: string; pin: string }[] };
  };
  const [mine, other] = [await issue('Mine'), await issue('Other')];
  const board = (await (await owner.get(`/api/v1/classes/${mine.id}/board`)).json()) as {
    own: { log: string };
    lanes: { log: string }[];
  };
  const log = board.lanes[0]?.log ?? '';
  const enter = async (data: object | undefined) => {
    const context = await requests.newContext({ baseURL: baseURL ?? '', extraHTTPHeaders: fromHere });
    if (data) expect((await context.post('/api/v1/session', { data })).status()).toBe(200);
    return context;
  };
  const bench = ({ joinCode, benches }: typeof mine, i: number) => ({
    as: 'group',
    joinCode,
    bench: benches[i]?.name,
    pin: benches[i]?.pin,
  });
  const draft = (to: string, body: object) => {
    const at = new Date().toISOString();
    return { id: ulid(), v: 1, log: to, body, at, deviceAt: at, device: 'test', saw: 0 };
  };
  const file = () => ({ id: ulid(), name: 'a.txt', bytes: 1, sha256: 'a'.repeat(64) });
  const probe = async (context: APIRequestContext) => [
    (await context.get(`/api/v1/logs/${log}/entries`)).status(),
    (await context.post(`/api/v1/logs/${log}/entries`, { data: draft(log, { k: 'words', text: 'x' }) })).status(),
    (await context.post(`/api/v1/logs/${log}/files`, { data: file() })).status(),
  ];
  const absent = [404, 404, 404];
  const visits: readonly [string, object | undefined, readonly number[], readonly number[]][] = [
    ['own bench', bench(mine, 0), [200, 201, 200], [200, 422, 200]],
    ['other bench', bench(mine, 1), absent, absent],
    ['other class', bench(other, 0), absent, absent],
    ['demonstrator', { as: 'demo', role: 'demonstrator' }, [200, 201, 200], [200, 422, 200]],
    ['anonymous', undefined, [401, 401, 401], [401, 401, 401]],
  ];
  const close = { data: draft(board.own.log, { k: 'period', to: 'closed' }) };
  for (const [who, as, open] of visits) expect([who, await probe(await enter(as))]).toEqual([who, open]);
  expect((await owner.post(`/api/v1/logs/${board.own.log}/entries`, close)).status()).toBe(201);
  for (const [who, as, , closed] of visits) expect([who, await probe(await enter(as))]).toEqual([who, closed]);
  // Another class is not to be followed either; the own one only as a whole stream, which is not waited for here.
  const stranger = await enter(bench(other, 0));
  expect((await stranger.get(`/api/v1/classes/${mine.id}/feed`)).status()).toBe(404);
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
  const context = await requests.newContext({ baseURL: baseURL ?? '', extraHTTPHeaders: fromHere });
  await context.post('/api/v1/session', { data: { as: 'demo', role: 'coordinator' } });
  const state = await context.storageState();
  await context.delete('/api/v1/session');
  const thief = await requests.newContext({ baseURL: baseURL ?? '', extraHTTPHeaders: fromHere, storageState: state });
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
    space: 'ok',
  });
});
