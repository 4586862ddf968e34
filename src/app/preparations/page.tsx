import { PreparationList } from '@/features/preparations/PreparationList';
import { enterPage } from '@/server/page';
import { findOnShelf } from '@/server/shelf';

export const metadata = { title: 'Preparations' };

export default async function PreparationsPage() {
  const identity = await enterPage('PAGE /preparations');
  return <PreparationList identity={identity} first={await findOnShelf(identity)} />;
}
