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

for (const theme of ['light', 'dark'] as const) {
  test(`${theme}: the class with an open lane, and the bench with a finding, on tablet and phone`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: theme });
    await enterAs(page, 'demonstrator');
    await page.goto('/classes');
    await judge(page, 'classes');
    await page.getByRole('link', { name: /Spring module/ }).click();
    await page.locator('[data-bench="Knot"] .lane-line').click();
    await expect(page.getByText('Not the same configuration')).toBeVisible();
    await judge(page, 'class');
    await page.request.delete('/api/v1/session');
    const knot = { as: 'group', joinCode: 'SHORE7', bench: 'Knot', pin: '9046' };
    await page.request.post('/api/v1/session', { data: knot });
    for (const [width, height] of [
      [820, 1180],
      [390, 844],
    ] as const) {
      await page.setViewportSize({ width, height });
      await page.goto('/bench');
      await page.getByRole('button', { name: /^Aniline/ }).click();
      await expect(page.getByText('Not the same configuration')).toBeVisible();
      await judge(page, `bench ${width}`);
      await page.getByRole('button', { name: /^Acetic anhydride/ }).click();
      await judge(page, `bench pad ${width}`);
    }
  });
}

test('what is tapped at the bench is at least 56 px high, the main action 72 px', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await enterAs(page, 'group');
  await expect(page.getByRole('button', { name: 'Record', exact: true })).toBeVisible();
  const small = await page
    .locator('.bench button, .bench select, .bench input')
    .evaluateAll((nodes) =>
      nodes.filter((node) => node.getBoundingClientRect().height < 55.5).map((node) => node.textContent),
    );
  expect(small).toEqual([]);
  const main = await page.getByRole('button', { name: 'Record', exact: true }).boundingBox();
  expect(main?.height).toBeGreaterThanOrEqual(72);
});
