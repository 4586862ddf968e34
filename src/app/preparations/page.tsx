import { PreparationPage } from '@/features/preparations/PreparationPage';
import { enterPage } from '@/server/page';
import { findOnShelf } from '@/server/shelf';

export const metadata = { title: 'Preparations' };

export default async function PreparationsPage() {
  const identity = await enterPage('PAGE /preparations');
  return <PreparationPage identity={identity} first={await findOnShelf(identity)} />;
}
