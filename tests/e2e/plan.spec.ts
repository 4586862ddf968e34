import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { acetanilideText, dienoneText } from '../support/preparations';
import { enterAs, openPlan, row, test, toRoom } from './support';
import type { Page } from '@playwright/test';

test('acetanilide shows the numbers worked out by hand', async ({ page }) => {
  await openPlan(page, acetanilideText());
  // 2.00 mL × 1.022 g/mL = 2.04 g; ÷ 93.13 g/mol = 21.9 mmol; × 135.17 g/mol = 2.97 g. 26.5 mmol anhydride is 1.21 equiv.
  for (const text of ['2.04g', '21.9mmol', '1.00equiv', 'limits', '17.6mL'])
    await expect(row(page, 'aniline')).toContainText(text);
  for (const text of ['2.71g', '26.5mmol', '1.21equiv', '+21%', 'flips if 0.43 mL lost'])
    await expect(row(page, 'anhydride')).toContainText(text);
  await expect(row(page, 'product')).toContainText('2.97g');
  await expect(page.getByText('balanced by element and charge')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Structure of Acetanilide' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Vessels' })).toContainText('8.5 mL');
});

test('the pin moves: a line, the product, a vessel, a factor, the class total; all else follows at once', async ({
  page,
}) => {
  await openPlan(page, acetanilideText());
  await page.getByLabel('Pinned Aniline to measure').fill('4.00');
  await expect(row(page, 'product')).toContainText('5.93g');
  await expect(row(page, 'anhydride')).toContainText('5.00mL');
  await expect(page.getByText('Heat grows faster than cooling')).toBeVisible();

  await row(page, 'anhydride').getByRole('button', { name: 'Pin mass of Acetic anhydride' }).click({ force: true });
  await page.getByLabel('Pinned mass of Acetic anhydride').fill('2706 mg');
  await expect(row(page, 'aniline')).toContainText('2.00mL');

  await page.getByRole('button', { name: 'Product', exact: true }).click();
  await page.getByLabel('Pure product wanted').fill('4.00 g');
  await page.getByLabel('Expected yield, %').fill('80');
  // 4.00 g ÷ 0.80 ÷ 2.9667 g = 1.685; 3.37 mL aniline on the pipette.
  await expect(row(page, 'aniline')).toContainText('3.37mL');

  await page.getByRole('button', { name: 'Vessel', exact: true }).click();
  await page.getByLabel('Capacity, mL', { exact: true }).fill('50');
  await page.getByLabel('Filled to, %').fill('34');
  await expect(row(page, 'aniline')).toContainText('4.00mL');

  await page.getByRole('button', { name: 'Factor', exact: true }).click();
  await page.getByLabel('Factor of the tested scale').fill('0.5');
  await expect(row(page, 'aniline')).toContainText('1.00mL');
  await expect(row(page, 'aids')).toContainText('2 or 3');

  await row(page, 'aniline').getByRole('button', { name: 'Pin Aniline for the class' }).click({ force: true });
  await page.getByLabel('Pinned Aniline for the class').fill('22.0 mL');
  await expect(row(page, 'aniline')).toContainText('2.50mL');
  await page.getByLabel('Benches').fill('10');
  await expect(row(page, 'aniline')).toContainText('2.00mL');
});

test('rounding to the device is a second mark on its scale, and its effect on the yield is said', async ({ page }) => {
  await openPlan(page, acetanilideText());
  await page.getByLabel('Pinned Aniline to measure').fill('1.87');
  await expect(row(page, 'anhydride')).toContainText('2.35mL');
  await expect(row(page, 'anhydride')).toContainText('exact 2.338 mL');
  await page.getByRole('button', { name: 'Product', exact: true }).click();
  await page.getByLabel('Pure product wanted').fill('1.234 g');
  await expect(row(page, 'product')).toContainText('unrounded');
});

test('a working opens beneath its number and lights what it rests on', async ({ page }) => {
  await openPlan(page, acetanilideText());
  await page.getByRole('button', { name: /^Theoretical yield: 2.97 g/ }).click();
  const working = page.getByRole('region', { name: 'Working: Product' });
  await expect(working).toContainText('1·21.948 mmol·135.17 g/mol = 2.97 g');
  await expect(working).toContainText('2.00 mL·1.022 g/mL = 2.044 g ± 0.007 g');
  await expect(working).toContainText(
    '8·12.011 g/mol + 9·1.0080 g/mol + 1·14.007 g/mol + 1·15.999 g/mol = 135.17 g/mol',
  );
  await expect(row(page, 'aniline').locator('.worked-lit')).toHaveCount(4);
  await expect(row(page, 'anhydride').locator('.worked-lit')).toHaveCount(0);
  await page.getByRole('button', { name: /^Theoretical yield: 2.97 g/ }).click();
  await expect(working).toHaveCount(0);
});

test('nonsense is met at the field in words; the last good value stays in force', async ({ page }) => {
  await openPlan(page, acetanilideText());
  const aniline = page.getByLabel('Pinned Aniline to measure');
  for (const [typed, says] of [
    ['-2 mL', 'An amount is more than zero'],
    ['0', 'Zero is no amount'],
    ['2,5', 'can be read two ways'],
    ['two', 'is not a number'],
    ['2 furlong', 'a unit that is not known'],
    ['2 g', 'does not fit this field'],
    ['', 'Enter a number with its unit'],
  ] as const) {
    await aniline.fill(typed);
    await expect(row(page, 'aniline').getByRole('alert')).toContainText(says);
    await expect(row(page, 'product')).toContainText('2.97g');
  }
  await aniline.press('Escape');
  await expect(aniline).toHaveValue('2.00 mL');
  await page.getByLabel('Coefficient of Acetic acid, glacial').fill('2');
  await expect(page.getByRole('alert').filter({ hasText: 'The right has 2 C, 4 H and 2 O more' })).toBeVisible();
  await page.getByLabel('Coefficient of Acetic acid, glacial').fill('x');
  await expect(page.getByText('is not a coefficient')).toBeVisible();
  await page.getByRole('button', { name: 'Aniline', exact: true }).click();
  const formula = page.getByLabel('Formula, hydrate water included');
  await formula.fill('C6H7Nx');
  await expect(page.getByText('is no element')).toBeVisible();
  await formula.fill('');
  await expect(page.getByRole('dialog').getByText('has no formula, so its amount cannot be worked out')).toBeVisible();
});

test('a line is edited, added and removed; undo brings it back; saving makes a version', async ({ page }) => {
  const id = await openPlan(page, acetanilideText());
  await page.getByRole('button', { name: 'Acetic anhydride', exact: true }).click();
  const editor = page.getByRole('dialog');
  await editor.getByLabel('Amount', { exact: true }).fill('1.50 equiv');
  await editor.getByLabel('Density, g/mL').fill('1.08');
  await editor.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(row(page, 'anhydride')).toContainText('+49%');
  await page.getByRole('button', { name: 'Add a line' }).click();
  await page.getByLabel('Substance or material').fill('Seed crystals');
  await page.getByLabel('Role').selectOption('aid');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await editor.getByLabel('Amount', { exact: true }).fill('a few grains');
  await editor.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(row(page, 'seed-crystals')).toContainText('a few grains');
  await page.getByRole('button', { name: 'Boiling aids', exact: true }).click();
  await editor.getByRole('button', { name: 'Remove this line' }).click();
  // The step that charges it goes along: that is said before.
  const leaving = page.getByRole('dialog', { name: 'Take Boiling aids away?' });
  await expect(leaving).toContainText('Step 3, Charge: boiling aids taken away');
  await leaving.getByRole('button', { name: 'Take it away' }).click();
  await expect(row(page, 'aids')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'aids')).toBeVisible();
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  await enterSecond(page, id);
  await expect(row(page, 'seed-crystals')).toContainText('a few grains');
  await expect(page.getByText('version 2')).toBeVisible();
});

/** The other instance has its own origin, so its own cookie: sign in there when asked. */
async function enterSecond(page: Page, id: string): Promise<void> {
  const second = process.env['SECOND_URL'] ?? '';
  await page.request.post(`${second}/api/v1/session`, { data: { as: 'demo', role: 'coordinator' } });
  await page.goto(`${second}/preparations/${id}`);
}

test('unsaved changes survive a closed tab, and two editors do not overwrite each other', async ({ page }) => {
  const id = await openPlan(page, acetanilideText());
  await page.getByLabel('Benches').fill('12');
  await expect(page.getByText('version 1, changed')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Changes that were not saved last time are back.')).toBeVisible();
  await expect(page.getByLabel('Benches')).toHaveValue('12');
  const other = await page.request.post(`/api/v1/preparations/${id}/versions`, {
    data: { base: 1, document: acetanilideText().replace('"benches": 8', '"benches": 4') },
  });
  expect(other.status()).toBe(201);
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await expect(page.getByText('Version 2 was stored meanwhile')).toBeVisible();
  await page.getByRole('button', { name: 'Keep mine as a copy' }).click();
  await expect(page).not.toHaveURL(new RegExp(id));
  await expect(page.getByLabel('Benches')).toHaveValue('12');
});

// About 6 s.
test('two who changed one version are joined where they touch different places, and asked where the same', async ({
  page,
}) => {
  const id = await openPlan(page, acetanilideText());
  await page.getByLabel('Benches').fill('12');
  await page.getByLabel('Spare, %').fill('25');
  const theirs = acetanilideText()
    .replace('"benches": 8', '"benches": 4')
    .replace('"digits": "2.50"', '"digits": "2.80"');
  const data = { base: 1, document: theirs, reason: 'Half a section' };
  expect((await page.request.post(`/api/v1/preparations/${id}/versions`, { data })).status()).toBe(201);
  await page.getByLabel('Why, for the history').fill('A full section');
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await page.getByRole('button', { name: 'Join with theirs' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('region', { name: 'Theirs' })).toContainText('Acetic anhydride amount: 2.50 → 2.80 mL');
  await expect(dialog.getByRole('region', { name: 'Yours' })).toContainText('spare, %: 10 → 25');
  await expect(dialog.getByRole('button', { name: '1 to choose' })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Yours: 12' }).click();
  await dialog.getByRole('button', { name: 'Join both' }).click();
  await expect(page.getByLabel('Benches')).toHaveValue('12');
  await expect(row(page, 'anhydride')).toContainText('2.80');
  await page.getByRole('button', { name: 'Save as version 3' }).click();
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  await page.getByRole('link', { name: 'version 3' }).click();
  const versions = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: /^Version \d/ }) });
  await expect(versions).toHaveCount(3);
  await expect(versions.first()).toContainText('A full section');
  await expect(versions.first()).toContainText('benches: 4 → 12');
  await expect(versions.nth(1)).toContainText('Half a section');
});

test('a file is imported, refused with line and reason when broken, and exported to the letter', async ({ page }) => {
  await enterAs(page, 'coordinator');
  const file = (text: string) => ({ name: 'dienone.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  const input = page.getByLabel(/Bring in a preparation/);
  await input.setInputFiles(file(dienoneText().replace('"role": "catalyst"', '"role": "magic"')));
  const refusal = page.getByRole('alert').filter({ hasText: 'dienone.json' });
  await expect(refusal).toContainText(/line \d+.*lines\.2\.role.*must be one of/);
  await input.setInputFiles(file(dienoneText()));
  await expect(page).toHaveURL(/\/preparations\/\w{26}/);
  // 2 : 1 by hand: 19.7 mmol aldehyde allow 9.84 mmol, 2.31 g; 10.0 mL of 2.50 M are 25.0 mmol.
  await expect(row(page, 'product')).toContainText('2.30g');
  await expect(row(page, 'benzaldehyde')).toContainText('9.84mmol');
  await expect(row(page, 'hydroxide')).toContainText('25.0mmol');
  await expect(page.getByText('Much for a catalyst')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print and export' }).click();
  await page.getByRole('link', { name: 'Export file' }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toBe(dienoneText());
});

test('a demonstrator reads the plan but cannot change it', async ({ page }) => {
  await openPlan(page, acetanilideText());
  await page.request.post('/api/v1/session', { data: { as: 'demo', role: 'demonstrator' } });
  await page.reload();
  await expect(page.getByLabel('Pinned Aniline to measure')).toBeDisabled();
  await expect(page.getByRole('button', { name: /Save/ })).toHaveCount(0);
  await page.getByRole('button', { name: /^Theoretical yield: 2.97 g/ }).click();
  await expect(page.getByRole('region', { name: 'Working: Product' })).toBeVisible();
});

test('the procedure reads with the plan’s own numbers, and moving the pin moves them', async ({ page }) => {
  await openPlan(page, acetanilideText());
  await toRoom(page, 'Procedure');
  await expect(page).toHaveURL(/\/procedure$/);
  await expect(page.getByRole('region', { name: 'Procedure' })).toContainText(/21 steps, about 3\sh\s55\smin/);
  const steps = page.getByRole('list', { name: 'Steps of the procedure' }).getByRole('listitem');
  await expect(steps.first()).toContainText('Weigh 2.04 g aniline by difference into the reaction flask.');
  await expect(steps.nth(4)).toContainText('Heat the reaction flask under reflux for 15 min, from the first reflux.');
  await expect(page.getByText('may stop here: Crude solid, covered, in air.')).toBeVisible();
  await page.getByLabel('Aniline at each bench').fill('4.00');
  await expect(steps.first()).toContainText('Weigh 4.09 g aniline by difference into the reaction flask.');
  // Going back keeps what was changed; an address opens its room.
  await page.goBack();
  await expect(page.getByRole('table')).toBeVisible();
  await expect(page.getByLabel('Pinned Aniline to measure')).toHaveValue('4.00 mL');
  await page.goForward();
  await page.reload();
  await expect(steps.first()).toBeVisible();
});

// About 9 s.
test('her own preparation is written from a blank page, issued to a class, and a bench begins with it', async ({
  page,
}) => {
  await enterAs(page, 'coordinator');
  await page.goto('/preparations');
  await page.getByLabel(/Write your own/).fill('Benzyl acetate');
  await page.getByRole('button', { name: 'Begin from a blank page' }).click();
  await expect(page.getByText('There is no step yet.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Issue to a class' })).toBeDisabled();

  await page.getByRole('button', { name: 'Add a reaction' }).click();
  const term = async (side: string, name: string, formula: string) => {
    await page.getByRole('button', { name: `+ what ${side}` }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Substance').fill(name);
    await dialog.getByLabel(/Its formula/).fill(formula);
    await dialog.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(dialog).toBeHidden();
  };
  await term('reacts', 'Alcohol of mine', 'C7H8O');
  await term('reacts', 'Anhydride of mine', 'C4H6O3');
  await term('forms', 'Ester of mine', 'C9H10O2');
  await page.getByRole('button', { name: 'Acetic acid on the right' }).click();
  await expect(page.getByText('balanced by element and charge')).toBeVisible();

  const line = async (name: string, role: string) => {
    await page.getByRole('button', { name: 'Add a line' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Substance or material').fill(name);
    await dialog.getByLabel('Role').selectOption(role);
    await dialog.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByRole('button', { name: 'Close', exact: true }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
  };
  await line('Alcohol of mine', 'reactant');
  await line('Anhydride of mine', 'reagent in excess');
  await expect(row(page, 'alcohol-of-mine')).toContainText('reference');

  await page
    .getByRole('region', { name: 'What is measured' })
    .getByLabel('Add')
    .selectOption({ label: 'Ester of mine' });
  await page.getByRole('region', { name: 'Vessels' }).getByLabel('Add').selectOption('reaction flask');
  await toRoom(page, 'Procedure');
  const palette = page.getByRole('region', { name: 'Add a step' });
  await palette.getByRole('button', { name: 'React', exact: true }).click();
  await palette.getByRole('button', { name: '+ Heating under reflux' }).click();
  await page.getByLabel('Reaction runs here').check();
  // A vessel that is made in place, and what it means for the bench.
  await page.getByLabel('Gas trap').selectOption(' new');
  await page.getByLabel('Time, min').last().fill('45');
  await page.getByLabel('Heated with').selectOption('oil bath');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByText(/The gas goes into the beaker: the funnel over the liquid/)).toBeVisible();
  await palette.getByRole('button', { name: 'Dry and weigh' }).click();
  await palette.getByRole('button', { name: '+ Weighing' }).click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: /^Move Weighing.* up$/ }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Foreseen: Ester of mine')).toBeVisible();

  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await page.getByRole('button', { name: 'Issue to a class' }).click();
  await page.getByLabel('Name of the class').fill('Evening');
  await page.getByLabel(/^Benches, one name a line/).fill('Knot');
  await page.getByRole('button', { name: 'Issue to 1 bench' }).click();
  await page.getByRole('link', { name: 'To the class' }).click();
  await expect(page.getByText(/Charge: alcohol of mine/i).first()).toBeVisible();
});

// About 7 s.
test('lines and steps are moved by keys and by drag, and undone', async ({ page }) => {
  await openPlan(page, acetanilideText());
  const lines = page.locator('tr[data-line]');
  await expect(lines.first()).toHaveAttribute('data-line', 'aniline');
  const handle = page.getByRole('button', { name: 'Drag the line Aniline' });
  await handle.focus();
  await page.keyboard.press('Space');
  await expect(handle).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(/was moved over droppable area anhydride/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(lines.first()).toHaveAttribute('data-line', 'anhydride');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(lines.first()).toHaveAttribute('data-line', 'aniline');

  await toRoom(page, 'Procedure');
  const steps = page.getByRole('list', { name: 'Steps of the procedure' }).getByRole('listitem');
  await expect(steps.nth(1)).toContainText('acetic acid');
  await steps.nth(1).getByRole('button', { name: /^Drag/ }).hover();
  await page.mouse.down();
  const to = await steps.first().boundingBox();
  await page.mouse.move((to?.x ?? 0) + 20, (to?.y ?? 0) + 10, { steps: 8 });
  await page.mouse.up();
  await expect(steps.first()).toContainText('acetic acid');

  // From the palette into the list; a tap elsewhere adds at the end.
  await page.setViewportSize({ width: 1280, height: 6000 });
  const before = await steps.count();
  const palette = page.getByRole('region', { name: 'Add a step' });
  await palette.getByRole('button', { name: 'Isolate' }).click();
  await palette.getByRole('button', { name: '+ Cooling' }).hover();
  await page.mouse.down();
  const place = await steps.nth(2).boundingBox();
  await page.mouse.move((place?.x ?? 0) + 60, (place?.y ?? 0) + 20, { steps: 12 });
  await page.mouse.up();
  await expect(steps).toHaveCount(before + 1);
  await expect(steps.nth(2)).toContainText(/Cool the .* in air/);
  await expect(page.getByRole('dialog', { name: 'Cooling' })).toBeVisible();
});
