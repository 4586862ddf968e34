import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import ExcelJS from 'exceljs';
import { expect } from '@playwright/test';
import { acetanilideText, documentOf } from '../support/preparations';
import { asIssued, planOf } from '@/core/process/planOf';
import { sheetSteps } from '@/core/sheet/sheetSteps';
import { storePreparation, test } from './support';
import type { Page } from '@playwright/test';

const textOf = (path: string) => execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' });
const plain = (text: string) => text.replace(/\s+/g, ' ');

async function saved(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'PDF', exact: true }).click();
  const link = page.getByRole('link', { name: 'Save it' });
  await expect(link).toBeVisible({ timeout: 30_000 });
  const download = page.waitForEvent('download');
  await link.click();
  return (await download).path();
}

// About 9 s: two PDFs by the server's own browser.
test('a sheet for students and one for the coordinator come as PDF, with every step and its blanks', async ({
  page,
}) => {
  const id = await storePreparation(page.request, acetanilideText());
  const steps = sheetSteps(asIssued(planOf(documentOf(acetanilideText())).plan));
  await page.goto(`/preparations/${id}`);
  await page.getByRole('button', { name: 'Print and export' }).click();
  await page.getByRole('link', { name: 'Student’s sheet' }).click();
  const student = await saved(page);
  const text = textOf(student);
  // A form feed ends each page; as many were told.
  const pages = text.split('\f').length - 1;
  await expect(page.getByRole('status')).toContainText(`Ready, ${String(pages)} pages`);
  expect(text).toMatch(new RegExp(`${String(pages)} ?/ ?${String(pages)}`));
  for (const { number, blanks } of steps) {
    expect(plain(text)).toContain(`${String(number)}. `);
    for (const { unit } of blanks) expect(text).toContain(unit === '' ? 'time' : unit);
  }
  expect(plain(text)).toContain('Toxic by all routes and through skin');
  // Theory is for the group to work out.
  expect(text).not.toContain('2.97');

  await page.getByRole('link', { name: 'Coordinator’s sheet' }).click();
  await expect(page.getByRole('article', { name: /Coordinator/ })).toBeVisible();
  const coordinator = plain(textOf(await saved(page)));
  for (const words of ['17.6 mL', '2.97 g', 'Hazards to mind', 'Waste', 'Vessels for each bench'])
    expect(coordinator).toContain(words);
});

// About 3 s.
test('a print is taken back while it waits; its charge table goes into a spreadsheet as numbers', async ({ page }) => {
  const id = await storePreparation(page.request, acetanilideText());
  await page.goto(`/preparations/${id}/sheets/student`);
  await page.getByRole('button', { name: 'PDF', exact: true }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('status')).toContainText('Cancelled.');
  await expect(page.getByRole('button', { name: 'PDF', exact: true })).toBeEnabled();

  await page.goto(`/preparations/${id}`);
  await page.getByRole('button', { name: 'Print and export' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Charge table, XLSX' }).click();
  const book = new ExcelJS.Workbook();
  await book.xlsx.load(readFileSync(await (await download).path()) as never);
  const [sheet] = book.worksheets;
  const heads = (sheet?.getRow(1).values ?? []) as readonly string[];
  const cell = (row: number, title: string) => sheet?.getRow(row).getCell(heads.indexOf(title)).value;
  expect(cell(2, 'Substance')).toBe('Aniline');
  expect([cell(2, 'Mass, g'), cell(2, 'Amount, mmol'), cell(2, 'Equivalents')]).toEqual([2.04, 21.9, 1]);
});
