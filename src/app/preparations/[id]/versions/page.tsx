import { differencesBetween } from '@/core/versions/differences';
import { enterPage, orNotFound } from '@/server/page';
import { listVersions } from '@/server/preparations';
import { proposalsOf } from '@/server/proposals';
import { stepTitle } from '@/core/operations/stepTitle';
import { VersionsScreen } from '@/features/versions/VersionsScreen';

export const metadata = { title: 'Versions' };

export default async function VersionsPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /preparations/[id]/versions', params);
  const { id } = await params;
  const versions = await orNotFound(listVersions(identity, id));
  const told = versions.map(({ doc, ...version }, i) => {
    const before = versions[i + 1]?.doc;
    return { ...version, differences: before ? differencesBetween(before, doc) : [] };
  });
  const [newest] = versions;
  const proposals = (await proposalsOf(identity, id)).map((one) => {
    const step = newest?.doc.steps.find(({ id: key }) => key === one.step);
    return { ...one, about: newest && step ? stepTitle(newest.doc, step) : 'Preparation' };
  });
  return (
    <VersionsScreen identity={identity} id={id} title={newest?.doc.title ?? ''} versions={told} proposals={proposals} />
  );
}
