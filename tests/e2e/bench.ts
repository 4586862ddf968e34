import { expect } from '@playwright/test';
import { demonstrators, storePreparation } from './support';
import type { APIRequestContext, Browser, Page } from '@playwright/test';

export interface Issued {
  readonly id: string;
  readonly joinCode: string;
  readonly benches: readonly { readonly name: string; readonly pin: string }[];
}

/** The two app instances on one database. */
export const first = () => process.env['BASE_URL'] ?? 'http://localhost:3000';
export const second = () => process.env['SECOND_URL'] ?? first();

/** A class of the test's own. */
export async function makeClass(request: APIRequestContext, text: string): Promise<Issued> {
  const preparationId = await storePreparation(request, text);
  const answer = await request.post('/api/v1/classes', {
    data: {
      name: 'Record',
      preparationId,
      staff: await demonstrators(request),
      benches: [
        { name: 'Ruff', members: ['A. Reed', 'B. Sedge'] },
        { name: 'Knot', members: [] },
      ],
    },
  });
  expect(answer.status()).toBe(201);
  return (await answer.json()) as Issued;
}

export const tabletSize = { width: 820, height: 1180 };
export const phoneSize = { width: 390, height: 844 };

/**
 * A tablet at the first bench of a class, on the instance that is asked for.
 *
 * @param cut what it sends can be held up by a route of its page. A page under a service worker now and then sends past its routes.
 */
export async function tablet(
  browser: Browser,
  issued: Issued,
  address: string,
  { size = tabletSize, cut = false }: { readonly size?: typeof tabletSize; readonly cut?: boolean } = {},
): Promise<Page> {
  const context = await browser.newContext({
    baseURL: address,
    viewport: size,
    reducedMotion: 'reduce',
    serviceWorkers: cut ? 'block' : 'allow',
  });
  const { name = '', pin = '' } = issued.benches[0] ?? {};
  const entered = await context.request.post('/api/v1/session', {
    data: { as: 'group', joinCode: issued.joinCode, bench: name, pin },
  });
  expect(entered.status()).toBe(200);
  const page = await context.newPage();
  await page.goto('/bench');
  return page;
}

/** A page of the staff, on the instance that is asked for. */
export async function staffPage(
  browser: Browser,
  address: string,
  role: 'coordinator' | 'demonstrator',
): Promise<Page> {
  const context = await browser.newContext({ baseURL: address });
  await context.request.post('/api/v1/session', { data: { as: 'demo', role } });
  return context.newPage();
}

/** Types on the pad's own keys. */
export async function type(page: Page, digits: string): Promise<void> {
  for (const digit of digits)
    await page.getByRole('button', { name: digit === '.' ? 'Point' : digit, exact: true }).click();
}

/** Types a reading from a keyboard and sends it off with Enter. */
export async function read(page: Page, digits: string): Promise<void> {
  const field = page.getByLabel(/^Reading, /);
  await field.fill(digits);
  // On a page that was opened a moment ago the field takes text before anybody listens to its keys.
  await expect(page.locator('.record-button')).toBeEnabled();
  await field.press('Enter');
}

/** Makes every check that stands open. */
export async function makeChecks(page: Page): Promise<void> {
  const open = page.locator('.checks button:enabled');
  for (let left = await open.count(); left > 0; left -= 1) {
    await open.first().click();
    await expect(open).toHaveCount(left - 1);
  }
}

export const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).click();

/** The main sentence of the step that is shown. */
export const sentence = (page: Page) => page.locator('.bench-sentence');

/** Opens a step by its number in the rail. */
export const openStep = (page: Page, number: number) =>
  page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('button')
    .nth(number - 1)
    .click();
