import { PlanRoom } from '../_room';

export const metadata = { title: 'Process' };

export default function ProcessPage({ params }: { readonly params: Promise<{ id: string }> }) {
  return <PlanRoom params={params} route="PAGE /preparations/[id]/process" />;
}
