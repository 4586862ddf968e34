import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { enterAs, test } from './support';
import { keys } from './keys';

const sheet = readFileSync('tests/handouts/acetanilide-imperative.txt', 'utf8');

// About 12 s.
test('her handout becomes a class by keys alone, in no more than forty of them, and a bench begins', async ({
  page,
}) => {
  await enterAs(page, 'coordinator');
  await page.goto('/preparations');
  const by = keys(page);
  await by.press(/^From a handout/);
  await expect(page).toHaveURL(/\/handout$/);
  await by.type(/Text of the handout/, sheet);
  await by.press(/^Read it$/);
  await expect(page.getByText('1 to confirm')).toBeVisible();
  await expect(page.getByText('0 not read')).toBeVisible();
  await by.press(/^Right$/);
  await expect(page.getByText('0 to confirm')).toBeVisible();
  await by.press(/^Make the preparation$/);
  await expect(page).toHaveURL(/\/preparations\/[0-9A-Z]{26}$/);
  await expect(page.getByText('balanced by element and charge')).toBeVisible();
  await expect(page.getByRole('button', { name: /stop/ })).toHaveCount(0);

  await by.press(/^Issue to a class$/);
  await by.type(/Name of the class/, 'Evening');
  await by.type(/Benches, one name a line/, 'Knot');
  await by.press(/^Issue to 1 bench$/);
  await by.press(/^To the class$/);
  await expect(page.getByText(/Charge: acetic acid, glacial/i).first()).toBeVisible();
  expect(by.done()).toBeLessThanOrEqual(40);
});

// About 6 s.
test('a Word document and a PDF are read like the text that they hold; what is neither is refused in words', async ({
  page,
}) => {
  await enterAs(page, 'coordinator');
  for (const file of ['handout.docx', 'handout.pdf']) {
    await page.goto('/preparations/handout');
    await page.getByLabel('File of the handout').setInputFiles(`tests/fixtures/${file}`);
    await expect(page.getByRole('heading', { name: '2-Ethoxynaphthalene (nerolin)' })).toBeVisible();
    const charge = page.getByRole('complementary', { name: 'What it becomes' });
    await expect(charge).toContainText('2-Naphthol1.80 g');
    await expect(charge).toContainText('Iodoethane1.3 mL');
    await expect(charge).toContainText('→ 2-Ethoxynaphthalene + Water + Sodium iodide');
  }
  await page.goto('/preparations/handout');
  const alert = page.getByRole('alert').filter({ hasText: /text|Word/ });
  await page
    .getByLabel('File of the handout')
    .setInputFiles({ name: 'x.bin', mimeType: 'application/octet-stream', buffer: Buffer.from([1, 0, 2, 0]) });
  await expect(alert).toContainText('neither text, nor a Word document, nor a PDF');
  await page
    .getByLabel('File of the handout')
    .setInputFiles({ name: 'x.docx', mimeType: 'application/zip', buffer: Buffer.from('PK\u0003\u0004 nothing') });
  await expect(alert).toContainText('could not be read');
});

// About 5 s.
test('what is in doubt stays out until it is confirmed, and a sentence can be made another step', async ({ page }) => {
  await enterAs(page, 'coordinator');
  await page.goto('/preparations/handout');
  await page
    .getByLabel('Text of the handout')
    .fill('Urea again\n\nDissolve 2.0 g of urea in about 30 mL of water.\nTwirl for 5 min.\nSonicate the residue.');
  await page.getByRole('button', { name: 'Read it' }).click();
  const rows = page.getByRole('list', { name: 'Sentences and steps' }).getByRole('listitem');
  const charge = page.getByRole('complementary', { name: 'What it becomes' });
  await expect(charge).not.toContainText('30 mL');
  await rows.nth(1).getByRole('button', { name: 'Right' }).click();
  await expect(charge).toContainText('Water30 mL');
  await expect(rows.nth(2)).toContainText('Text of the step above');
  await rows.nth(2).getByLabel('Operation').selectOption({ label: 'Stirring at temperature' });
  await expect(rows.nth(2)).toContainText('3 Stirring at temperature');
  await expect(rows.nth(3)).toContainText('No operation for “sonicate”');
});
