import { enterPage } from '@/server/page';
import { modelSeeds } from '@/data/modelSeeds';
import { ModelsScreen } from '@/features/explore/ModelsScreen';

export const metadata = { title: 'Models' };

export default async function ModelsPage() {
  return <ModelsScreen identity={await enterPage('PAGE /models')} seeds={modelSeeds} />;
}
