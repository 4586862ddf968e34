import { enterPage, orNotFound } from '@/server/page';
import { offThread } from '@/server/offThread/offThread';
import { VersionsScreen } from '@/features/versions/VersionsScreen';

export const metadata = { title: 'Versions' };

const deadlineMs = 30_000;

export default async function VersionsPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /preparations/[id]/versions', params);
  const { id } = await params;
  const told = offThread('versions', [identity, id], { who: identity.id, deadlineMs });
  return <VersionsScreen identity={identity} id={id} {...await orNotFound(told)} />;
}
