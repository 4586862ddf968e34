import { courseOfPreparation } from '@/server/courses';
import { enterPage, orNotFound } from '@/server/page';
import { findPreparation } from '@/server/preparations';
import { HazardPage } from '@/features/hazards/HazardPage';
import { readConfirmations } from '@/server/referenceLibrary';
import { withCourse } from '@/core/conventions/course';

export const metadata = { title: 'Hazard sheet' };

export default async function HazardSheetPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /preparations/[id]/hazards', params);
  const { id } = await params;
  const stored = await orNotFound(findPreparation(id));
  const course = await courseOfPreparation(id);
  const confirmations = (await readConfirmations()).filter(({ field }) => field === 'hazards');
  const doc = withCourse(stored.doc, course?.settings);
  return <HazardPage identity={identity} stored={{ ...stored, doc }} confirmations={confirmations} />;
}
