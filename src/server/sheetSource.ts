import 'server-only';
import { courseOfPreparation } from './courses';
import { findPreparation } from './preparations';
import { offThread } from './offThread/offThread';
import type { CourseSettings } from '@/core/conventions/course';
import type { Preparation } from '@/core/document/document';
import type { StoredPreparation } from '@/core/document/stored';

const deadlineMs = 15_000;

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
    drawings: await drawingsOf(stored.doc),
    ...(course ? { course: course.settings } : {}),
  };
}

/** The structures of the equations; one that cannot be drawn in time is left out. */
async function drawingsOf({ substances, reactions }: Preparation): Promise<Readonly<Record<string, string>>> {
  const inTerms = new Set(reactions.flatMap(({ terms }) => terms.map(({ substance }) => substance)));
  const smiles = new Set(substances.flatMap((one) => (inTerms.has(one.id) && one.smiles ? [one.smiles] : [])));
  const drawn = await Promise.all(
    [...smiles].map(async (key) => {
      const drawing = await offThread('draw', [key], { deadlineMs }).catch(() => undefined);
      return drawing ? [[key, drawing.svg] as const] : [];
    }),
  );
  return Object.fromEntries(drawn.flat());
}
