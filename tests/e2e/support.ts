import { expect } from '@playwright/test';
import type { APIRequestContext, Page } from '@playwright/test';

export type DemoRole = 'coordinator' | 'demonstrator' | 'group';

/** What a browser says of a request that one of our own pages makes; contexts of requests alone have to say it. */
export const fromHere = { 'Sec-Fetch-Site': 'same-origin' };

/** Signs in by one tap of the demo. */
export async function enterAs(page: Page, role: DemoRole): Promise<void> {
  const label = { coordinator: /^Coordinator/, demonstrator: /^Demonstrator/, group: /^Group Avocet/ }[role];
  await page.request.delete('/api/v1/session');
  await page.goto('/sign-in');
  await page.getByRole('button', { name: label }).click();
  await expect(page).toHaveURL(role === 'group' ? /\/bench$/ : /\/preparations$/);
}

/** Signs a request context in and stores its own copy of a preparation, so that tests do not meet on one document. */
export async function storePreparation(request: APIRequestContext, text: string): Promise<string> {
  await request.post('/api/v1/session', { data: { as: 'demo', role: 'coordinator' } });
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

/** Text of a cell's number as a person reads it. */
export function row(page: Page, line: string) {
  return page.locator(`tr[data-line="${line}"]`);
}
