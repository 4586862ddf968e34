import { expect, test } from '@playwright/test';
import { acetanilideText, dienoneText } from '../support/preparations';
import { storePreparation } from './support';
import type { APIRequestContext, Browser, Page } from '@playwright/test';

interface Issued {
  readonly id: string;
  readonly joinCode: string;
  readonly benches: readonly { readonly name: string; readonly pin: string }[];
}

/** A class of the test's own, with the sign-in of its first bench. */
async function makeClass(request: APIRequestContext, text = acetanilideText()): Promise<Issued> {
  const preparationId = await storePreparation(request, text);
  const answer = await request.post('/api/v1/classes', {
    data: { name: 'Record', preparationId, benches: ['Ruff', 'Knot'] },
  });
  expect(answer.status()).toBe(201);
  return (await answer.json()) as Issued;
}

/** A tablet at the first bench of a class, on the instance that is asked for. */
async function tablet(
  browser: Browser,
  issued: Issued,
  address: string,
  size = { width: 820, height: 1180 },
): Promise<Page> {
  const context = await browser.newContext({ baseURL: address, viewport: size });
  const { name = '', pin = '' } = issued.benches[0] ?? {};
  const entered = await context.request.post('/api/v1/session', {
    data: { as: 'group', joinCode: issued.joinCode, bench: name, pin },
  });
  expect(entered.status()).toBe(200);
  const page = await context.newPage();
  await page.goto('/bench');
  return page;
}

async function type(page: Page, digits: string): Promise<void> {
  for (const digit of digits)
    await page.getByRole('button', { name: digit === '.' ? 'Point' : digit, exact: true }).click();
}

const first = () => process.env['BASE_URL'] ?? 'http://localhost:3000';
const second = () => process.env['SECOND_URL'] ?? first();

test('a coordinator issues a class; its cards carry code, PIN and a code for the camera', async ({ page }) => {
  const id = await storePreparation(page.request, acetanilideText());
  await page.goto(`/preparations/${id}`);
  await page.getByRole('button', { name: 'Issue to a class' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name of the class').fill('Summer module');
  await dialog.getByLabel(/Benches, one name a line/).fill('Ruff\nKnot\nruff');
  await dialog.getByRole('button', { name: 'Issue to 3 benches' }).click();
  await expect(dialog.getByText('Two benches have the same name.')).toBeVisible();
  await dialog.getByLabel(/Benches, one name a line/).fill('Ruff\nKnot\n\n');
  await dialog.getByRole('button', { name: 'Issue to 2 benches' }).click();
  await expect(dialog.getByRole('heading', { name: 'Knot' })).toBeVisible();
  const code = await dialog.locator('dd').first().innerText();
  const pin = await dialog.locator('dd').nth(1).innerText();
  await expect(dialog.getByRole('img', { name: new RegExp(`code=${code}&bench=Ruff`) }).locator('svg')).toBeVisible();
  await page.request.delete('/api/v1/session');
  await page.goto(`/sign-in?code=${code}&bench=Ruff`);
  await page.getByLabel('PIN of the bench').fill(pin);
  await page.getByRole('button', { name: 'Start at Ruff' }).click();
  await expect(page.getByText(/Summer module · bench Ruff/)).toBeVisible();
});

test('weighed by difference on one instance, signed on the other: yield and targets follow what was taken', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request);
  const bench = await tablet(browser, issued, first());
  await expect(bench.getByRole('heading', { name: 'Measure 2.00 mL Aniline.' })).toBeVisible();
  await bench.getByRole('button', { name: 'Weigh by difference' }).click();
  await bench.getByLabel('Balance', { exact: true }).selectOption('balance-001');
  await type(bench, '24.31');
  await bench.getByRole('button', { name: 'Record 24.31 g' }).click();
  await expect(bench.getByText('full: 24.31 g')).toBeVisible();
  await type(bench, '22.02');
  await bench.getByRole('button', { name: 'Record 22.02 g' }).click();
  // 24.31 − 22.02 = 2.29 g against 2.04 g: + 12 %.
  await expect(bench.getByRole('button', { name: /^Aniline.*2.29 g/ })).toBeVisible();
  await bench.getByRole('button', { name: /^Aniline/ }).click();
  await expect(bench.getByText('Off the target')).toBeVisible();
  await bench.getByRole('button', { name: 'Ask for a signature' }).click();
  await expect(bench.getByRole('button', { name: 'Waiting for the demonstrator' })).toBeVisible();
  await bench.getByRole('button', { name: 'Go on' }).click();
  await expect(bench.getByRole('heading', { name: 'Measure 2.80 mL Acetic anhydride.' })).toBeVisible();
  await expect(bench.getByText('New target: the plan said 2.50 mL')).toBeVisible();

  const walk = await browser.newContext({ baseURL: second() });
  await walk.request.post('/api/v1/session', { data: { as: 'demo', role: 'demonstrator' } });
  const board = await walk.newPage();
  await board.goto(`/classes/${issued.id}`);
  const lane = board.locator('[data-bench="Ruff"]');
  await expect(lane).toContainText('Waits for a signature');
  await expect(lane).toContainText('record verified');
  await expect(board.getByText('1 of 2 needs you, Ruff first')).toBeVisible();
  await lane.getByRole('button', { name: /Ruff/ }).click();
  await expect(lane.getByRole('region', { name: 'To sign' })).toContainText(
    'full 24.31 g (cap on) → empty 22.02 g (cap on) · Aniline 2.29 g target 2.04 g',
  );
  await lane.getByRole('button', { name: 'Hold to sign' }).click();
  await expect(lane).toContainText('Waits for a signature');
  await lane.getByRole('button', { name: 'Hold to sign' }).click({ delay: 1000 });
  await expect(lane.getByText(/^signed/)).toHaveCount(2);

  await bench.getByRole('button', { name: /^Aniline/ }).click();
  await expect(bench.getByText('Signed by the demonstrator.')).toBeVisible();
  await bench.getByRole('button', { name: 'Go on' }).click();
  await type(bench, '2.50');
  await bench.getByRole('button', { name: 'Record 2.50 mL' }).click();
  // 2.29 g ÷ 93.13 × 135.17 = 3.32 g, not the 2.97 g of the plan.
  await expect(bench.getByText('3.32 g')).toBeVisible();
  await bench.context().close();
  await walk.close();
});

test('cap on, cap off is stopped; struck with a reason it stays legible; a second tablet sees the same', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request);
  const bench = await tablet(browser, issued, first(), { width: 390, height: 844 });
  await bench.getByRole('button', { name: 'Weigh by difference' }).click();
  await bench.getByLabel('Balance', { exact: true }).selectOption('balance-001');
  await bench.getByLabel('Reading, g').fill('24.10');
  await bench.getByLabel('Reading, g').press('Enter');
  await expect(bench.getByText('full: 24.10 g')).toBeVisible();
  await bench.getByRole('button', { name: 'cap off' }).click();
  await bench.getByLabel('Reading, g').fill('20.19');
  await bench.getByLabel('Reading, g').press('Enter');
  await bench.getByRole('button', { name: /^Aniline/ }).click();
  await expect(bench.getByText('Not the same configuration')).toBeVisible();
  await bench.getByRole('button', { name: 'Strike 20.19 g Aniline' }).click();
  await bench.getByLabel('Reason').fill('weighed without its cap');
  await bench.getByRole('button', { name: 'Strike it' }).click();
  await expect(bench.getByText('Not the same configuration')).toHaveCount(0);
  const other = await tablet(browser, issued, second());
  await expect(other.getByRole('region', { name: 'Record' })).toContainText('weighed without its cap');
  await expect(other.getByText('full: 24.10 g')).toBeVisible();
  await bench.context().close();
  await other.context().close();
});

test('without a network readings stay on the tablet, through a reload, and are stored once when it is back', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request);
  const bench = await tablet(browser, issued, first());
  await bench.route('**/api/v1/logs/**', (route) => route.abort());
  await type(bench, '2.00');
  await bench.getByRole('button', { name: 'Record 2.00 mL' }).click();
  await expect(bench.getByText('1 on this tablet only')).toBeVisible();
  await expect(bench.getByText('No connection. Go on')).toBeVisible();
  await bench.reload();
  await expect(bench.getByText('1 on this tablet only')).toBeVisible();
  await bench.unroute('**/api/v1/logs/**');
  await expect(bench.getByText('1 on this tablet only')).toHaveCount(0);
  await expect(bench.getByRole('region', { name: 'Record' }).getByRole('listitem')).toHaveCount(1);
  await expect(bench.getByRole('region', { name: 'Record' })).toContainText('stored');
  await bench.context().close();
});

test('the second preparation runs at the bench too: 2 : 1, a liquid limits, nothing in the code knows it', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, dienoneText());
  const bench = await tablet(browser, issued, first());
  await expect(bench.getByRole('heading', { name: 'Measure 2.00 mL Benzaldehyde.' })).toBeVisible();
  await type(bench, '2.00');
  await bench.getByRole('button', { name: 'Record 2.00 mL' }).click();
  await expect(bench.getByRole('heading', { name: 'Measure 0.80 mL Acetone.' })).toBeVisible();
  await type(bench, '0.70');
  await bench.getByRole('button', { name: 'Record 0.70 mL' }).click();
  await bench.getByRole('button', { name: /^Acetone/ }).click();
  await expect(bench.getByText('Acetone would limit now, not Benzaldehyde')).toBeVisible();
  // 0.70 mL × 0.791 ÷ 58.08 = 9.53 mmol, × 234.30 = 2.2 g (two figures were read).
  await expect(bench.locator('.bench-yield')).toContainText('2.2 g');
  await bench.context().close();
});
