import { ClassResultsPage as ResultsPage } from '@/features/results/ClassResultsPage';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Results' };

export default async function ResultsOfClassPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /classes/[id]/results', params);
  const { id } = await params;
  return <ResultsPage key={id} identity={identity} classId={id} />;
}
