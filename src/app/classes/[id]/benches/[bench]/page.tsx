import { BenchPage } from '@/features/bench/BenchPage';
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
  return <BenchPage key={bench} {...await orNotFound(openBench(identity, id, bench))} />;
}
