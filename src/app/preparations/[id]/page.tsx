import { notFound } from 'next/navigation';
import { PlanScreen } from '@/features/plan/PlanScreen';
import { AppError } from '@/server/appError';
import { enterPage } from '@/server/page';
import { findPreparation } from '@/server/preparations';

export const metadata = { title: 'Plan' };

export default async function PlanPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /preparations/[id]');
  const { id } = await params;
  const stored = await findPreparation(id).catch((error: unknown) => {
    if (error instanceof AppError && error.code === 'notFound') notFound();
    throw error;
  });
  return <PlanScreen key={id} identity={identity} stored={stored} />;
}
