import { BoardPage } from '@/features/class/BoardPage';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Class' };

export default async function ClassPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /classes/[id]', params);
  const { id } = await params;
  return <BoardPage key={id} identity={identity} classId={id} />;
}
