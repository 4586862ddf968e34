import { ClassResultsScreen } from '@/features/results/ClassResultsScreen';
import { readBoard } from '@/server/classes';
import { enterPage, orNotFound } from '@/server/page';

export const metadata = { title: 'Results' };

export default async function ClassResultsPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /classes/[id]/results');
  const { id } = await params;
  return <ClassResultsScreen key={id} identity={identity} first={await orNotFound(readBoard(id))} />;
}
