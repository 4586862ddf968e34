import 'server-only';
import { csvText } from '@/server/csv';
import { readBoard } from './board';
import { benchState } from '@/core/bench/benchState';
import { classResults } from '@/core/results/classResults';
import { classState } from '@/core/record/classState';
import { resultTable } from '@/core/formats/resultColumns';

/** Results of a class as a CSV file (docs/results-csv.md). */
export async function resultsFile(classId: string): Promise<{ readonly name: string; readonly text: string }> {
  const { name, doc, own, lanes } = await readBoard(classId);
  const { settings } = classState(own.entries);
  const states = lanes.map(({ bench, entries }) => ({ bench, state: benchState(doc, entries, settings) }));
  return { name, text: csvText(resultTable(doc, classResults(states).rows)) };
}
