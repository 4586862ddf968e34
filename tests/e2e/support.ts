import { expect, test as base } from '@playwright/test';
import type { APIRequestContext, Page } from '@playwright/test';

export type DemoRole = 'coordinator' | 'demonstrator' | 'group';

type Fetch = APIRequestContext['fetch'];

/**
 * Requests that a test makes beside its pages say what a browser says of those of our own pages. It cannot be set as a header of
 * a context: there it would hinder the browser itself.
 */
export const test = base.extend<object, { readonly fromOurPages: undefined }>({
  fromOurPages: [
    async ({ playwright }, use) => {
      const probe = await playwright.request.newContext();
      const shared = Object.getPrototypeOf(probe) as { fetch: Fetch };
      const plain = shared.fetch;
      shared.fetch = function (this: APIRequestContext, url, options) {
        const headers = { 'Sec-Fetch-Site': 'same-origin', ...options?.headers };
        return plain.call(this, url, { ...options, headers });
      } as Fetch;
      await probe.dispose();
      await use(undefined);
      shared.fetch = plain;
    },
    { scope: 'worker', auto: true },
  ],
});

/** Signs in by one tap of the demo. */
export async function enterAs(page: Page, role: DemoRole): Promise<void> {
  const label = { coordinator: /^Coordinator/, demonstrator: /^Demonstrator/, group: /^Group Avocet/ }[role];
  await page.request.delete('/api/v1/session');
  await page.goto('/sign-in');
  await page.getByRole('button', { name: label }).click();
  await expect(page).toHaveURL(role === 'group' ? /\/bench$/ : /\/preparations$/);
}

/** Signs a request context in and stores its own copy of a preparation, so that tests do not meet on one document. */
export async function storePreparation(
  request: APIRequestContext,
  text: string,
  as: object = { as: 'demo', role: 'coordinator' },
): Promise<string> {
  await request.post('/api/v1/session', { data: as });
  const answer = await request.post('/api/v1/preparations', { data: text, headers: { 'Content-Type': 'text/plain' } });
  expect(answer.status()).toBe(201);
  return ((await answer.json()) as { id: string }).id;
}

/** Ids of the demonstrators, to whom a test's class is to be open too. For a context signed in as coordinator. */
export async function demonstrators(request: APIRequestContext): Promise<readonly string[]> {
  const all = (await (await request.get('/api/v1/staff')).json()) as readonly { id: string }[];
  return all.map(({ id }) => id);
}

/** Opens a new copy of a preparation as coordinator. */
export async function openPlan(page: Page, text: string): Promise<string> {
  const id = await storePreparation(page.request, text);
  await page.goto(`/preparations/${id}`);
  await expect(page.getByRole('table')).toBeVisible();
  return id;
}

/** Goes to another room of the open plan. */
export async function toRoom(
  page: Page,
  name: 'Reaction & charge' | 'Procedure' | 'Process' | 'Hazards & waste',
): Promise<void> {
  await page.getByRole('navigation', { name: 'Rooms of the plan' }).getByRole('link', { name }).click();
}

/** Text of a cell's number as a person reads it. */
export function row(page: Page, line: string) {
  return page.locator(`tr[data-line="${line}"]`);
}
