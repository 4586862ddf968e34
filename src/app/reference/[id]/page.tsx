import { enterPage, orNotFound } from '@/server/page';
import { EntryView } from '@/features/reference/EntryView';
import { listEntries } from '@/server/referenceLibrary';
import { readEntryPage } from '@/server/referencePage';
import { ReferenceScreen } from '@/features/reference/ReferenceScreen';

export const metadata = { title: 'Reference' };

export default async function EntryOfReferencePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /reference/[id]', params);
  const { id } = await params;
  const page = await orNotFound(readEntryPage(id));
  const entries = await listEntries();
  return (
    <ReferenceScreen identity={identity} entries={entries} open={id}>
      <EntryView key={`${id}/${page.version}`} identity={identity} page={page} entries={entries} />
    </ReferenceScreen>
  );
}
