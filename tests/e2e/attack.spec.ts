import { createHash, randomBytes } from 'node:crypto';
import { request as plainRequest } from 'node:http';
import { expect, request as requests } from '@playwright/test';
import mariadb from 'mariadb';
import { ulid } from 'ulid';
import { acetanilideText } from '../support/preparations';
import { crowdedPdf, plainPdf } from '../support/plainPdf';
import { newStaff } from './accounts';
import { enterAs, test } from './support';
import { first, makeClass, staffPage, tablet } from './bench';
import { zip } from '../support/zip';
import type { APIResponse } from '@playwright/test';

// Over the wire what tests/service/attack.test.ts and locked.test.ts show inside: 45 s in all.

interface Answer {
  readonly status: number;
  readonly headers: Readonly<Record<string, unknown>>;
}

/** A request as no browser would send it. */
function raw(method: string, path: string, headers: Record<string, string> = {}): Promise<Answer> {
  const { hostname, port } = new URL(first());
  return new Promise((resolve, reject) => {
    const sent = plainRequest({ hostname, port, path, method, headers }, (answer) => {
      answer.resume();
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers }));
    });
    sent.on('error', reject);
    sent.end(method === 'POST' ? '{}' : undefined);
  });
}

test('the front door: odd methods, hosts and addresses are turned away, and every answer carries its policies', async () => {
  expect((await raw('TRACE', '/sign-in')).status).toBe(405);
  expect((await raw('PATCH', '/api/v1/session')).status).toBe(405);
  expect((await raw('GET', '/sign-in', { host: 'elsewhere.example' })).status).toBe(421);
  expect((await raw('GET', '/%ff')).status).toBe(400);
  for (const path of ['/classes/%C3%A9', '/api/v1/classes/%C3%A9/board', '/api/v1/logs/%F0%9F%90%A6/entries'])
    expect([path, (await raw('GET', path)).status < 500]).toEqual([path, true]);
  const nonces = new Set<string>();
  for (let i = 0; i < 2; i += 1) {
    const { headers } = await raw('GET', '/sign-in');
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'DENY',
      'permissions-policy': expect.stringContaining('camera=()') as unknown,
      'cache-control': expect.stringContaining('no-store') as unknown,
    });
    const policy = String(headers['content-security-policy']);
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    nonces.add(/'nonce-([^']+)'/.exec(policy)?.[1] ?? '');
  }
  expect(nonces.size).toBe(2);
});

test('a write says that it comes from our own pages, or is refused', async () => {
  const post = async (headers: Record<string, string>) => (await raw('POST', '/api/v1/session', headers)).status;
  expect(await post({})).toBe(403);
  expect(await post({ 'sec-fetch-site': 'cross-site' })).toBe(403);
  expect(await post({ 'sec-fetch-site': 'none' })).toBe(403);
  expect(await post({ origin: 'null' })).toBe(403);
  expect(await post({ origin: 'http://elsewhere.example', 'sec-fetch-site': 'same-origin' })).toBe(403);
  expect(await post({ 'sec-fetch-site': 'same-origin' })).toBe(400);
  expect(await post({ origin: first() })).toBe(400);
});

test('strangers who guess a PIN in twelve spellings lock out strangers; the tablet of the bench signs in all the same', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await tablet(browser, issued, first());
  const [{ name = '', pin = '' } = {}] = issued.benches;
  const spellings = [
    'Ruff',
    'ruff',
    'RUFF',
    'Rüff',
    'Ruff ',
    ' Ruff',
    'rúff',
    'RUFF  ',
    'Rùff',
    'rûff',
    'Ruff\t',
    'R uff',
  ];
  const stranger = await requests.newContext({ baseURL: first() });
  const credentials = (spelling: string, guess: string) => ({
    data: { as: 'group', joinCode: issued.joinCode, bench: spelling, pin: guess },
  });
  const seen: number[] = [];
  for (let n = 0; n < 48; n += 1)
    seen.push((await stranger.post('/api/v1/session', credentials(spellings[n % 12] ?? '', `${n}`))).status());
  expect(seen.filter((status) => status !== 429).length).toBeLessThanOrEqual(8);
  expect((await stranger.post('/api/v1/session', credentials(name, pin))).status()).toBe(429);
  await bench.request.delete('/api/v1/session');
  expect((await bench.request.post('/api/v1/session', credentials(name, pin))).status()).toBe(200);
  await stranger.dispose();
});

test('a new sign-in ends the one before it; what a tablet keeps of a record goes with the PIN', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await tablet(browser, issued, first());
  await expect(bench.locator('.bench-sentence')).toBeVisible();
  const old = await bench.context().storageState();
  const [{ name = '', pin = '' } = {}] = issued.benches;
  const again = { as: 'group', joinCode: issued.joinCode, bench: name, pin };
  await bench.request.post('/api/v1/session', { data: again });
  const thief = await requests.newContext({ baseURL: first(), storageState: old });
  expect((await thief.get('/bench', { maxRedirects: 0 })).status()).toBe(307);
  await thief.dispose();
  // An entry that is stored is mirrored for opening without a network.
  await bench.reload();
  await bench.getByLabel(/^Reading, /).fill('24.31');
  await bench.getByLabel(/^Reading, /).press('Enter');
  const mirrored = () =>
    bench.evaluate(
      () =>
        new Promise<number>((resolve) => {
          const opening = indexedDB.open('mozle');
          opening.onsuccess = () => {
            const count = opening.result.transaction('mirror').objectStore('mirror').count();
            count.onsuccess = () => resolve(count.result);
          };
        }),
    );
  await expect.poll(mirrored).toBeGreaterThan(0);
  const staff = await staffPage(browser, first(), 'coordinator');
  const { benches } = (await (await staff.request.get(`/api/v1/classes/${issued.id}/roster`)).json()) as {
    benches: { id: string }[];
  };
  await staff.request.post(`/api/v1/classes/${issued.id}/benches/${benches[0]?.id}/pin`);
  // The tablet asks of itself within some seconds; here it is told that it is time.
  await bench.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(bench.getByText(/[Ss]igned out/).first()).toBeVisible();
  await expect.poll(mirrored).toBe(0);
  expect(await bench.evaluate(async () => (await caches.open('mozle-pages')).keys().then(({ length }) => length))).toBe(
    0,
  );
});

test('a coordinator says who belongs to a class, and for a demonstrator taken off it is not there', async ({
  browser,
  page,
}) => {
  await enterAs(page, 'coordinator');
  const issued = await makeClass(page.request, acetanilideText());
  const demonstrator = await staffPage(browser, first(), 'demonstrator');
  await demonstrator.goto(`/classes/${issued.id}`);
  await expect(demonstrator.getByText('join code')).toBeVisible();
  await page.goto(`/classes/${issued.id}/roster`);
  const box = page
    .getByRole('group', { name: 'Demonstrators of this class' })
    .getByLabel('demonstrator', { exact: true });
  await expect(box).toBeChecked();
  await box.uncheck();
  await expect(box).not.toBeChecked();
  await expect
    .poll(async () => (await demonstrator.request.get(`/api/v1/classes/${issued.id}/board`)).status())
    .toBe(404);
  await demonstrator.goto(`/classes/${issued.id}`);
  await expect(demonstrator.getByText('Nothing stands here')).toBeVisible();
});

test('a one-time link leads to the first password, and the own password is changed on screen', async ({ page }) => {
  const [id, name, token] = [ulid(), `R. Heron ${ulid().slice(-6)}`, randomBytes(24).toString('base64url')];
  const connection = await mariadb.createConnection(process.env['DATABASE_URL'] ?? '');
  await connection.query("INSERT INTO users (id, name, role, password_hash) VALUES (?, ?, 'demonstrator', '')", [
    id,
    name,
  ]);
  await connection.query('INSERT INTO user_links (token_hash, user_id, expires_at) VALUES (?, ?, ?)', [
    createHash('sha256').update(token).digest('hex'),
    id,
    new Date(Date.now() + 600_000),
  ]);
  await connection.end();
  const choose = async (password: string, button: string) => {
    await page.getByLabel('New password').fill(password);
    await page.getByLabel('The same again').fill(password);
    await page.getByRole('button', { name: button }).click();
  };
  await page.goto(`/welcome/${token}`);
  await page.getByLabel('New password').fill('short');
  await expect(page.getByText('A password has at least 10 characters.')).toBeVisible();
  await choose('reeds along the weir', 'Set it and sign in');
  await expect(page).toHaveURL(/\/preparations$/);
  await page.getByRole('link', { name }).click();
  await page.getByLabel('Present password').fill('not this one');
  await choose('herons in the evening', 'Change it');
  await expect(page.getByText('The present password is wrong.')).toBeVisible();
  await page.getByLabel('Present password').fill('reeds along the weir');
  await page.getByRole('button', { name: 'Change it' }).click();
  await expect(page.getByText(/^Changed\. Every other device/)).toBeVisible();
  await page.goto(`/welcome/${token}`);
  await expect(page.getByRole('heading', { name: 'This link leads nowhere' })).toBeVisible();
});

test('handouts that would keep a reader busy are refused in words, and nobody waits for them', async ({ request }) => {
  await request.post('/api/v1/session', { data: { as: 'demo', role: 'coordinator' } });
  const read = async (data: Buffer) => {
    const answer = await request.post('/api/v1/handouts', { data });
    const { error } = (await answer.json()) as { error?: { message: string } };
    return [answer.status(), error?.message.slice(0, 40)];
  };
  const pages = (count: number) => plainPdf(Array.from({ length: count }, (_, i) => [`Weigh ${i + 1} g of benzoin.`]));
  const bomb = Buffer.from(zip([['word/document.xml', ' '.repeat(50_000_000)]]));
  await request.get('/api/health');
  expect(await read(pages(60))).toEqual([200, undefined]);
  expect(await read(pages(61))).toEqual([422, 'The PDF has 61 pages; 60 are the most. B']);
  expect(await read(crowdedPdf(45_000))).toEqual([422, 'The PDF holds more pieces of text than a']);
  expect(await read(bomb)).toEqual([422, 'The Word document is larger than a hando']);
  const { thread_ms } = (await (await request.get('/api/health')).json()) as { thread_ms: number };
  expect(thread_ms).toBeLessThan(1000);
});

test('four sessions of one person have one share; a page that is beyond it says so, and answers 503', async () => {
  const data = await newStaff('demonstrator');
  const sessions = await Promise.all(
    Array.from({ length: 4 }, async () => {
      const session = await requests.newContext({ baseURL: first() });
      expect((await session.post('/api/v1/session', { data })).status()).toBe(200);
      return session;
    }),
  );
  // What costs most, and is not there: nothing but the share is used.
  const ask = async (i: number) => (await sessions[i % 4]?.get('/api/v1/classes/none/record'))?.status();
  const answers = await Promise.all(Array.from({ length: 48 }, (_, i) => ask(i)));
  expect(new Set(answers)).toEqual(new Set([404, 429]));
  // On a slow server what comes back meanwhile is enough for some pages: as many are asked for as are never.
  let refused: APIResponse | undefined;
  for (let tries = 0; tries < 10 && !refused; tries += 1) {
    const opened = await Promise.all([
      ...Array.from({ length: 24 }, (_, i) => sessions[i % 4]?.get('/account')),
      ...Array.from({ length: 24 }, (_, i) => sessions[i % 4]?.get('/api/v1/structures?smiles=')),
    ]);
    refused = opened.slice(0, 24).find((one) => one?.status() !== 200);
  }
  expect(refused?.status()).toBe(503);
  expect(await refused?.text()).toContain('expected tooManyRequests');
  for (const session of sessions) await session.dispose();
});

test('pictures of a foreign page use no door up, and a file comes under its own policy', async ({ browser }) => {
  const context = await browser.newContext({ baseURL: first() });
  const issued = await makeClass(context.request, acetanilideText());
  // What an image tag of another page sends: no header of ours.
  for (const path of ['/api/v1/doors/NOSUCH', `/api/v1/doors/${issued.joinCode}`])
    for (let i = 0; i < 20; i += 1)
      expect((await raw('GET', path, { 'sec-fetch-site': 'cross-site' })).status).toBe(403);
  for (let i = 0; i < 40; i += 1) await raw('GET', `/sign-in?code=WRONG${i % 10}`);
  // More than thirty wrong codes would have closed the door of this address.
  const page = await browser.newPage({ baseURL: first() });
  await page.goto(`/sign-in?code=${issued.joinCode}&bench=Ruff`);
  await expect(page.getByRole('button', { name: 'Start at Ruff' })).toBeVisible();
  await page.close();

  const board = (await (await context.request.get(`/api/v1/classes/${issued.id}/board`)).json()) as {
    lanes: readonly { log: string }[];
  };
  const bytes = Buffer.from('%PDF-1.4 a file');
  const id = ulid();
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  const upload = { id, name: 'a.pdf', bytes: bytes.byteLength, sha256 };
  await context.request.post(`/api/v1/logs/${board.lanes[0]?.log ?? ''}/files`, { data: upload });
  await context.request.put(`/api/v1/files/${id}?first=0`, { data: bytes });
  const file = await context.request.get(`/api/v1/files/${id}`);
  expect(file.status()).toBe(200);
  expect(file.headersArray().filter((one) => one.name.toLowerCase() === 'content-security-policy')).toEqual([
    expect.objectContaining({ value: "default-src 'none'; sandbox" }),
  ]);
  await context.close();
});

test('a tablet that is turned away is let in by a demonstrator’s one tap', async ({ browser }) => {
  const board = await staffPage(browser, first(), 'coordinator');
  const issued = await makeClass(board.context().request, acetanilideText());
  const stranger = await requests.newContext({ baseURL: first() });
  for (let i = 0; i < 9; i += 1)
    await stranger.post('/api/v1/session', {
      data: { as: 'group', joinCode: issued.joinCode, bench: 'Ruff', pin: `00000${i}` },
    });
  await stranger.dispose();
  const tabletPage = await browser.newPage({ baseURL: first(), viewport: { width: 820, height: 1180 } });
  await tabletPage.goto(`/sign-in?code=${issued.joinCode}&bench=Ruff`);
  await tabletPage.getByLabel('PIN of the bench').fill(issued.benches[0]?.pin ?? '');
  await tabletPage.getByRole('button', { name: 'Start at Ruff' }).click();
  await expect(tabletPage.getByText('the demonstrator can let this tablet in')).toBeVisible();
  await board.goto(`/classes/${issued.id}`);
  await board.getByRole('button', { name: /^Ruff/ }).click();
  await board.getByRole('button', { name: 'Let a new tablet in' }).click();
  const code = (await board.locator('.admission strong').innerText()).trim();
  await tabletPage.getByRole('button', { name: 'I have a code from the demonstrator' }).click();
  await tabletPage.getByLabel('Code from the demonstrator').fill(code.toLowerCase());
  await tabletPage.getByRole('button', { name: 'Start at Ruff' }).click();
  await expect(tabletPage).toHaveURL(/\/bench$/);
  await tabletPage.close();
  await board.context().close();
});
