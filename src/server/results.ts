import 'server-only';
import { readBoard } from './classes';
import { csvText } from './csv';
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
  return { name, text: csvText(resultTable(doc, rows)) };
}
