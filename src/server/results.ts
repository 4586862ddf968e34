import 'server-only';
import Papa from 'papaparse';
import { readBoard } from './classes';
import { benchState } from '@/core/record/benchState';
import { classResults } from '@/core/results/classResults';
import { classSettings } from '@/core/record/classSettings';
import { foldRecord } from '@/core/record/foldRecord';
import { resultTable } from '@/core/formats/resultColumns';

/** Results of a class as a CSV file (docs/results-csv.md). */
export async function resultsFile(classId: string): Promise<{ readonly name: string; readonly text: string }> {
  const { name, doc, own, lanes } = await readBoard(classId);
  const settings = classSettings(foldRecord(own.entries));
  const { rows } = classResults(
    lanes.map(({ bench, entries }) => ({ bench, state: benchState(doc, entries, settings) })),
  );
  const table = resultTable(doc, rows).map((row) => [...row]);
  // A name must not run as a spreadsheet's formula; a negative number is none.
  const formula = /^(?:[=+@\t\r]|-(?!\d+(?:\.\d+)?$))/;
  // The byte order mark tells spreadsheets that this is UTF-8.
  return { name, text: `\uFEFF${Papa.unparse(table, { newline: '\r\n', escapeFormulae: formula })}\r\n` };
}
