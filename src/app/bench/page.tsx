import { BenchPlan } from '@/features/bench/BenchPlan';
import { findClassPlan } from '@/server/classes';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Bench' };

export default async function BenchPage() {
  const identity = await enterPage('PAGE /bench');
  const { name, preparation } = await findClassPlan(identity.classId ?? '');
  return <BenchPlan identity={identity} className={name} doc={preparation.doc} version={preparation.version} />;
}
