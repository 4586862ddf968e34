import 'server-only';
import { baselineOf, drift } from '@/core/results/baseline';
import { openStored } from '@/core/formats/upgradePreparation';
import { rows } from '@/server/tables';
import type { Baseline } from '@/core/results/baseline';
import type { ClassNumbers } from '@/core/people/class';
import type { Preparation } from '@/core/document/document';

/** The numbers of a preparation as a class keeps them. */
export const baselineText = (doc: Preparation): string => JSON.stringify(baselineOf(doc));

const mostKept = 500;
// What is issued never changes, nor does this version of the core while it runs: each class is compared once.
const compared = new Map<string, ClassNumbers>();

/** Whether a class's numbers are still those that it was issued with. */
export async function classNumbers(classId: string): Promise<ClassNumbers> {
  const known = compared.get(classId);
  if (known) return known;
  const [row] = await rows<{ document: string; baseline: string | null }>(
    'SELECT document, baseline FROM issued WHERE class_id = :classId',
    { classId },
  );
  const found: ClassNumbers =
    !row || row.baseline === null
      ? { baseline: 'none' }
      : { baseline: 'kept', drift: drift(JSON.parse(row.baseline) as Baseline, baselineOf(openStored(row.document))) };
  if (compared.size >= mostKept) compared.clear();
  compared.set(classId, found);
  return found;
}
