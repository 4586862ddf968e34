import 'server-only';
import { listVersions } from '@/server/preparations';
import { proposalsOf } from '@/server/proposals';
import { differencesBetween } from '@/core/versions/differences';
import { stepTitle } from '@/core/operations/stepTitle';
import type { DecidedProposal } from '@/server/proposals';
import type { Difference } from '@/core/versions/differences';
import type { Identity } from '@/core/identity';
import type { VersionRow } from '@/server/preparations';

/** What the page of a preparation's versions tells. */
export interface ToldVersions {
  readonly title: string;
  readonly versions: readonly (Omit<VersionRow, 'doc'> & { readonly differences: readonly Difference[] })[];
  readonly proposals: readonly (DecidedProposal & { readonly about: string })[];
}

/** The versions of a preparation in words, and what past classes propose for the next one. */
export async function tellVersions(identity: Identity, id: string): Promise<ToldVersions> {
  const versions = await listVersions(identity, id);
  const [newest] = versions;
  const told = versions.map(({ doc, ...version }, i) => {
    const before = versions[i + 1]?.doc;
    return { ...version, differences: before ? differencesBetween(before, doc) : [] };
  });
  const proposals = (await proposalsOf(identity, id)).map((one) => {
    const step = newest?.doc.steps.find(({ id: key }) => key === one.step);
    return { ...one, about: newest && step ? stepTitle(newest.doc, step) : 'Preparation' };
  });
  return { title: newest?.doc.title ?? '', versions: told, proposals };
}
