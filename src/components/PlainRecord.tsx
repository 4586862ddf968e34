'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { changeFault } from '@/core/record/mayChange';
import { ReasonDialog } from './ReasonDialog';
import type { Body, Entry } from '@/core/record/entry';
import type { Identity } from '@/core/people/identity';

const mostShown = 12;

/** Entries as bare text, the newest first, with the door to strike one: what remains when they cannot be shown otherwise. */
export function PlainRecord({
  title,
  entries,
  all = entries,
  identity,
  onAdd,
}: {
  readonly title: string;
  readonly entries: readonly Entry[];
  /** The whole record, where those are only some of it: it says what has been struck. */
  readonly all?: readonly Entry[];
  readonly identity: Identity;
  readonly onAdd?: ((body: Body) => void) | undefined;
}) {
  const [striking, setStriking] = useState<Entry | undefined>(undefined);
  const struck = new Set(all.flatMap(({ body }) => (body.k === 'void' ? [body.target] : [])));
  const open = entries.filter(({ id, body }) => !struck.has(id) && body.k !== 'void').toSorted((a, b) => b.seq - a.seq);
  return (
    <section className="banner banner-stop plain-record" aria-label={title}>
      <h2>{title}</h2>
      <p>The rest goes on. Strike what cannot be shown, with a reason; it stays in the record as it was stored.</p>
      <ul>
        {open.slice(0, mostShown).map((entry) => (
          <li key={entry.id}>
            <span>
              {entry.seq}. {entry.author.name}: {JSON.stringify(entry.body).slice(0, 160)}
            </span>
            {onAdd && changeFault(identity, entry) === undefined && (
              <Button variant="line" onClick={() => setStriking(entry)} aria-label={`Strike entry ${entry.seq}`}>
                Strike it
              </Button>
            )}
          </li>
        ))}
      </ul>
      {onAdd && striking && (
        <ReasonDialog
          title={`Strike entry ${striking.seq}`}
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
