'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { changeFault } from '@/core/record/mayChange';
import { ReasonDialog } from './ReasonDialog';
import { isStored, numberOf } from '@/core/record/entry';
import type { Body, Noted } from '@/core/record/entry';
import type { Identity } from '@/core/identity';

const mostShown = 12;
const nameOf = (entry: Noted) => (isStored(entry) ? `entry ${entry.seq}` : 'an entry that is here only');

/** Entries as bare text, the newest first, with the door to strike one: what remains when they cannot be shown otherwise. */
export function PlainRecord({
  title,
  entries,
  all = entries,
  identity,
  onAdd,
}: {
  readonly title: string;
  readonly entries: readonly Noted[];
  /** The whole record, where those are only some of it: it says what has been struck. */
  readonly all?: readonly Noted[];
  readonly identity: Identity;
  readonly onAdd?: ((body: Body) => void) | undefined;
}) {
  const [striking, setStriking] = useState<Noted | undefined>(undefined);
  const struck = new Set(all.flatMap(({ body }) => (body.k === 'void' ? [body.target] : [])));
  const open = entries
    .filter(({ id, body }) => !struck.has(id) && body.k !== 'void')
    .toSorted((a, b) => (numberOf(a) < numberOf(b) ? 1 : -1));
  return (
    <section className="banner banner-stop plain-record" aria-label={title}>
      <h2>{title}</h2>
      <p>The rest goes on. Strike what cannot be shown, with a reason; it stays in the record as it was stored.</p>
      <ul>
        {open.slice(0, mostShown).map((entry) => (
          <li key={entry.id}>
            <span>
              {isStored(entry) ? `${entry.seq}. ` : 'here only, '}
              {entry.author.name}: {JSON.stringify(entry.body).slice(0, 160)}
            </span>
            {onAdd && changeFault(identity, entry) === undefined && (
              <Button variant="line" onClick={() => setStriking(entry)} aria-label={`Strike ${nameOf(entry)}`}>
                Strike it
              </Button>
            )}
          </li>
        ))}
      </ul>
      {onAdd && striking && (
        <ReasonDialog
          title={`Strike ${nameOf(striking)}`}
          says="It stays legible in the record, with your reason."
          action="Strike it"
          onClose={() => setStriking(undefined)}
          onDone={(reason) => {
            onAdd({ k: 'void', target: striking.id, reason });
            setStriking(undefined);
          }}
        />
      )}
    </section>
  );
}
