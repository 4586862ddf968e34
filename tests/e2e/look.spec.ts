import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { acetanilideText } from '../support/preparations';
import { enterAs, openPlan } from './support';
import type { Page } from '@playwright/test';

// Axe measures the contrast of every text; on two busy cores that takes its time.
test.describe.configure({ timeout: 90_000 });

/** What a person would trip over: axe's findings, and a page that scrolls sideways. */
async function judge(page: Page, what: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect([
    what,
    violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ html }) => html)
          .join(' | ')
          .slice(0, 400)}`,
    ),
  ]).toEqual([what, []]);
  const [wide, width] = await page.evaluate(() => [document.documentElement.scrollWidth, window.innerWidth]);
  expect([what, (wide ?? 0) <= (width ?? 0)]).toEqual([what, true]);
}

for (const theme of ['light', 'dark'] as const) {
  test.describe(theme, () => {
    test.use({ colorScheme: theme });

    test('sign-in, list, messages', async ({ page }) => {
      await page.goto('/sign-in');
      await judge(page, 'sign-in');
      await page.goto('/no/such/page');
      await judge(page, 'not found');
      await enterAs(page, 'coordinator');
      await judge(page, 'preparations');
      await page.goto('/bench');
      await judge(page, 'forbidden');
      await enterAs(page, 'group');
      await judge(page, 'bench');
    });

    test('plan with a working, findings and the line editor', async ({ page }) => {
      await openPlan(page, acetanilideText());
      expect(await page.locator('html').getAttribute('data-bs-theme')).toBe(theme);
      await expect(page.getByRole('img', { name: 'Structure of Aniline' })).toBeVisible();
      await page.getByRole('button', { name: /^Theoretical yield: 2.97 g/ }).click();
      await page.getByRole('button', { name: 'Factor', exact: true }).click();
      await page.getByLabel('Factor of the tested scale').fill('3.5');
      await page.getByLabel('Coefficient of Aniline').fill('2');
      await judge(page, 'plan');
      await page.getByRole('button', { name: 'Acetic anhydride', exact: true }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await page.getByLabel('Amount', { exact: true }).fill('-1');
      await judge(page, 'line editor');
    });
  });
}

for (const [name, width, height] of [
  ['phone', 390, 844],
  ['tablet', 820, 1180],
] as const) {
  test(`on a ${name} nothing scrolls sideways and the plan can be read`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await openPlan(page, acetanilideText());
    await judge(page, name);
    await enterAs(page, 'group');
    await judge(page, `${name}, bench`);
  });
}

test('the theme switch is remembered across pages', async ({ page }) => {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: /light and dark/ }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-bs-theme', 'dark');
});
