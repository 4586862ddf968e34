import 'server-only';
import { offThread } from './offThread/offThread';
import { readBoard } from './classes';
import { writePreparation } from '@/core/formats/writePreparation';

const deadlineMs = 30_000;

/** Results of a class as a CSV file (docs/results-csv.md). */
export async function resultsFile(classId: string): Promise<{ readonly name: string; readonly text: string }> {
  const { name, doc, own, lanes } = await readBoard(classId);
  const benches = lanes.map(({ bench, entries }) => ({ bench, entries }));
  const document = writePreparation(doc);
  const text = await offThread('resultsCsv', [document, own.entries, benches], { who: classId, deadlineMs });
  return { name, text };
}
