import { BenchPage as Bench } from '@/features/bench/BenchPage';
import { openBench } from '@/server/benchPage';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Bench' };

export default async function BenchPage() {
  return <Bench {...await openBench(await enterPage('PAGE /bench'))} />;
}
