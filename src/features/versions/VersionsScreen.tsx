'use client';
import { dayAndTimeOf } from '@/components/dates';
import Link from 'next/link';
import { DifferenceList } from '@/components/DifferenceList';
import { Proposals } from './Proposals';
import { Shell } from '@/components/Shell';
import type { Difference } from '@/core/versions/differences';
import type { ShownProposal } from './Proposals';
import type { Identity } from '@/core/identity';

/** A stored version: who, when, why, what is other than in the one before, and which classes ran it. */
export interface ToldVersion {
  readonly version: number;
  readonly author: string;
  readonly reason: string;
  readonly at: string;
  readonly differences: readonly Difference[];
  readonly classes: readonly { readonly id: string; readonly name: string }[];
}

/** The history of a preparation in words. */
export function VersionsScreen({
  identity,
  id,
  title,
  versions,
  proposals,
}: {
  readonly identity: Identity;
  readonly id: string;
  readonly title: string;
  readonly versions: readonly ToldVersion[];
  readonly proposals: readonly ShownProposal[];
}) {
  return (
    <Shell identity={identity} crumb={title}>
      <div className="page">
        <p>
          <Link href={`/preparations/${id}`}>Back to the plan</Link>
        </p>
        <h1>Versions of {title}</h1>
        <Proposals id={id} proposals={proposals} canDecide={identity.role === 'coordinator'} />
        <ol className="versions" reversed>
          {versions.map(({ version, author, reason, at, differences, classes }) => (
            <li key={version} className="card-plain version">
              <h2>Version {version}</h2>
              <p className="version-who">
                {author}, {dayAndTimeOf(at)} UTC
                {reason && <q>{reason}</q>}
              </p>
              {differences.length > 0 ? (
                <DifferenceList differences={differences} />
              ) : (
                <p className="muted">{version === 1 ? 'As it was begun.' : 'The same as the version before.'}</p>
              )}
              {classes.length > 0 && (
                <p className="version-classes">
                  Run by{' '}
                  {classes.map((one) => (
                    <Link key={one.id} href={`/classes/${one.id}`}>
                      {one.name}
                    </Link>
                  ))}
                </p>
              )}
            </li>
          ))}
        </ol>
      </div>
    </Shell>
  );
}
