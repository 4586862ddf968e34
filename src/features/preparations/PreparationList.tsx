'use client';
import Link from 'next/link';
import { Icon } from '@/components/Icon';
import { Shell } from '@/components/Shell';
import { NewPreparation } from './NewPreparation';
import { ImportFile } from './ImportFile';
import type { Identity } from '@/core/people/identity';
import type { PreparationSummary } from '@/core/document/stored';

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });

/** All preparations, and the door for files. */
export function PreparationList({
  identity,
  preparations,
}: {
  readonly identity: Identity;
  readonly preparations: readonly PreparationSummary[];
}) {
  const canImport = identity.role === 'coordinator';
  return (
    <Shell identity={identity}>
      <div className="page">
        <h1>Preparations</h1>
        {preparations.length === 0 && (
          <p className="empty">
            {canImport
              ? 'There is no preparation yet. Begin one from a blank page, or bring one in from a file.'
              : 'The coordinator has not stored a preparation yet.'}
          </p>
        )}
        <ul className="preparations">
          {preparations.map(({ id, title, summary, version, updatedAt }) => (
            <li key={id}>
              <Link href={`/preparations/${id}`} className="card-plain preparation">
                <h2>{title}</h2>
                <p>{summary}</p>
                <small>
                  version {version} · {day.format(new Date(updatedAt))}
                </small>
              </Link>
            </li>
          ))}
        </ul>
        {canImport && (
          <div className="preparations-new">
            <NewPreparation />
            <Link href="/preparations/handout" className="drop">
              <Icon name="upload" />
              <strong>From a handout</strong>
              <span>Paste the text of your sheet, or bring in a Word or PDF file.</span>
            </Link>
            <ImportFile />
          </div>
        )}
      </div>
    </Shell>
  );
}
