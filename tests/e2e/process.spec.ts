import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { writePreparation } from '@/core/formats/writePreparation';
import { shipped } from '../support/preparations';
import { first, makeChecks, makeClass, openStep, press, read, sentence, staffPage, tablet } from './bench';
import { enterAs, openPlan, test, toRoom } from './support';
import type { Page } from '@playwright/test';

// A bench takes its time on two busy cores.

const text = (name: string) => writePreparation(shipped(name));
const foreseen = (page: Page) => page.locator('.foreseen');
/** Ends of the range that is foreseen of a stage. */
async function range(page: Page, stage: string): Promise<readonly [number, number]> {
  const said = (await foreseen(page).textContent()) ?? '';
  const [, low, high] = new RegExp(`${stage} ([\\d.]+)–([\\d.]+)`).exec(said) ?? [];
  return [Number(low), Number(high)];
}

test('the plan foresees its procedure; the pin, a number of a step and an assumption move all of it', async ({
  page,
}) => {
  await openPlan(page, text('methylcyclohexanone'));
  await toRoom(page, 'Process');
  const [low, high] = await range(page, 'Distilled ketone');
  expect([low > 4 && low < high, high < 6.5]).toEqual([true, true]);

  await page.getByRole('button', { name: /Extraction: tert-butyl/ }).click();
  const process = page.getByRole('region', { name: 'Process' });
  await expect(process.getByRole('row', { name: /4-Methylcyclohexanone/ }).first()).toBeVisible();
  await expect(process.getByText(/organic layer is on top/).first()).toBeVisible();

  await process.getByRole('button', { name: 'Assumptions' }).click();
  const conversion = process.getByLabel(/conversion of the limiting reagent/).last();
  await conversion.fill('50');
  await expect.poll(async () => (await range(page, 'Distilled ketone'))[1]).toBeLessThan(low);
  await conversion.fill('no');
  await expect(process.getByText('A number.')).toBeVisible();
  await conversion.fill('87');
  await conversion.press('Enter');
  await expect.poll(async () => (await range(page, 'Distilled ketone'))[0]).toBeCloseTo(low, 1);

  await page.getByRole('button', { name: 'Factor', exact: true }).click();
  await page.getByLabel('Factor of the tested scale').fill('2');
  await expect.poll(async () => (await range(page, 'Distilled ketone'))[0]).toBeGreaterThan(1.9 * low);
  const findings = page.getByRole('region', { name: 'Findings' });
  await expect(findings).toContainText('Reaction flask');
});

test('numbers of a step are changed in place and judged; stages of the column move the cuts', async ({ page }) => {
  await openPlan(page, text('cyclohexane-toluene'));
  await toRoom(page, 'Procedure');
  const [, six] = await range(page, 'Toluene in cut 3');
  const stages = page.getByLabel('Stages', { exact: true });
  await stages.fill('0');
  await expect(page.getByText('It must be at least 1.')).toBeVisible();
  expect((await range(page, 'Toluene in cut 3'))[1]).toBe(six);
  await stages.fill('3');
  await expect.poll(async () => (await range(page, 'Toluene in cut 3'))[1]).toBeLessThan(six);
});

test('the proof-reader remarks what does not fit, and is silent once it does', async ({ page }) => {
  await openPlan(page, text('methylcyclohexanone'));
  const findings = page.getByRole('region', { name: 'Findings' });
  const size = page.getByLabel('Capacity of the Reaction flask, mL');
  await size.fill('100');
  await expect(findings).toContainText('Reaction flask');
  await size.fill('250');
  await expect(findings).not.toContainText('Reaction flask');
  await toRoom(page, 'Procedure');
  await page.getByLabel('Takes, min').nth(3).fill('0');
  await expect(findings).toContainText('has no duration');
});

test('the models stand on a page of their own; a distillation runs in the background and can be cancelled', async ({
  page,
}) => {
  await enterAs(page, 'coordinator');
  await page.getByRole('link', { name: 'Models' }).click();
  const says = page.locator('.explore-says');
  await expect(says).toContainText('of benzoic acid behind');
  await page.getByLabel('Portions', { exact: true }).fill('1');
  await expect(says).toContainText('1 × 60.0 mL leaves 6.3 %');

  await page.getByRole('button', { name: 'Washes' }).click();
  await expect(page.locator('.explore-washes li').last()).toContainText('saturated brine');
  await page.getByLabel(/^Phenol/).check();
  await expect(page.locator('.explore-washes')).toContainText('sodium hydroxide');

  await page.getByRole('button', { name: 'Recrystallization' }).click();
  await expect(says).toContainText('come back');
  await page.getByRole('button', { name: 'Melting range' }).click();
  await page.getByLabel(/^Impurity that the melt dissolves, mol/).fill('0');
  await expect(says).toContainText('With 0.0 % impurity it melts at');

  // The worker's file does not arrive: there is time to think better of it.
  const held: (() => void)[] = [];
  await page.route(/worker/i, (route) => void held.push(() => void route.continue()));
  await page.getByRole('button', { name: 'Distillation' }).click();
  await press(page, 'Cancel');
  await expect(page.getByText('Cancelled.')).toBeVisible();
  await page.unroute(/worker/i);
  await press(page, 'Distil again');
  await expect(says).toContainText('The first drop comes at 81.3');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
});

test('a plan opens the models with its own numbers', async ({ page }) => {
  await openPlan(page, text('acid-base-neutral'));
  await toRoom(page, 'Process');
  await page.getByRole('button', { name: /^Models/ }).click();
  const models = page.getByRole('region', { name: 'Models' });
  await expect(models.locator('.explore-says')).toContainText('2 × 15.0 mL leave');
  await expect(models.getByLabel('pH of the water', { exact: true })).toHaveValue('8.3');
});

test('a bench takes three things apart: each layer is tested, each recovery has its own staircase', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, text('acid-base-neutral'));
  const bench = await tablet(browser, issued, first());
  for (const step of [1, 2, 3]) {
    await openStep(bench, step);
    await read(bench, '24.10');
    await read(bench, '23.10');
  }
  await openStep(bench, 5);
  await expect(sentence(bench)).toContainText('2 × 15.0 mL sodium bicarbonate solution, 1 M, one after the other');
  await makeChecks(bench);
  await read(bench, '30.0');
  await press(bench, 'No more hiss');
  await press(bench, 'Organic is the lower one');
  await expect(bench.getByText('Not the layer that was expected')).toBeVisible();

  await openStep(bench, 9);
  await makeChecks(bench);
  await press(bench, 'It runs');
  await press(bench, 'Nothing more comes');
  await read(bench, '48.200');
  await read(bench, '49.140');
  const staff = await staffPage(browser, first(), 'demonstrator');
  await staff.goto(`/classes/${issued.id}/results`);
  await staff.getByRole('button', { name: 'Ruff', exact: true }).click();
  await expect(staff.getByText(/Fluorene: 0\.940\sg, 94\.0/)).toBeVisible();
  await expect(staff.getByText('Cinnamic acid, taken')).toBeVisible();
});
