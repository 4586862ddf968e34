import { expect } from '@playwright/test';
import { enterAs, test } from './support';

test('each role enters the demo with one tap and starts at its own work', async ({ page }) => {
  await enterAs(page, 'coordinator');
  await expect(page.getByRole('heading', { name: 'Preparations' })).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await enterAs(page, 'demonstrator');
  await expect(page.getByText('Bring in a preparation')).toHaveCount(0);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await enterAs(page, 'group');
  await expect(page.getByText(/Spring module, Tuesday afternoon · bench Avocet/)).toBeVisible();
  await expect(
    page.getByRole('heading', { name: 'Weigh 2.04 g aniline by difference into the reaction flask.' }),
  ).toBeVisible();
  await page.goto('/preparations');
  await expect(page.getByText('Not open to your role')).toBeVisible();
});

test('a group joins with code, bench and PIN; a wrong PIN is met in words', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Join code of the class').fill('nope77');
  await page.getByRole('button', { name: 'Find the class' }).click();
  await expect(page.getByText('No class has this join code')).toBeVisible();
  await page.getByLabel('Join code of the class').fill('shore7');
  await page.getByRole('button', { name: 'Find the class' }).click();
  await page.getByRole('button', { name: 'Curlew' }).click();
  await page.getByLabel('PIN of the bench').fill('0000');
  await page.getByRole('button', { name: 'Start at Curlew' }).click();
  await expect(page.getByText('The join code, the bench or the PIN is wrong.')).toBeVisible();
  await page.getByLabel('PIN of the bench').fill('289317');
  await page.getByRole('button', { name: 'Start at Curlew' }).click();
  await expect(page.getByText('bench Curlew')).toBeVisible();
});

test('staff sign in with a password, and eight wrong ones close the door for a while', async ({ page }) => {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: 'Staff' }).click();
  await page.getByLabel('Name').fill('coordinator');
  await page.getByLabel('Password').fill('tide-table');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page).toHaveURL(/\/preparations$/);
  const name = `nobody-${Date.now()}`;
  for (let i = 0; i < 8; i += 1) {
    expect((await page.request.post('/api/v1/session', { data: { as: 'staff', name, password: 'x' } })).status()).toBe(
      401,
    );
  }
  const ninth = await page.request.post('/api/v1/session', { data: { as: 'staff', name, password: 'x' } });
  expect(ninth.status()).toBe(429);
});

test('a page that is not there says so and leads back', async ({ page }) => {
  await page.goto('/no/such/page');
  await expect(page.getByRole('heading', { name: 'Nothing stands here' })).toBeVisible();
  await page.getByRole('button', { name: 'Go to the start' }).click();
  await expect(page).toHaveURL(/sign-in/);
});
