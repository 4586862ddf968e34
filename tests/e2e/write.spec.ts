import { expect } from '@playwright/test';
import { acetanilideText } from '../support/preparations';
import { demonstrators, enterAs, openPlan, row, storePreparation, test, toRoom } from './support';
import { ulid } from 'ulid';
import type { Issued } from './bench';

// About 9 s.
test('rows are pasted, a structure is typed, the other reactant is made to limit with its consequences told before', async ({
  page,
}) => {
  await openPlan(page, acetanilideText());
  await page.getByRole('button', { name: 'Paste rows …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog
    .getByLabel(/^Rows/)
    .fill('Compound\tVolume (mL)\tRole\nToluene\t12\textractant\nSecret\ttwo drops\tcatalyst');
  await expect(dialog.getByRole('row', { name: /Toluene/ })).toContainText('from the reference');
  await expect(dialog.getByRole('row', { name: /Secret/ })).toContainText('is not read as an amount');
  await dialog.getByLabel('Take Secret').uncheck();
  await dialog.getByRole('button', { name: 'Add 1 line' }).click();
  await expect(row(page, 'toluene')).toContainText('12mL');

  await page.getByRole('button', { name: '+ what forms' }).click();
  await dialog.getByLabel('Substance').fill('Side product');
  await dialog.getByLabel('Or its structure as SMILES').fill('Xx');
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(dialog.getByRole('alert')).toContainText('cannot be read');
  await dialog.getByLabel('Or its structure as SMILES').fill('CCCCCCCC(=O)Nc1ccccc1');
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('img', { name: 'Structure of Side product' })).toBeVisible();
  await expect(page.getByText('Side productC14H21NO')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();

  await page.getByRole('button', { name: 'Which left-over can you get rid of?' }).click();
  const choice = dialog.getByRole('region', { name: 'Acetic anhydride limits' });
  await expect(choice).toContainText('Taken out by 1 M hydrochloric acid.');
  await expect(choice).toContainText('line that limits: Aniline → Acetic anhydride');
  await choice.getByRole('button', { name: 'Let Acetic anhydride limit' }).click();
  await expect(row(page, 'anhydride')).toContainText('reference');
  await expect(row(page, 'anhydride')).toContainText('limits');
});

// About 9 s.
test('a block is kept, put into another procedure, and forgotten; what depends on a step is named before it goes', async ({
  page,
}) => {
  await openPlan(page, acetanilideText());
  await toRoom(page, 'Procedure');
  const palette = page.getByRole('region', { name: 'Add a step' });
  const steps = page.getByRole('list', { name: 'Steps of the procedure' }).locator('> li');
  await expect(steps.first()).toBeVisible();
  const before = await steps.count();
  // What one scrolls to stays where it stood, or a tap goes beside it.
  const top = () => palette.evaluate((node) => Math.round(node.getBoundingClientRect().top + window.scrollY));
  const stood = await top();
  await palette.getByRole('button', { name: 'Blocks' }).click();
  expect(await top()).toBe(stood);
  await palette.getByRole('button', { name: 'Keep steps of this procedure as a block' }).click();
  const dialog = page.getByRole('dialog');
  const name = `Cold and filtered ${ulid()}`;
  await dialog.getByLabel('Name').fill(name);
  await dialog.getByLabel('From').selectOption('7');
  await dialog.getByLabel('To').selectOption('8');
  await dialog.getByRole('button', { name: 'Keep it' }).click();

  await storePreparation(page.request, acetanilideText());
  await palette.getByRole('button', { name: `+ ${name}` }).click();
  await expect(steps).toHaveCount(before + 2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(steps).toHaveCount(before);
  await palette.getByRole('button', { name: `Forget the block ${name}` }).click();
  await expect(palette.getByRole('button', { name: `+ ${name}` })).toHaveCount(0);

  await page.getByRole('button', { name: 'Take Heating under reflux away' }).click();
  await expect(dialog).toContainText('where it runs: step Heating under reflux → nothing');
  await expect(dialog).toContainText('A reaction that never runs');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(steps).toHaveCount(before);
  await page
    .getByRole('button', { name: /^Take Cooling away/ })
    .first()
    .click();
  await expect(steps).toHaveCount(before - 1);
});

// About 6 s.
test('what a bench did otherwise is a proposal for the next version, taken up or put aside', async ({ page }) => {
  await enterAs(page, 'coordinator');
  const preparationId = await storePreparation(page.request, acetanilideText());
  const staff = await demonstrators(page.request);
  const benches = [{ name: 'Ruff', members: [] }];
  const issued = (await (
    await page.request.post('/api/v1/classes', { data: { name: 'Early', preparationId, staff, benches } })
  ).json()) as Issued;
  const board = (await (await page.request.get(`/api/v1/classes/${issued.id}/board`)).json()) as {
    lanes: { log: string }[];
  };
  const at = new Date().toISOString();
  const body = { k: 'deviation', step: 'ice', reason: 'Only five minutes in ice' };
  const draft = { id: ulid(), v: 1, log: board.lanes[0]?.log, body, at, deviceAt: at, device: 'test', saw: 0 };
  expect((await page.request.post(`/api/v1/logs/${draft.log}/entries`, { data: draft })).status()).toBe(201);

  await page.goto(`/preparations/${preparationId}/versions`);
  const proposals = page.getByRole('region', { name: 'Proposals' });
  await expect(proposals).toContainText('1 proposal from past classes');
  await expect(proposals).toContainText('Only five minutes in ice');
  await expect(proposals).toContainText('1 bench: Ruff (Early)');
  await proposals.getByRole('button', { name: 'Put aside' }).click();
  await expect(proposals).toContainText('0 proposals');
  await page.reload();
  await expect(proposals).toContainText('put aside');
  await proposals.getByRole('link', { name: 'To the step' }).click();
  await expect(page).toHaveURL(/\/procedure#ice$/);
  await expect(page.locator('.step-chosen')).toContainText('Cool the quench beaker in ice');
});
