'use client';
import Link from 'next/link';
import { useEffect, useMemo, useRef, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { Formula } from '@/components/Formula';
import { Icon } from '@/components/Icon';
import { Pictogram } from '@/components/Pictogram';
import { searchEntries } from '@/core/reference/search';
import type { EntrySummary } from '@/core/reference/search';

const filters = {
  all: { label: 'All', fits: () => true },
  solid: { label: 'Solids', fits: ({ kind, form }: EntrySummary) => kind === 'substance' && form === 'solid' },
  liquid: { label: 'Liquids', fits: ({ kind, form }: EntrySummary) => kind === 'substance' && form === 'liquid' },
  solution: { label: 'Solutions', fits: ({ kind }: EntrySummary) => kind === 'solution' },
  own: { label: 'Own', fits: ({ own }: EntrySummary) => own },
} as const;
type Filter = keyof typeof filters;

/** Search and list of the library. The search stays when an entry is opened. */
export function EntryList({ entries, open }: { readonly entries: readonly EntrySummary[]; readonly open?: string }) {
  const [query, setQuery] = useState('');
  const [filter, setFilter] = useState<Filter>('all');
  const found = useMemo(() => searchEntries(entries.filter(filters[filter].fits), query), [entries, filter, query]);
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest' });
  }, [open]);
  return (
    <nav className="shelf" aria-label="Entries of the reference">
      <Form.Group controlId="reference-search" className="shelf-search">
        <Form.Label visuallyHidden>Search by name, formula or group</Form.Label>
        <Icon name="search" />
        <Form.Control
          type="search"
          value={query}
          placeholder="Name, formula, part of a name, group"
          autoComplete="off"
          onChange={(event) => setQuery(event.target.value)}
        />
      </Form.Group>
      <div className="shelf-filters" role="group" aria-label="Show">
        {(Object.keys(filters) as Filter[]).map((one) => (
          <button key={one} type="button" aria-pressed={filter === one} onClick={() => setFilter(one)}>
            {filters[one].label}
          </button>
        ))}
      </div>
      <p className="shelf-count" role="status">
        {found.length === 0 ? 'Nothing found.' : `${found.length} of ${entries.length}`}
      </p>
      {found.length === 0 && (
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
    </nav>
  );
}
