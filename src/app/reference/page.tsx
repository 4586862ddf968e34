import { meltingStandards, shippedVisualizers } from '@/data/reference';
import { enterPage } from '@/server/page';
import { listEntries } from '@/server/referenceLibrary';
import { ReferenceHome } from '@/features/reference/ReferenceHome';
import { ReferenceScreen } from '@/features/reference/ReferenceScreen';

export const metadata = { title: 'Reference' };

export default async function ReferencePage() {
  const identity = await enterPage('PAGE /reference');
  const entries = await listEntries();
  return (
    <ReferenceScreen identity={identity} entries={entries}>
      <ReferenceHome entries={entries} standards={meltingStandards} visualizers={shippedVisualizers} />
    </ReferenceScreen>
  );
}
