import { enterPage, orNotFound } from '@/server/page';
import { EntryView } from '@/features/reference/EntryView';
import { offThread } from '@/server/offThread/offThread';
import { ReferenceScreen } from '@/features/reference/ReferenceScreen';

export const metadata = { title: 'Reference' };

const deadlineMs = 15_000;

export default async function EntryOfReferencePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /reference/[id]', params);
  const { id } = await params;
  const page = await orNotFound(offThread('entryPage', [id], { who: identity.id, deadlineMs }));
  return (
    <ReferenceScreen identity={identity} open={id}>
      <EntryView key={`${id}/${page.version}`} identity={identity} page={page} />
    </ReferenceScreen>
  );
}
