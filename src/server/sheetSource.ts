import 'server-only';
import { courseOfPreparation } from './courses';
import { findPreparation } from './preparations';
import { drawings } from './drawings';
import type { CourseSettings } from '@/core/conventions/course';
import type { Preparation } from '@/core/document/document';
import type { StoredPreparation } from '@/core/library/stored';

/** What a sheet of a preparation is made of: its document, the course it is taught in, and its structures drawn. */
export async function sheetSource(
  id: string,
  version?: number,
): Promise<{
  readonly stored: StoredPreparation;
  readonly course?: CourseSettings;
  readonly drawings: Readonly<Record<string, string>>;
}> {
  const stored = await findPreparation(id, version);
  const course = await courseOfPreparation(id);
  return {
    stored,
    drawings: await drawings(inEquations(stored.doc), id),
    ...(course ? { course: course.settings } : {}),
  };
}

/** SMILES of what stands in the equations. */
function inEquations({ substances, reactions }: Preparation): readonly string[] {
  const inTerms = new Set(reactions.flatMap(({ terms }) => terms.map(({ substance }) => substance)));
  return substances.flatMap((one) => (inTerms.has(one.id) && one.smiles ? [one.smiles] : []));
}
