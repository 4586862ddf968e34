'use client';
import { longDayOf } from '@/components/dates';
import Link from 'next/link';
import { BringIn } from './BringIn';
import { DeviceOutbox } from './DeviceOutbox';
import { format } from '@/core/quantity/format';
import { Shell } from '@/components/Shell';
import type { ClassSummary } from '@/core/people/class';
import type { Identity } from '@/core/identity';

/** All classes that were issued. */
export function ClassList({
  identity,
  classes,
}: {
  readonly identity: Identity;
  readonly classes: readonly ClassSummary[];
}) {
  return (
    <Shell identity={identity}>
      <div className="page">
        <header className="class-list-head">
          <h1>Classes</h1>
          <BringIn identity={identity} />
        </header>
        <DeviceOutbox />
        {classes.length === 0 && (
          <p className="empty">
            No class yet. Open a preparation and issue it to a class: its benches get PINs and a record each.
          </p>
        )}
        <ul className="preparations">
          {classes.map(({ id, name, section, title, joinCode, benches, issuedAt, finished, median }) => (
            <li key={id}>
              <Link href={`/classes/${id}`} className="card-plain preparation">
                <h2>
                  {name}
                  {section && <small className="muted">, section {section}</small>}
                </h2>
                <p>
                  {title}, {benches} {benches === 1 ? 'bench' : 'benches'}, join code{' '}
                  <span className="num">{joinCode}</span>
                </p>
                <small>
                  issued {longDayOf(issuedAt)}
                  {finished > 0 && ` · ${finished} of ${benches} done`}
                  {median !== undefined && (
                    <>
                      {' '}
                      · median{' '}
                      <span className="num">{format({ dim: 'fraction', value: median }, '%', { figures: 2 })}</span>
                    </>
                  )}
                </small>
              </Link>
            </li>
          ))}
        </ul>
      </div>
    </Shell>
  );
}
