'use client';
import Link from 'next/link';
import { useEffect, useRef } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Formula } from '@/components/Formula';
import { Icon } from '@/components/Icon';
import { Pictogram } from '@/components/Pictogram';
import { entryFilters, entryPage } from '@/core/reference/search';
import { useEntrySearch } from './useEntrySearch';
import type { EntryFilter } from '@/core/reference/search';

/** Search and list of the library. The search stays when an entry is opened. */
export function EntryList({ open }: { readonly open?: string }) {
  const { words, setWords, show, setShow, found, fits, total, isThere, busy, error, more } = useEntrySearch(open);
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest' });
  }, [open, isThere]);
  return (
    <nav className="shelf" aria-label="Entries of the reference" aria-busy={busy}>
      <Form.Group controlId="reference-search" className="shelf-search">
        <Form.Label visuallyHidden>Search by name, formula or group</Form.Label>
        <Icon name="search" />
        <Form.Control
          type="search"
          value={words}
          placeholder="Name, formula, part of a name, group"
          autoComplete="off"
          onChange={(event) => setWords(event.target.value)}
        />
      </Form.Group>
      <div className="shelf-filters" role="group" aria-label="Show">
        {(Object.keys(entryFilters) as EntryFilter[]).map((one) => (
          <button key={one} type="button" aria-pressed={show === one} onClick={() => setShow(one)}>
            {entryFilters[one].label}
          </button>
        ))}
      </div>
      <p className="shelf-count" role="status">
        {error ? error.message : !isThere ? 'Looking…' : fits === 0 ? 'Nothing found.' : `${fits} of ${total}`}
      </p>
      {isThere && fits === 0 && (
        <p className="muted shelf-hint">
          Try a part of the name, a formula such as C6H7N, or a group such as ketone. What is missing can be added.
        </p>
      )}
      <ul>
        {found.map((entry) => (
          <li key={entry.id} ref={entry.id === open ? here : undefined}>
            <Link
              href={`/reference/${entry.id}`}
              aria-current={entry.id === open ? 'page' : undefined}
              prefetch={false}
              scroll={false}
            >
              <span className="shelf-name">
                {entry.name}
                {entry.own && <small className="shelf-own">own</small>}
              </span>
              <span className="shelf-facts">
                {entry.formula && <Formula text={entry.formula} />}
                {entry.melting && <span className="num">mp {entry.melting}</span>}
                {entry.boiling && <span className="num">bp {entry.boiling}</span>}
              </span>
              <span className="shelf-symbols">
                {entry.pictograms.map((id) => (
                  <Pictogram key={id} id={id} small />
                ))}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {found.length < fits && (
        <Button variant="line" size="sm" onClick={more}>
          Show {Math.min(entryPage, fits - found.length)} more
        </Button>
      )}
    </nav>
  );
}
