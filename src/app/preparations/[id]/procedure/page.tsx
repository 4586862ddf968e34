import { PlanRoom } from '../_room';

export const metadata = { title: 'Procedure' };

export default function ProcedurePage({ params }: { readonly params: Promise<{ id: string }> }) {
  return <PlanRoom params={params} route="PAGE /preparations/[id]/procedure" />;
}
