import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { acetanilideText } from '../support/preparations';
import { enterAs, openPlan, row, test, toRoom } from './support';
import type { Page } from '@playwright/test';
import type { Preparation } from '@/core/document/document';

// Own entries and courses are seen by every test and stay in the database: each run names its own.
const run = Date.now().toString(36);

const entry = (page: Page, name: string) => page.getByRole('article', { name });
const shelf = (page: Page) => page.getByRole('navigation', { name: 'Entries of the reference' });
const search = async (page: Page, text: string) => {
  await page.getByLabel('Search by name, formula or group').fill(text);
  await shelf(page).and(page.locator('[aria-busy="false"]')).waitFor();
  return shelf(page).getByRole('listitem').allInnerTexts();
};

test('an entry is found by name, synonym, formula in any order, part of a name and group', async ({ page }) => {
  await enterAs(page, 'demonstrator');
  await page.getByRole('link', { name: 'Reference' }).click();
  expect((await search(page, 'salt'))[0]).toContain('Sodium chloride');
  expect((await search(page, 'MTBE'))[0]).toContain('tert-Butyl methyl ether');
  expect((await search(page, 'NH7C6'))[0]).toContain('Aniline');
  expect((await search(page, 'phenylp')).join()).toContain('2,5-Dimethyl-1-phenylpyrrole');
  expect((await search(page, 'ketone')).join()).toContain('Cyclohexanone');
  expect(await search(page, 'unobtainium')).toEqual([]);
  await expect(page.getByText('Nothing found.')).toBeVisible();
  await search(page, 'toluene');
  await shelf(page)
    .getByRole('link', { name: /^Toluene/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Toluene' })).toBeVisible();
  const toluene = entry(page, 'Toluene');
  await expect(toluene.getByRole('img', { name: 'Structure of Toluene' })).toBeVisible();
  await expect(toluene.getByRole('row', { name: /Boiling point/ })).toContainText('110.6\u202f°C');
  await expect(toluene.getByRole('row', { name: /Boiling point/ })).toContainText('cross-checked');
  await expect(toluene.getByRole('row', { name: /Density/ })).toContainText('confirm');
  await expect(toluene.getByLabel('Hazards')).toContainText('highly flammable liquid and vapour');
  await expect(toluene.getByLabel('Hazards')).toContainText('flammable');
  // 110.6 − 1.2e-4·60·383.8 = 107.8 by the usual rule of pressure correction.
  await toluene.getByLabel('Pressure, torr').fill('700');
  await expect(toluene.getByLabel('Vapour pressure')).toContainText('107.8\u202f°C');
  await toluene.getByRole('button', { name: /Molar mass of Toluene/ }).click();
  await expect(page.getByRole('dialog')).toContainText('7·12.011');
  // A demonstrator reads the marks and cannot confirm.
  await page.keyboard.press('Escape');
  await expect(toluene.getByRole('button', { name: /Confirm/ })).toHaveCount(0);
});

test('a solution says what to measure for the volume wanted, in which order', async ({ page }) => {
  await enterAs(page, 'demonstrator');
  await page.goto('/reference/sodium-hydroxide-2m');
  const made = page.getByLabel('How it is made');
  // 2.0 mol/L · 0.250 L · 39.997 g/mol
  await expect(made).toContainText('20g Sodium hydroxide');
  await made.getByLabel('Volume wanted').fill('0.5 L');
  await expect(made).toContainText('40g Sodium hydroxide');
  await expect(made).toContainText('Never water onto the pellets');
  await made.getByLabel('Volume wanted').fill('5 g');
  await expect(made.getByRole('alert')).toBeVisible();
  await page.goto('/reference/hydrochloric-acid-6m');
  // 6.0/12.0 of 250 mL, to the two figures of the concentrations
  await expect(page.getByLabel('How it is made')).toContainText('130mL Hydrochloric acid, concentrated');
});

test('a label confirmed by the coordinator stands on plan and sheet, and a changed one does not', async ({ page }) => {
  const name = `Testing ether ${run}`;
  const key = `testing-ether-${run}`;
  await enterAs(page, 'coordinator');
  const hazards = { signal: 'danger', pictograms: ['02', '07'], statements: ['H225', 'H319'], source: 'made up' };
  const substance = {
    id: key,
    name,
    synonyms: [],
    formula: 'C5H12O',
    smiles: 'CCOCCC',
    groups: {},
    form: 'liquid',
    values: {},
    hazards,
    notDriedWith: [],
  };
  const made = await page.request.post('/api/v1/reference', {
    data: { kind: 'substance', base: 0, fresh: true, entry: substance },
  });
  expect(made.status()).toBe(201);
  const id = await openPlan(page, acetanilideText());
  await addLine(page, `ether ${run}`, name, 'wash');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: /Save as version/ }).click();
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  await page.goto(`/preparations/${id}/hazards`);
  const line = page.getByRole('row', { name: new RegExp(name) });
  await expect(line).toContainText('compare with the supplier’s sheet');
  await page.goto(`/reference/${key}`);
  await page.getByRole('button', { name: 'Confirm the hazard label: I compared it with a source' }).click();
  await expect(page.getByLabel('Hazards')).toContainText('confirmed by coordinator');
  await page.goto(`/preparations/${id}/hazards`);
  await expect(line).toContainText('label confirmed by coordinator');
  // Somebody corrects the label: what was confirmed was another one.
  const changed = { ...substance, hazards: { ...hazards, statements: ['H225', 'H319', 'EUH019'] } };
  await page.request.post('/api/v1/reference', { data: { kind: 'substance', base: 1, fresh: false, entry: changed } });
  await page.goto(`/reference/${key}`);
  await expect(page.getByLabel('Hazards')).toContainText('Not yet compared');
});

/** Adds a line from the reference to the open plan. */
async function addLine(page: Page, typed: string, name: string, role: string): Promise<void> {
  await page.getByRole('button', { name: /Add a line/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('combobox', { name: 'Substance or material' }).fill(typed);
  await dialog.getByRole('option', { name }).first().click();
  await dialog.getByLabel('Role').selectOption(role);
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

test('plan lines are filled from the reference, and hazards and waste follow', async ({ page }) => {
  await enterAs(page, 'coordinator');
  await openPlan(page, acetanilideText());
  await addLine(page, 'bicarbonate 1 m', 'Sodium bicarbonate solution, 1 M', 'solvent');
  const editor = page.getByRole('dialog');
  await expect(editor.getByLabel('Concentration, mol/L')).toHaveValue('1.0');
  await expect(editor.getByLabel('Density of the solution, g/mL')).toHaveValue('1.057');
  await editor.getByLabel('Amount', { exact: true }).fill('30 mL');
  await editor.getByRole('button', { name: 'Close' }).click();
  await expect(row(page, 'sodium-bicarbonate-solution-1-m')).toContainText('30mL');
  const panel = page.getByLabel('Hazards and waste');
  await toRoom(page, 'Hazards & waste');
  await panel.getByRole('button', { name: 'By step' }).click();
  // 30 mmol of bicarbonate, the scarcer partner, at 24 L/mol are 0.72 L; 0.034 mol/L of it stays dissolved in the water.
  await expect(panel).toContainText('0.69\u00a0L of carbon dioxide');
  await panel.getByRole('button', { name: 'Waste', exact: true }).click();
  // It has met the acid by then, and goes where its vessel goes: with the aniline that is left.
  await expect(panel.getByRole('region', { name: 'Waste by vessel' })).toContainText(
    'Filtrate of the crude acetanilide',
  );
  await expect(panel.getByRole('button', { name: /Water with organics.*volume of one bench/ })).toBeVisible();
  await expect(panel.getByRole('button', { name: /Heavy metal.*volume of one bench/ })).toHaveCount(0);
  await toRoom(page, 'Reaction & charge');
  await row(page, 'sodium-bicarbonate-solution-1-m')
    .getByRole('button', { name: /^Sodium bicarbonate/ })
    .first()
    .click();
  await editor.getByLabel('Ends as').selectOption('heavy-metal');
  await editor.getByRole('button', { name: 'Close' }).click();
  await toRoom(page, 'Hazards & waste');
  await panel.getByRole('button', { name: 'Waste', exact: true }).click();
  await panel.getByRole('button', { name: /Heavy metal.*volume of one bench/ }).click();
  await expect(panel.getByLabel(/^Working/)).toContainText('Volume in the stream');
});

// About 5 s.
test('what nobody can judge is in no bottle until somebody says where it goes', async ({ page }) => {
  const doc = JSON.parse(acetanilideText()) as Preparation;
  const name = 'Residue of another lab';
  const line = {
    id: 'residue',
    substance: 'residue',
    role: 'solvent',
    entered: { by: 'volume', digits: '5.0', unit: 'mL' },
  };
  const substances = [...doc.substances, { id: 'residue', name, form: 'liquid' }];
  await openPlan(page, JSON.stringify({ ...doc, substances, lines: [...doc.lines, line] }));
  await toRoom(page, 'Hazards & waste');
  const panel = page.getByLabel('Hazards and waste');
  await panel.getByRole('button', { name: 'Waste', exact: true }).click();
  const pour = panel.getByRole('region', { name: 'Waste by vessel' }).getByRole('row', { name });
  await expect(pour).toContainText('In no bottle yet.');
  await pour.getByRole('button', { name: `Say where ${name} goes` }).click();
  const editor = page.getByRole('dialog');
  await editor.getByLabel('Ends as').selectOption('halogenated');
  await editor.getByRole('button', { name: 'Close' }).click();
  await expect(pour).toContainText('Halogenated organic');
  await expect(panel.getByRole('button', { name: /^Halogenated organic, volume of one bench/ })).toBeVisible();
});

test('the hazard sheet prints on one page and defers to local rules', async ({ page }) => {
  await enterAs(page, 'coordinator');
  const id = await openPlan(page, acetanilideText());
  await toRoom(page, 'Hazards & waste');
  await page.getByRole('link', { name: 'Hazard sheet' }).click();
  await expect(page).toHaveURL(`/preparations/${id}/hazards`);
  const sheet = page.getByRole('article', { name: /Hazard sheet/ });
  await expect(sheet).toContainText('this is a reminder, not an authorization');
  await expect(sheet).toContainText('Charcoal, activated: only when the flask has stood off the heat');
  await expect(sheet).toContainText('Aniline in acid: never bicarbonate');
  const pdf = await page.pdf({ format: 'A4', margin: { top: '12mm', bottom: '12mm', left: '12mm', right: '12mm' } });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('an own substance: refused with reasons, stored, changed, taken away', async ({ page }) => {
  await enterAs(page, 'coordinator');
  await page.goto('/reference');
  await page.getByRole('link', { name: 'Substance', exact: true }).click();
  const form = page.getByRole('form', { name: 'New substance' });
  await form.getByLabel('Name', { exact: true }).fill(`Heptan-4-one ${run}`);
  await form.getByLabel('Formula, hydrate water included').fill('C7H16O');
  await form.getByLabel('Structure, SMILES').fill('CCCC(=O)CCC');
  // The contradiction is said while typing, and nothing is stored of it.
  await expect(form.getByLabel('Cross-checks')).toContainText('the structure holds C7H14O', { ignoreCase: true });
  await form.getByRole('button', { name: 'Store' }).click();
  await expect(form.getByRole('alert')).toContainText('the structure holds C7H14O, the formula says C7H16O');
  await form.getByLabel('Formula, hydrate water included').fill('C7H14O');
  await form.getByLabel('At 20 °C').selectOption('liquid');
  await form.getByLabel('Density, g/mL').fill('0.817 @ 20');
  await form.getByLabel(/^Flash point/).fill('49');
  await form.getByLabel('I have the label elements').check();
  await form.getByLabel(/^Statements/).fill('H226 H999');
  await form.getByRole('button', { name: 'flammable' }).click();
  await expect(form.getByText('H999 is not a hazard statement.')).toBeVisible();
  await form.getByLabel(/^Statements/).fill('H226');
  await form.getByLabel('Signal word').selectOption('danger');
  await expect(form.getByText(/The signal word is danger, the statements ask for warning/)).toBeVisible();
  await form.getByLabel('Signal word').selectOption('warning');
  await form.getByRole('button', { name: 'Store' }).click();
  await expect(page).toHaveURL(`/reference/heptan-4-one-${run}`);
  const own = entry(page, `Heptan-4-one ${run}`);
  await expect(own).toContainText('own values, coordinator');
  await expect(own.getByRole('region', { name: 'Drying agents' })).toContainText('not with a ketone');
  await expect(own.getByRole('row', { name: /Flash point/ })).toContainText('cross-checked');
  await own.getByRole('button', { name: 'Edit' }).click();
  await page.getByLabel('Boiling point at 760 torr, °C').fill('144');
  await page.getByRole('button', { name: 'Store' }).click();
  await expect(own.getByRole('row', { name: /Boiling point/ })).toContainText('144\u202f°C');
  await own.getByRole('button', { name: 'Take this entry away' }).click();
  await own.getByRole('button', { name: 'Yes, take it away' }).click();
  await expect(page).toHaveURL('/reference');
  expect(await search(page, `Heptan-4-one ${run}`)).toEqual([]);
});

test('an own version of a shipped entry stands in its place until it is taken back', async ({ page }) => {
  await enterAs(page, 'coordinator');
  await page.goto('/reference/biphenyl');
  const biphenyl = entry(page, 'Biphenyl');
  await expect(biphenyl.getByRole('row', { name: /Melting point/ })).toContainText('69\u202f°C');
  await biphenyl.getByRole('button', { name: 'Make an own version' }).click();
  await page.getByLabel('Melting point, °C').fill('68 to 70');
  await page.getByLabel('Source of what you enter now').fill('certificate of the bottle');
  await page.getByLabel('Melting point, °C').fill('68.5 to 70');
  await page.getByRole('button', { name: 'Store' }).click();
  await expect(biphenyl.getByRole('row', { name: /Melting point/ })).toContainText('68.5–70\u202f°C');
  await expect(biphenyl.getByRole('row', { name: /Melting point/ })).toContainText('certificate of the bottle');
  await biphenyl.getByRole('button', { name: 'Back to the shipped values' }).click();
  await biphenyl.getByRole('button', { name: 'Yes, the shipped values again' }).click();
  await expect(biphenyl.getByRole('row', { name: /Melting point/ })).toContainText('69\u202f°C');
});

test('structures from a file: good lines are offered, bad ones refused with their reason', async ({ page }) => {
  await enterAs(page, 'coordinator');
  await page.goto('/reference');
  const file = (text: string, name: string) =>
    page
      .getByLabel('A MOL file, an SDF, or a list of SMILES')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  await file(
    `CCCCCCCO\tHeptan-1-ol ${run}\nC1CC broken ring\nCc1ccccc1 Methylbenzene\nnot a structure at all\nOCCCCCCC twice\n`,
    'list.smi',
  );
  const panel = page.getByRole('region', { name: 'Import structures' });
  await expect(panel.getByRole('alert')).toContainText('3 lines were refused');
  await expect(panel.getByRole('alert')).toContainText('line 2');
  await expect(panel.getByRole('alert')).toContainText('the same structure as line 1');
  await expect(panel).toContainText('here already: Toluene');
  await expect(panel.getByLabel('Take line 3')).not.toBeChecked();
  await panel.getByRole('button', { name: 'Store 1 substance' }).click();
  await expect(panel).toContainText('1 substance stored');
  expect((await search(page, `heptan-1-ol ${run}`))[0]).toContain('own');
  await file(molfile, 'one.mol');
  await expect(panel.getByLabel('Name of line 1')).toHaveValue('Cyclobutanol of a file');
  await file('nothing in here', 'odd.sdf');
  await expect(panel.getByRole('alert')).toContainText('line 1');
});

const molfile = `Cyclobutanol of a file
  made up

  5  5  0  0  0  0  0  0  0  0999 V2000
    0.0000    0.0000    0.0000 C   0  0
    1.0000    0.0000    0.0000 C   0  0
    1.0000    1.0000    0.0000 C   0  0
    0.0000    1.0000    0.0000 C   0  0
   -0.7000    1.7000    0.0000 O   0  0
  1  2  1  0
  2  3  1  0
  3  4  1  0
  4  1  1  0
  4  5  1  0
M  END
`;

test('the library leaves as CSV and JSON with unit, source and check beside each value', async ({ page }) => {
  await enterAs(page, 'demonstrator');
  await page.goto('/reference');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'CSV' }).click();
  const csv = readFileSync(await (await download).path(), 'utf8');
  expect(csv).toContain('id,name,field,value,unit,at °C,source,check,note');
  expect(csv).toMatch(
    /toluene,Toluene,Boiling point at 760 torr,110\.6,°C,,common handbook value,cross-checked: Antoine/,
  );
  const json = (await (await page.request.get('/api/v1/reference/file?as=json')).json()) as {
    substances: object[];
    solutions: object[];
  };
  expect(json.substances.length).toBeGreaterThanOrEqual(164);
  expect(json.solutions.length).toBeGreaterThanOrEqual(48);
});

test('conventions and devices of a course reach the plan and the class that is issued', async ({ page }) => {
  await enterAs(page, 'coordinator');
  await page.getByRole('link', { name: 'Courses' }).click();
  await page.getByLabel('Name of a new course').fill(`Heat-on ${run}`);
  await page.getByRole('button', { name: 'Make the course' }).click();
  await page.getByRole('radio', { name: 'heat on' }).check();
  await page.getByRole('button', { name: /^Device$/ }).click();
  await page.getByLabel('Name', { exact: true }).fill('Island balance');
  await page.getByLabel('Reads to, g').fill('x');
  await expect(page.getByText('A number above zero, with a point for decimals.')).toBeVisible();
  await page.getByLabel('Reads to, g').fill('0.005');
  await page.getByRole('button', { name: 'Store', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Stored' })).toBeVisible();
  const id = await openPlan(page, acetanilideText());
  await page.getByLabel('Course', { exact: true }).selectOption(`Heat-on ${run}`);
  await toRoom(page, 'Procedure');
  await expect(page.getByLabel('Procedure', { exact: true })).toContainText('from heat on');
  await toRoom(page, 'Reaction & charge');
  await row(page, 'charcoal')
    .getByRole('button', { name: /^Charcoal/ })
    .first()
    .click();
  await page
    .getByRole('dialog')
    .getByLabel('Measured with')
    .selectOption({ label: 'Island balance, reads to 0.005 g' });
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: /Save as version/ }).click();
  await expect(page.getByRole('button', { name: 'Saved' })).toBeVisible();
  const data = { name: 'Heat-on class', preparationId: id, benches: [{ name: 'Ruff', members: [] }] };
  const made = (await (await page.request.post('/api/v1/classes', { data })).json()) as { id: string };
  const board = (await (await page.request.get(`/api/v1/classes/${made.id}/board`)).json()) as {
    doc: { conventions: object; devices: { name: string }[] };
  };
  expect(board.doc.conventions).toEqual({ refluxClock: 'heatOn' });
  expect(board.doc.devices.map(({ name }) => name)).toContain('Island balance');
});
