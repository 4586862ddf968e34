'use client';
import { useMemo, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { Formula } from '@/components/Formula';
import { Pictogram } from '@/components/Pictogram';
import { searchEntries } from '@/core/reference/search';
import { useEntries } from './useEntries';
import type { EntrySummary } from '@/core/reference/search';

const mostShown = 7;

/** A field that finds entries of the reference while one types a name, a formula or a group. */
export function PickEntry({
  label,
  text,
  onText,
  chosen,
  onChoose,
}: {
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly chosen: EntrySummary | undefined;
  readonly onChoose: (entry: EntrySummary | undefined) => void;
}) {
  const { entries, isThere, error } = useEntries();
  const found = useMemo(
    () => (text.trim() === '' || chosen || !isThere ? [] : searchEntries(entries, text).slice(0, mostShown)),
    [entries, isThere, text, chosen],
  );
  const [at, setAt] = useState(-1);
  const choose = (entry: EntrySummary) => {
    onChoose(entry);
    onText(entry.name);
    setAt(-1);
  };
  return (
    <div className="pick">
      <Form.Group controlId="pick-entry">
        <Form.Label>{label}</Form.Label>
        <Form.Control
          value={text}
          maxLength={120}
          autoFocus
          autoComplete="off"
          role="combobox"
          aria-expanded={found.length > 0}
          aria-controls="pick-entry-list"
          aria-activedescendant={found[at] ? `pick-${found[at].id}` : undefined}
          onChange={(event) => {
            onChoose(undefined);
            onText(event.target.value);
            setAt(-1);
          }}
          onKeyDown={(event) => {
            if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
              event.preventDefault();
              setAt((now) => Math.max(-1, Math.min(found.length - 1, now + (event.key === 'ArrowDown' ? 1 : -1))));
            }
            const entry = found[at];
            if (event.key === 'Enter' && entry) {
              event.preventDefault();
              choose(entry);
            }
          }}
        />
      </Form.Group>
      {error !== undefined && (
        <p className="muted">The reference cannot be reached; a line without data can be added.</p>
      )}
      {found.length > 0 && (
        <ul className="pick-list" id="pick-entry-list" role="listbox" aria-label="Found in the reference">
          {found.map((entry, i) => (
            <li
              key={entry.id}
              id={`pick-${entry.id}`}
              role="option"
              aria-selected={i === at}
              onClick={() => choose(entry)}
            >
              <span>
                <strong>{entry.name}</strong> {entry.formula && <Formula text={entry.formula} />}
              </span>
              <span className="shelf-symbols">
                {entry.pictograms.map((id) => (
                  <Pictogram key={id} id={id} small />
                ))}
              </span>
            </li>
          ))}
        </ul>
      )}
      {chosen && (
        <p className="muted pick-chosen">From the reference, with density, structure, hazards and waste stream.</p>
      )}
      {!chosen && text.trim() !== '' && entries && found.length === 0 && (
        <p className="muted pick-chosen">Not in the reference: it is added by its name alone.</p>
      )}
    </div>
  );
}
