import { BenchScreen } from '@/features/bench/BenchScreen';
import { openBench } from '@/server/benchPage';
import { enterPage, orNotFound } from '@/server/page';

export const metadata = { title: 'Writing for a bench' };

export default async function BenchOfClassPage({
  params,
}: {
  readonly params: Promise<{ id: string; bench: string }>;
}) {
  const identity = await enterPage('PAGE /classes/[id]/benches/[bench]', params);
  const { id, bench } = await params;
  return <BenchScreen key={bench} {...await orNotFound(openBench(identity, id, bench))} />;
}
