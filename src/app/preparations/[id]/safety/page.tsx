import { PlanRoom } from '../_room';

export const metadata = { title: 'Hazards and waste' };

export default function SafetyPage({ params }: { readonly params: Promise<{ id: string }> }) {
  return <PlanRoom params={params} route="PAGE /preparations/[id]/safety" />;
}
