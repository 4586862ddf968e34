import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { acetanilideText } from '../support/preparations';
import { enterAs, openPlan, test, toRoom } from './support';
import type { Page } from '@playwright/test';

// What axe judges takes long: bin/test --all runs it.

/**
 * What a person would trip over: axe's findings, and a page that scrolls sideways. Contrast is for {@link contrast}.
 *
 * @param within the part that is new on a page that was judged before
 */
async function judge(page: Page, what: string, within = 'body'): Promise<void> {
  await axeFinds(new AxeBuilder({ page }).include(within).disableRules(['color-contrast']), what);
  await fits(page, what);
}

/**
 * The contrast of every text, as the browser has it. Measuring takes long: one page per layout is seen, and the pairs of colours
 * themselves are judged in tests/unit/contrast.test.ts.
 */
async function contrast(page: Page, what: string): Promise<void> {
  await axeFinds(new AxeBuilder({ page }).withRules(['color-contrast']), what);
}

async function axeFinds(axe: AxeBuilder, what: string): Promise<void> {
  const { violations } = await axe.analyze();
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
}

async function fits(page: Page, what: string): Promise<void> {
  const [wide, width] = await page.evaluate(() => [document.documentElement.scrollWidth, window.innerWidth]);
  expect([what, (wide ?? 0) <= (width ?? 0)]).toEqual([what, true]);
}

test('sign-in, list, messages', { tag: '@all' }, async ({ page }) => {
  await page.goto('/sign-in');
  await judge(page, 'sign-in');
  await page.goto('/no/such/page');
  await judge(page, 'not found');
  await enterAs(page, 'coordinator');
  await judge(page, 'preparations');
  await page.goto('/account');
  await judge(page, 'account');
  await page.goto('/bench');
  await judge(page, 'forbidden');
  await enterAs(page, 'group');
  await judge(page, 'bench');
});

test('plan with a working, findings and the line editor', { tag: '@all' }, async ({ page }) => {
  await openPlan(page, acetanilideText());
  await expect(page.getByRole('img', { name: 'Structure of Aniline' })).toBeVisible();
  await page.getByRole('button', { name: /^Theoretical yield: 2.97 g/ }).click();
  await page.getByRole('button', { name: 'Factor', exact: true }).click();
  await page.getByLabel('Factor of the tested scale').fill('3.5');
  await page.getByLabel('Coefficient of Aniline').fill('2');
  await judge(page, 'plan');
  await toRoom(page, 'Procedure');
  await judge(page, 'procedure');
  await toRoom(page, 'Process');
  await page.getByRole('button', { name: 'Assumptions' }).click();
  await judge(page, 'process');
  await toRoom(page, 'Reaction & charge');
  await page.getByRole('button', { name: 'Acetic anhydride', exact: true }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.getByLabel('Amount', { exact: true }).fill('-1');
  await judge(page, 'line editor', '[role=dialog]');
});

for (const theme of ['light', 'dark'] as const) {
  test(
    `${theme}: the texts of a form, a plan, a board with an open lane, a bench, an entry stand out`,
    { tag: '@all' },
    async ({ page }) => {
      await page.emulateMedia({ colorScheme: theme });
      await page.goto('/sign-in');
      expect(await page.locator('html').getAttribute('data-bs-theme')).toBe(theme);
      await contrast(page, `${theme} sign-in`);
      await openPlan(page, acetanilideText());
      await page.getByRole('button', { name: 'Factor', exact: true }).click();
      await page.getByLabel('Factor of the tested scale').fill('3.5');
      await contrast(page, `${theme} plan`);
      await page.goto('/reference/vanillin');
      await expect(page.getByText('Infrared: where to look')).toBeVisible();
      await page.getByLabel('Search by name, formula or group').fill('acet');
      await contrast(page, `${theme} entry`);
      await page.goto('/classes');
      await page.getByRole('link', { name: /Spring module/ }).click();
      await page.locator('[data-bench="Dunlin"] .lane-line').click();
      await expect(page.getByText('Not what the readings give')).toBeVisible();
      await contrast(page, `${theme} class`);
      await page.request.delete('/api/v1/session');
      await signInAt(page, 'Sanderling', '778121');
      await page.goto('/bench');
      await expect(page.getByText('More than the theory allows')).toBeVisible();
      await contrast(page, `${theme} bench`);
    },
  );
}

for (const [name, width, height] of [
  ['phone', 390, 844],
  ['tablet', 820, 1180],
] as const) {
  test(`on a ${name} nothing scrolls sideways and the plan can be read`, { tag: '@all' }, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await openPlan(page, acetanilideText());
    await fits(page, name);
    await page.goto('/models');
    await page.getByRole('button', { name: 'Melting range' }).click();
    await judge(page, `${name}, models`);
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

const signInAt = (page: Page, bench: string, pin: string) =>
  page.request.post('/api/v1/session', { data: { as: 'group', joinCode: 'SHORE7', bench, pin } });

test('the class with an open lane, its results, and benches on tablet and phone', { tag: '@all' }, async ({ page }) => {
  await enterAs(page, 'demonstrator');
  await page.goto('/classes');
  await judge(page, 'classes');
  await page.getByRole('link', { name: /Spring module/ }).click();
  await page.locator('[data-bench="Dunlin"] .lane-line').click();
  await expect(page.getByText('Not what the readings give')).toBeVisible();
  await page.getByRole('button', { name: /^Pressure/ }).click();
  await page.getByLabel('Pressure').fill('high');
  await expect(page.getByRole('alert').filter({ hasText: 'not a number' })).toBeVisible();
  await judge(page, 'class');
  await page.getByRole('link', { name: 'Results of the class' }).click();
  await page.getByRole('button', { name: 'Plover', exact: true }).click();
  await expect(page.getByRole('img', { name: /Plover: 63.5 %/ })).toBeVisible();
  await judge(page, 'results of the class');
  await page.getByRole('button', { name: /^Percent yield, Recrystallized acetanilide, Knot/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Percent yield');
  await judge(page, 'working drawer', '[role=dialog]');
  await page.goto(
    (await page.locator('a', { hasText: 'Back to the class' }).first().getAttribute('href')) ?? '/classes',
  );
  await page.getByRole('link', { name: 'Roster and PINs' }).click();
  await page.getByLabel('Section').fill('B2');
  await judge(page, 'roster');
  await page.goBack();
  await page.locator('[data-bench="Dunlin"] .lane-line').click();
  await page.getByRole('link', { name: 'Write for Dunlin' }).click();
  await expect(page.getByText('You write for bench Dunlin.')).toBeVisible();
  await judge(page, 'writing for a bench');
  await page.request.delete('/api/v1/session');
  await signInAt(page, 'Sanderling', '778121');
  for (const [width, height] of [
    [820, 1180],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.goto('/bench');
    await expect(page.getByText('More than the theory allows')).toBeVisible();
    await judge(page, `bench ${width}`);
    await page.getByRole('button', { name: /^Change 3.41 g/ }).click();
    await judge(page, `change ${width}`, '[role=dialog]');
    await page.goto('/bench/results');
    await expect(page.getByText('So far 3.41 g crude acetanilide')).toBeVisible();
    await judge(page, `results ${width}`);
  }
});

for (const [name, width, height] of [
  ['tablet', 820, 1180],
  ['phone', 390, 844],
] as const) {
  test(`at every step on a ${name}: what is tapped is at least 56 px high, the main action 72 px, nothing sticks out`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await enterAs(page, 'group');
    const steps = page.getByRole('navigation', { name: 'Steps' }).getByRole('button');
    for (let i = 0; i < (await steps.count()); i += 1) {
      await steps.nth(i).click();
      await expect(steps.nth(i)).toHaveAttribute('aria-current', 'step');
      const faults = await page.locator('.bench').evaluate((bench) => {
        const high = (node: Element) => node.getBoundingClientRect().height;
        const named = (node: Element) => node.textContent.slice(0, 40);
        const tapped = [...bench.querySelectorAll('button, select, input')].filter((node) => node.checkVisibility());
        return [
          ...tapped.filter((node) => high(node) < 55.5).map((node) => `low: ${named(node)}`),
          ...[...bench.querySelectorAll('.record-button')]
            .filter((node) => high(node) < 71.5)
            .map((node) => `main: ${named(node)}`),
          ...[...bench.querySelectorAll('.bench-grid *')]
            .filter((node) => node.getBoundingClientRect().right > window.innerWidth + 0.5 && !node.closest('svg'))
            .map((node) => `out: ${named(node)}`),
        ];
      });
      expect([i, faults]).toEqual([i, []]);
    }
  });
}

// About 4 s.
test('what is tapped and typed before a page has come alive is done once it has', async ({ page }) => {
  const opened = async () => {
    let comeAlive = () => {};
    const held = new Promise<void>((next) => (comeAlive = next));
    await page.route('**/_next/static/**/*.js', async (route) => {
      await held;
      await route.continue();
    });
    await page.goto('/sign-in', { waitUntil: 'commit' });
    return comeAlive;
  };
  const typed = await opened();
  await page.getByLabel('Join code of the class').fill('shore7');
  const find = page.getByRole('button', { name: 'Find the class' });
  await expect(find).toBeDisabled();
  typed();
  await find.click();
  await expect(page.getByRole('button', { name: 'Curlew' })).toBeVisible();
  const tapped = await opened();
  await page.getByRole('button', { name: 'Staff' }).click();
  await expect(page.getByLabel('Password')).toHaveCount(0);
  tapped();
  await expect(page.getByLabel('Password')).toBeVisible();
});

test('in another time zone than the server’s every page comes alive without an error, with the reader’s own time', async ({
  browser,
}) => {
  const context = await browser.newContext({ timezoneId: 'Asia/Tokyo' });
  const page = await context.newPage();
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(String(error)));
  await signInAt(page, 'Curlew', '289317');
  await page.goto('/bench');
  const [here, there] = await page.evaluate(() =>
    [undefined, 'Asia/Tokyo'].map((timeZone) => new Date().toLocaleTimeString('en-GB', { hour: '2-digit', timeZone })),
  );
  expect(here).toBe(there);
  await expect(page.locator('.tape-time').first()).toHaveText(/^\d\d:\d\d$/);
  await page.goto('/bench/results');
  await expect(page.locator('.report-sentence')).toContainText('73.0 %');
  await page.request.delete('/api/v1/session');
  await page.request.post('/api/v1/session', { data: { as: 'demo', role: 'demonstrator' } });
  await page.goto('/classes');
  await page.getByRole('link', { name: /Spring module/ }).click();
  await expect(page.locator('.lanes')).toBeVisible();
  await page.reload();
  await expect(page.locator('[data-bench="Curlew"] .lane-need')).toHaveText(/^Finished\s?since \d\d:\d\d$/);
  expect(errors).toEqual([]);
  await context.close();
});

test('reference, its forms, the hazard panel and sheet, a course', { tag: '@all' }, async ({ page }) => {
  await enterAs(page, 'coordinator');
  const at = async (path: string, ready: string, act: () => Promise<void> = async () => {}) => {
    await page.setViewportSize({ width: 1280, height: 844 });
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeVisible();
    await act();
    const search = page.getByLabel('Search by name, formula or group');
    // Two hundred rows that look alike need not be measured one by one.
    if (await search.isVisible()) await search.fill('acet');
    await judge(page, path);
    await page.setViewportSize({ width: 390, height: 844 });
    await fits(page, `${path} on a phone`);
  };
  await at('/reference', 'Melting-point standards');
  await at('/reference/vanillin', 'Infrared: where to look', async () => {
    await expect(page.getByRole('img', { name: 'Structure of Vanillin' })).toBeVisible();
  });
  await at('/reference/acetic-acid-6m', 'How it is made');
  await at('/reference/new?kind=substance', 'New substance', async () => {
    await page.getByLabel('I have the label elements').check();
    await page.getByLabel(/^Statements/).fill('H225');
    await page.getByLabel('Signal word').focus();
    await expect(page.getByText('The signal word is none, the statements ask for danger.')).toBeVisible();
  });
  await at('/courses', 'Name of a new course');
  const course = await page.getByRole('link', { name: /Spring module/ }).getAttribute('href');
  await at(course ?? '', 'Where practitioners differ', async () => {
    await page.getByRole('button', { name: /Melting apparatus/ }).click();
  });
  const id = await openPlan(page, acetanilideText());
  await at(`/preparations/${id}/safety`, 'Hazards and waste', async () => {
    await page.getByRole('button', { name: 'By step' }).click();
  });
  await at(`/preparations/${id}/hazards`, 'At which step');
});
