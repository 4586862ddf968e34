import { enterPage } from '@/server/page';
import { NewEntry } from '@/features/reference/NewEntry';
import { ReferenceScreen } from '@/features/reference/ReferenceScreen';

export const metadata = { title: 'New entry' };

export default async function NewEntryPage({ searchParams }: { readonly searchParams: Promise<{ kind?: string }> }) {
  const identity = await enterPage('PAGE /reference/new');
  const { kind } = await searchParams;
  return (
    <ReferenceScreen identity={identity} open="">
      <NewEntry kind={kind === 'solution' ? 'solution' : 'substance'} />
    </ReferenceScreen>
  );
}
