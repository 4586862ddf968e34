import { expect } from '@playwright/test';
import { enterAs, test } from './support';
import { keys } from './keys';
import { read, sentence } from './bench';
import type { Page } from '@playwright/test';

type Keys = ReturnType<typeof keys>;

/** A term of the equation, from the reference. */
async function term(page: Page, by: Keys, side: 'reacts' | 'forms', name: string) {
  await by.press(new RegExp(`^\\+ what ${side}$`));
  await by.pick(/^Substance$/, name);
  await by.key('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();
}

/** A line of the charge table with its amount. */
async function line(
  page: Page,
  by: Keys,
  { name, role, amount }: Readonly<Record<'name' | 'role' | 'amount', string>>,
) {
  await by.press(/Add a line$/);
  const dialog = page.getByRole('dialog');
  await expect(dialog).toBeVisible();
  await by.pick(/^Substance or material$/, name);
  await by.choose(/^Role$/, role);
  await by.press(/^Add$/);
  await expect(page.getByRole('dialog', { name })).toBeVisible();
  await by.type(/^Amount/, amount);
  await by.key('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
}

/** What a step needs and nobody has chosen yet. */
async function chooseOpen(page: Page, by: Keys, { name, amount }: Readonly<Record<'name' | 'amount', string>>) {
  await by.press(/^Open the line/);
  await expect(page.getByRole('dialog')).toBeVisible();
  await by.pick(/^Entry of the reference$/, name);
  await by.press(/^Take its values$/);
  await expect(page.getByRole('dialog', { name })).toBeVisible();
  await by.type(/^Amount/, amount);
  await by.key('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
}

/** A step from the palette, and what is set of it before its editor is closed. */
async function step(
  page: Page,
  by: Keys,
  phase: RegExp,
  name: RegExp,
  more: () => Promise<void> = async () => undefined,
) {
  await by.press(phase);
  await by.press(name);
  await expect(page.getByRole('dialog')).toBeVisible();
  await more();
  await by.key('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
}

// About 25 s.
test(
  'by keys alone, from a blank page: fourteen steps, nothing missing, a class, and a bench that records',
  { tag: '@all' },
  async ({ page }) => {
    await enterAs(page, 'coordinator');
    await page.goto('/preparations');
    const by = keys(page);
    await by.type(/Write your own/, 'Amide of mine');
    await by.press(/^Begin from a blank page$/);
    await expect(page.getByText('There is no step yet.')).toBeVisible();

    await by.press(/Add a reaction$/);
    await term(page, by, 'reacts', 'Aniline');
    await term(page, by, 'reacts', 'Acetic anhydride');
    await term(page, by, 'forms', 'Acetanilide');
    await by.press(/^Acetic acid on the right$/);
    await expect(page.getByText('balanced by element and charge')).toBeVisible();

    await line(page, by, { name: 'Aniline', role: 'reactant', amount: '2.0 mL' });
    await line(page, by, { name: 'Acetic anhydride', role: 'reagent', amount: '2.5 mL' });
    await line(page, by, { name: 'Acetic acid', role: 'solvent', amount: '4.0 mL' });
    await line(page, by, { name: 'Water', role: 'quench', amount: '40 mL' });

    await by.press(/^Procedure/);
    await step(page, by, /^React$/, /^\+ Heating under reflux$/, async () => {
      await by.type(/^Time, min$/, '15');
      await by.choose(/^Heated with$/, 'oil');
      await by.tick(/Reaction runs here$/);
    });
    await step(page, by, /^Isolate$/, /^\+ Cooling$/);
    await step(page, by, /^Isolate$/, /^\+ Quench$/);
    await step(page, by, /^Isolate$/, /^\+ Vacuum filtration$/);
    await step(page, by, /^Dry and weigh$/, /^\+ Drying/);
    await by.press(/^Blocks$/);
    await by.press(/Recrystallize, filter, dry, weigh, melt$/);
    const steps = page.getByRole('list', { name: 'Steps of the procedure' }).locator('> li');
    await expect(steps).toHaveCount(14);

    await chooseOpen(page, by, { name: 'Water', amount: '5 mL' });
    await chooseOpen(page, by, { name: 'Water', amount: '55 mL' });
    await chooseOpen(page, by, { name: 'Water', amount: '4 mL' });
    await expect(page.getByRole('region', { name: 'Findings' })).not.toContainText('Still to be chosen');
    await by.press(/^Save as version 2$/);
    await by.press(/^Issue to a class$/);
    await by.type(/^Name of the class/, 'Evening');
    await by.type(/^Benches, one name a line/, 'Knot');
    await by.press(/^Issue to 1 bench$/);
    const card = page.getByRole('listitem').filter({ hasText: 'Join code' });
    await expect(card.locator('dd')).toHaveCount(2);
    const [joinCode, pin] = await card.locator('dd').allTextContents();
    expect(by.done()).toBeLessThanOrEqual(150);

    const entered = await page.request.post('/api/v1/session', { data: { as: 'group', joinCode, bench: 'Knot', pin } });
    expect(entered.status()).toBe(200);
    await page.goto('/bench');
    await expect(sentence(page)).toContainText('aniline');
    await read(page, '12.34');
    await expect(page.getByText('12.34').first()).toBeVisible();
  },
);
