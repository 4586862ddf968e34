import { expect } from '@playwright/test';
import { acetanilideText } from '../support/preparations';
import { enterAs, storePreparation, test } from './support';

// About 7 s.
test('a preparation is found, tagged, copied and put away', async ({ page }) => {
  await enterAs(page, 'coordinator');
  await storePreparation(page.request, acetanilideText().replace('"title": "Acetanilide"', '"title": "Dunlin amide"'));
  await page.goto('/preparations');
  const cards = page.getByRole('listitem').filter({ has: page.getByRole('heading') });
  const search = page.getByRole('searchbox');
  await search.fill('dunlin');
  await expect(cards).toHaveCount(1);
  await expect(cards).toContainText('from 2.00 mL Aniline');
  await expect(cards).toContainText('Not run yet');
  await expect(cards.getByRole('img', { name: 'Heating under reflux' })).toBeVisible();
  await page.getByLabel('Technique', { exact: true }).selectOption({ label: 'Distillation' });
  await expect(page.getByText('Nothing fits. Take a word or a filter away.')).toBeVisible();
  await page.getByLabel('Technique', { exact: true }).selectOption('');
  await expect(cards).toHaveCount(1);

  await cards.getByRole('button', { name: 'Tags' }).click();
  await cards.getByLabel('Tags, with commas between').fill('amide, dunlins');
  await cards.getByLabel('Level').selectOption('beginners');
  await cards.getByRole('button', { name: 'Keep' }).click();
  await page.getByRole('button', { name: 'dunlins' }).click();
  await expect(cards).toContainText('for beginners');
  await cards.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByRole('heading', { name: 'Dunlin amide, copy' })).toBeVisible();

  await page.goto('/preparations');
  await search.fill('dunlin');
  await expect(cards).toHaveCount(2);
  await cards
    .filter({ has: page.getByRole('heading', { name: /copy$/ }) })
    .getByRole('button', { name: 'Put away' })
    .click();
  await expect(cards).toHaveCount(1);
  await page.getByRole('button', { name: 'put away', exact: true }).click();
  await expect(cards).toContainText('Dunlin amide, copy');
  await cards.getByRole('button', { name: 'Take it out again' }).click();
  await expect(page.getByText('Nothing fits.')).toBeVisible();
});
