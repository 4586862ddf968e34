import { PlanScreen } from '@/features/plan/PlanScreen';
import { enterPage, orNotFound } from '@/server/page';
import { findPreparation } from '@/server/preparations';

export const metadata = { title: 'Plan' };

export default async function PlanPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /preparations/[id]');
  const { id } = await params;
  return <PlanScreen key={id} identity={identity} stored={await orNotFound(findPreparation(id))} />;
}
