import { BenchResultsPage as Results } from '@/features/results/BenchResultsPage';
import { openBench } from '@/server/benchPage';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Results' };

export default async function BenchResultsPage() {
  return <Results {...await openBench(await enterPage('PAGE /bench/results'))} />;
}
