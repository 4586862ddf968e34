import 'server-only';
import { chargeColumns, chargeRows } from '@/core/formats/chargeRows';
import { planOf } from '@/core/process/planOf';
import { courseOfPreparation } from '@/server/courses';
import { csvText } from '@/server/csv';
import { findPreparation } from '@/server/preparations';
import type { Cell } from '@/core/formats/chargeRows';
import type { CourseSettings } from '@/core/conventions/course';
import type { Preparation } from '@/core/document/document';

/** The charge table of a preparation's newest version, with its title. */
export async function chargeTable(
  preparation: string,
  as: 'csv' | 'xlsx',
): Promise<{ readonly title: string; readonly content: string | Uint8Array<ArrayBuffer> }> {
  const { doc } = await findPreparation(preparation);
  const settings = (await courseOfPreparation(preparation))?.settings;
  const content = as === 'xlsx' ? await chargeWorkbook(doc, settings) : chargeCsv(doc, settings);
  return { title: doc.title, content };
}

/** The charge table as CSV. */
function chargeCsv(doc: Preparation, course?: CourseSettings): string {
  const { plan } = planOf(doc, course);
  const text = (cell: Cell) => (cell === undefined ? '' : 'digits' in cell ? cell.digits : cell.words);
  return csvText([chargeColumns.map(({ title }) => title), ...chargeRows(plan).map((row) => row.map(text))]);
}

/** The charge table as a workbook: numbers are numbers and show the figures that they carry. */
async function chargeWorkbook(doc: Preparation, course?: CourseSettings): Promise<Uint8Array<ArrayBuffer>> {
  const { Workbook } = await import('exceljs');
  const { plan } = planOf(doc, course);
  const book = new Workbook();
  book.title = doc.title;
  const sheet = book.addWorksheet('Charge', { views: [{ state: 'frozen', xSplit: 1, ySplit: 1 }] });
  sheet.columns = chargeColumns.map(({ title }) => ({ header: title, width: Math.max(10, title.length + 2) }));
  sheet.getRow(1).font = { bold: true };
  for (const row of chargeRows(plan)) {
    const added = sheet.addRow([]);
    row.forEach((cell, i) => {
      if (cell === undefined) return;
      const to = added.getCell(i + 1);
      // Words are stored as words, whatever they begin with: nothing of them is taken for a formula.
      to.value = 'digits' in cell ? Number(cell.digits) : cell.words;
      if ('digits' in cell) to.numFmt = formatOf(cell.digits);
    });
  }
  return new Uint8Array(await book.xlsx.writeBuffer());
}

/** Number format that shows as many decimals as a number is known to. */
function formatOf(digits: string): string {
  const decimals = digits.split('.')[1]?.length ?? 0;
  return decimals === 0 ? '0' : `0.${'0'.repeat(decimals)}`;
}
