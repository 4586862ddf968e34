import { BenchResultsScreen } from '@/features/results/BenchResultsScreen';
import { openBench } from '@/server/benchPage';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Results' };

export default async function BenchResultsPage() {
  return <BenchResultsScreen {...await openBench(await enterPage('PAGE /bench/results'))} />;
}
