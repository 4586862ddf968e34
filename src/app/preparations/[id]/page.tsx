import { PlanRoom } from './_room';

export const metadata = { title: 'Plan' };

export default function PlanPage({ params }: { readonly params: Promise<{ id: string }> }) {
  return <PlanRoom params={params} route="PAGE /preparations/[id]" />;
}
