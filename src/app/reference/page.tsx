import { enterPage } from '@/server/page';
import { offThread } from '@/server/offThread/offThread';
import { ReferenceHome } from '@/features/reference/ReferenceHome';
import { ReferenceScreen } from '@/features/reference/ReferenceScreen';

export const metadata = { title: 'Reference' };

const deadlineMs = 15_000;

export default async function ReferencePage() {
  const identity = await enterPage('PAGE /reference');
  const home = await offThread('referenceHome', [], { who: identity.id, deadlineMs });
  return (
    <ReferenceScreen identity={identity}>
      <ReferenceHome {...home} />
    </ReferenceScreen>
  );
}
