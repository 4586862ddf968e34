import { BenchScreen } from '@/features/bench/BenchScreen';
import { openBench } from '@/server/benchPage';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Bench' };

export default async function BenchPage() {
  return <BenchScreen {...await openBench(await enterPage('PAGE /bench'))} />;
}
