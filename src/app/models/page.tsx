import { enterPage } from '@/server/page';
import { modelSeeds } from '@/data/modelSeeds';
import { modelSubstances } from '@/server/modelSubstances';
import { ModelsScreen } from '@/features/explore/ModelsScreen';

export const metadata = { title: 'Models' };

export default async function ModelsPage() {
  const identity = await enterPage('PAGE /models');
  return <ModelsScreen identity={identity} substances={await modelSubstances()} seeds={modelSeeds} />;
}
