import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { test } from './support';
import { isBareImage } from '@/core/record/bareImage';
import { acetanilideText } from '../support/preparations';
import { first, makeChecks, makeClass, openStep, press, read, second, sentence, staffPage, tablet } from './bench';
import { setBack } from './setBack';
import type { APIRequestContext, Browser, Page } from '@playwright/test';
import type { Issued } from './bench';

const tape = (page: Page) => page.getByRole('region', { name: 'Record' });
const allStored = (page: Page) => expect(page.getByText(/on this tablet only/)).toHaveCount(0);

/** A tablet with a weighing that the server does not have. */
async function withUnsent(browser: Browser, issued: Issued): Promise<Page> {
  const bench = await tablet(browser, issued, first(), { cut: true });
  await bench.route('**/api/v1/logs/**', (route) => route.abort());
  await read(bench, '24.10');
  await expect(bench.getByText('1 on this tablet only')).toBeVisible();
  return bench;
}

/** What the server holds of a class, by bench: the bodies of its entries in order, with their times. */
async function recordOf(request: APIRequestContext, { id }: Issued) {
  const file = (await (await request.get(`/api/v1/classes/${id}/record`)).json()) as {
    logs: {
      bench?: string;
      log: string;
      entries: {
        id: string;
        log: string;
        at: string;
        deviceAt: string;
        body: { k: string; digits?: string; file?: string };
      }[];
    }[];
  };
  return (bench: string) => file.logs.find((one) => one.bench === bench)?.entries ?? [];
}

/** The roster page's answer to a new PIN. */
async function newPin(request: APIRequestContext, { id }: Issued, bench: string): Promise<string> {
  const roster = (await (await request.get(`/api/v1/classes/${id}/roster`)).json()) as {
    benches: { id: string; name: string }[];
  };
  const found = roster.benches.find(({ name }) => name === bench);
  const answer = await request.post(`/api/v1/classes/${id}/benches/${found?.id}/pin`);
  return ((await answer.json()) as { pin: string }).pin;
}

test('aeroplane mode in the middle of a weighing, a clock seven minutes ahead, a reload, ten minutes, an expired session: all there once, in order, timers right', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await tablet(browser, issued, first());
  const context = bench.context();
  // The clock jumps between two visits: the page has to hear the server once before it knows by how much.
  await bench.goto('about:blank');
  await bench.clock.install({ time: Date.now() + 7 * 60_000 });
  const heard = bench.waitForResponse((answer) => answer.url().includes('/entries') && answer.ok());
  await bench.goto('/bench');
  await heard;
  await read(bench, '24.10');
  await allStored(bench);
  // The bench's page is kept for opening without a network once its worker runs.
  await bench.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect
    .poll(() => bench.evaluate(async () => (await (await caches.open('mozle-pages')).keys()).length))
    .toBeGreaterThan(0);
  await bench.reload();
  await expect(tape(bench)).toContainText('24.10 g');
  await context.setOffline(true);
  await read(bench, '22.06');
  await expect(bench.getByText('1 on this tablet only')).toBeVisible();
  await bench.reload();
  await expect(bench.getByText('1 on this tablet only')).toBeVisible();
  await expect(sentence(bench)).toHaveText('Measured 2.04 g aniline.');
  await expect(tape(bench)).toContainText('22.06 g');
  await openStep(bench, 5);
  await makeChecks(bench);
  await press(bench, 'Heat is on');
  await press(bench, 'First reflux');
  // Fifteen minutes from now, whatever the tablet's clock says.
  await expect(bench.getByRole('region', { name: 'Timers' })).toContainText(/1[45]:\d\d/);
  await bench.clock.fastForward('10:00');
  await expect(bench.getByRole('region', { name: 'Timers' })).toContainText(/0?4:[345]\d/);
  const pin = await newPin(request, issued, 'Ruff');
  await context.setOffline(false);
  await bench.getByRole('link', { name: 'Sign in again as Ruff' }).click();
  await expect(bench.getByText(/entries of Ruff, Record, wait on this device/)).toBeVisible();
  await bench.getByLabel('PIN of the bench').fill(pin);
  await press(bench, 'Start at Ruff');
  const stored = async () => (await recordOf(request, issued))('Ruff').map(({ body }) => body.digits ?? body.k);
  await expect.poll(async () => (await stored()).filter((kind) => kind === 'event')).toHaveLength(2);
  await allStored(bench);
  const entries = (await recordOf(request, issued))('Ruff');
  const made = ['24.10', '22.06', 'tick', 'tick', 'tick', 'tick', 'tick', 'event', 'event'];
  expect(entries.map(({ body }) => body.digits ?? body.k)).toEqual(made);
  expect([...entries].sort((a, b) => (a.at < b.at ? -1 : 1))).toEqual(entries);
  for (const { at, deviceAt } of entries)
    expect(Math.abs(Date.parse(deviceAt) - Date.parse(at) - 7 * 60_000)).toBeLessThan(3000);
  await context.close();
});

test('another bench that signs in on the tablet neither sees nor sends what waits; the right one sends it', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await withUnsent(browser, issued);
  await press(bench, 'Sign out');
  await expect(bench.getByText('1 entry of Ruff, Record, waits on this device.')).toBeVisible();
  await expect(bench.getByText('24.10')).toHaveCount(0);
  await bench.unroute('**/api/v1/logs/**');
  const enter = async (name: string, pin = '') => {
    await bench.goto(`/sign-in?code=${issued.joinCode}&bench=${name}`);
    await bench.getByLabel('PIN of the bench').fill(pin);
    await press(bench, `Start at ${name}`);
    await expect(bench.getByText(new RegExp(`bench ${name}`))).toBeVisible();
  };
  await enter('Knot', issued.benches[1]?.pin);
  await read(bench, '25.55');
  await expect(tape(bench)).toContainText('stored');
  await expect(tape(bench)).not.toContainText('24.10');
  const digits = async (name: string) => (await recordOf(request, issued))(name).map(({ body }) => body.digits);
  expect([await digits('Ruff'), await digits('Knot')]).toEqual([[], ['25.55']]);
  // A page of the first bench that is still open somewhere does not send under the second one's name either.
  const left = await bench.evaluate(
    ([log]) => fetch(`/api/v1/logs/${log}/entries`, { headers: { 'Mozle-As': 'X' } }).then(({ status }) => status),
    [issued.id],
  );
  expect(left).toBe(401);
  await press(bench, 'Sign out');
  await expect(bench).toHaveURL(/sign-in/);
  await enter('Ruff', issued.benches[0]?.pin);
  await expect(tape(bench)).toContainText('24.10 g');
  await allStored(bench);
  expect([await digits('Ruff'), await digits('Knot')]).toEqual([['24.10'], ['25.55']]);
  await bench.context().close();
});

test('closing a period: benches learn it live and are signed out, late entries come in marked, reopening needs a reason', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await withUnsent(browser, issued);
  const board = await staffPage(browser, second(), 'demonstrator');
  await board.goto(`/classes/${issued.id}`);
  await press(board, 'Close the period');
  await board.getByLabel(/Remark/).fill('crude in the cupboard');
  await press(board, 'Close it');
  await expect(board.getByText(/Closed at \d\d:\d\d/)).toBeVisible();
  await expect(bench.getByText(/The period was closed at/)).toBeVisible();
  await expect(bench.getByLabel(/^Reading, /)).toHaveCount(0);
  await bench.unroute('**/api/v1/logs/**');
  await bench.getByRole('link', { name: 'Sign in again as Ruff' }).click();
  await bench.getByLabel('PIN of the bench').fill(issued.benches[0]?.pin ?? '');
  await press(bench, 'Start at Ruff');
  await allStored(bench);
  await expect(tape(bench)).toContainText('stored, came in late');
  await board.locator('[data-bench="Ruff"] .lane-line').click();
  await expect(board.locator('[data-bench="Ruff"]')).toContainText('came in late');
  await press(board, 'Reopen the record');
  await expect(board.getByRole('button', { name: 'Reopen it' })).toBeDisabled();
  await board.getByLabel('Reason').fill('the empty vial was not weighed');
  await press(board, 'Reopen it');
  await expect(board.getByText(/reopened: the empty vial was not weighed/)).toBeVisible();
  await read(bench, '22.06');
  await expect(sentence(bench)).toHaveText('Measured 2.04 g aniline.');
  await bench.context().close();
  await board.context().close();
});

test('the demonstrator writes for a bench, seen there at once and told as such', async ({ browser, request }) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await tablet(browser, issued, first());
  const board = await staffPage(browser, second(), 'demonstrator');
  await board.goto(`/classes/${issued.id}`);
  await board.locator('[data-bench="Ruff"] .lane-line').click();
  await board.getByRole('link', { name: 'Write for Ruff' }).click();
  await expect(board.getByText('You write for bench Ruff.')).toBeVisible();
  await expect(board.getByText(/bench Ruff \(A. Reed, B. Sedge\)/)).toBeVisible();
  await read(board, '24.10');
  await expect(tape(bench)).toContainText('demonstrator for the bench');
  await read(bench, '22.06');
  for (const page of [bench, board]) await expect(sentence(page)).toHaveText('Measured 2.04 g aniline.');
  await bench.context().close();
  await board.context().close();
});

test('a photo taken without a network is shrunk, loses what tells where, arrives later, and is the bench’s own', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await tablet(browser, issued, first(), { cut: true });
  // A photo of 2400 × 1800 px with Exif data, as a camera makes it.
  const jpeg = Buffer.from(
    await bench.evaluate(async () => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [2400, 1800];
      canvas.getContext('2d')?.fillRect(200, 200, 900, 900);
      const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg'));
      return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))];
    }),
  );
  const exif = Buffer.concat([Buffer.from([0xff, 0xe1, 0, 16]), Buffer.from('Exif\0\0MM\0*\0\0\0\0')]);
  const photo = Buffer.concat([jpeg.subarray(0, 2), exif, jpeg.subarray(2)]);
  expect(isBareImage(photo)).toBe(false);
  await bench.route('**/api/v1/**', (route) => route.abort());
  await bench
    .getByLabel('Photo or file')
    .setInputFiles({ name: 'still head.jpg', mimeType: 'image/jpeg', buffer: photo });
  await expect(bench.getByText(/still head\.jpg, \d+ kB\. Made smaller/)).toBeVisible();
  await bench.getByLabel(/What it shows/).fill('the still head');
  await press(bench, 'Record it');
  await expect(bench.getByText('1 on this tablet only')).toBeVisible();
  await bench.unroute('**/api/v1/**');
  await allStored(bench);
  await expect(tape(bench).getByAltText('Photo still head.jpg')).toBeVisible();
  const [entry] = (await recordOf(request, issued))('Ruff');
  const answer = await request.get(`/api/v1/files/${entry?.body.file}`);
  expect(answer.headers()['content-type']).toBe('image/jpeg');
  const stored = await answer.body();
  expect(isBareImage(stored)).toBe(true);
  expect(await bench.getByAltText('Photo still head.jpg').evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(
    1600,
  );
  const other = await browser.newContext({ baseURL: second() });
  const { joinCode, benches } = issued;
  await other.request.post('/api/v1/session', { data: { as: 'group', joinCode, bench: 'Knot', pin: benches[1]?.pin } });
  expect((await other.request.get(`/api/v1/files/${entry?.body.file}`)).status()).toBe(404);
  await bench.getByLabel('Photo or file').setInputFiles({
    name: 'tool.exe',
    mimeType: 'application/octet-stream',
    buffer: Buffer.from([0x4d, 0x5a, 0, 1]),
  });
  await expect(bench.getByRole('dialog')).toContainText('“tool.exe” cannot be taken');
  await other.close();
  await bench.context().close();
});

test('the roster: members and benches from a table, what is wrong with it by line, a new PIN signs a bench out', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await tablet(browser, issued, first());
  const page = await staffPage(browser, second(), 'coordinator');
  await page.goto(`/classes/${issued.id}`);
  await page.getByRole('link', { name: 'Roster and PINs' }).click();
  const table = (text: string) =>
    page
      .getByLabel('Read a table (CSV)')
      .first()
      .setInputFiles({ name: 'roster.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await table('section,bench,member\nB2,,A. Reed\nB3,Ruff,B. Sedge');
  await expect(page.getByText('Line 2: the bench is missing.')).toBeVisible();
  await expect(page.getByText('The table has 2 sections; a class has one.')).toBeVisible();
  await table('section;bench;member\nB2;Ruff;C. Rush\nB2;Godwit;D. Fern\nB2;Godwit;E. Moss\n');
  await expect(page.getByLabel('Section')).toHaveValue('B2');
  await expect(page.getByText('Knot stays as before')).toBeVisible();
  await press(page, 'Store the roster');
  await expect(page.getByRole('heading', { name: 'Godwit' })).toBeVisible();
  await press(page, 'Done');
  await press(page, 'New PIN for Ruff');
  await expect(page.getByRole('heading', { name: 'Ruff' })).toBeVisible();
  await read(bench, '24.10');
  await expect(bench.getByText(/1 entry waits on this tablet: signed out/)).toBeVisible();
  await page.goto('/classes');
  await expect(page.getByText(/Record, section B2/).first()).toBeVisible();
  await bench.context().close();
  await page.context().close();
});

test('a server that is set back to a backup gets from the tablet what it lost, once, with the old times', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await tablet(browser, issued, first());
  await read(bench, '24.10');
  await read(bench, '22.06');
  await allStored(bench);
  const before = (await recordOf(request, issued))('Ruff');
  await setBack(before[0]?.log ?? '', 1);
  expect((await recordOf(request, issued))('Ruff')).toHaveLength(1);
  await bench.reload();
  await expect(bench.getByText(/set back to an earlier state\..*One entry/)).toBeVisible();
  await expect(sentence(bench)).toHaveText('Measured 2.04 g aniline.');
  await allStored(bench);
  const after = (await recordOf(request, issued))('Ruff');
  expect(after.map(({ id, at, body }) => [id, at, body])).toEqual(before.map(({ id, at, body }) => [id, at, body]));
  await bench.context().close();
});

test('what waits on a tablet can be saved there by the staff, as a file', async ({ browser, request }) => {
  const issued = await makeClass(request, acetanilideText());
  const bench = await withUnsent(browser, issued);
  await press(bench, 'Sign out');
  await expect(bench.getByText('1 entry of Ruff, Record, waits on this device.')).toBeVisible();
  await press(bench, /^Demonstrator/);
  await expect(bench).toHaveURL(/preparations/);
  await bench.goto('/classes');
  await expect(bench.getByText('1 of Ruff (Record)')).toBeVisible();
  const [saved] = await Promise.all([bench.waitForEvent('download'), press(bench, 'Save them as a file')]);
  const file = JSON.parse(readFileSync(await saved.path(), 'utf8')) as { kept: { draft: { body: object } }[] };
  expect(file.kept).toMatchObject([{ authorName: 'Ruff', draft: { body: { digits: '24.10' } } }]);
  // Elsewhere the file is brought in; then the tablet comes back after all.
  const desk = await staffPage(browser, second(), 'demonstrator');
  await desk.goto('/classes');
  await desk.getByLabel('File of saved entries').setInputFiles(await saved.path());
  await expect(desk.getByRole('dialog')).toContainText(/Ruff\s*Record/);
  await press(desk, 'Bring in 1 entry');
  await expect(desk.getByText('1 entry stored.')).toBeVisible();
  await press(desk, 'Done');
  await desk.getByLabel('File of saved entries').setInputFiles(await saved.path());
  await expect(desk.getByText('Everything is in the record already.')).toBeVisible();
  const record = async () => (await recordOf(request, issued))('Ruff').map(({ body }) => body.digits ?? body.k);
  expect(await record()).toEqual(['24.10', 'words']);
  await bench.unroute('**/api/v1/logs/**');
  await press(bench, 'Sign out');
  await expect(bench).toHaveURL(/sign-in/);
  await bench.goto(`/sign-in?code=${issued.joinCode}&bench=Ruff`);
  await bench.getByLabel('PIN of the bench').fill(issued.benches[0]?.pin ?? '');
  await press(bench, 'Start at Ruff');
  await allStored(bench);
  await expect(tape(bench)).toContainText('1 entry made by Ruff');
  expect(await record()).toEqual(['24.10', 'words']);
  await bench.context().close();
  await desk.context().close();
});
