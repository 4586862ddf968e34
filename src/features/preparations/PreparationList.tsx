'use client';
import Link from 'next/link';
import Button from 'react-bootstrap/Button';
import { Icon } from '@/components/Icon';
import { Shell } from '@/components/Shell';
import { ImportFile } from './ImportFile';
import { NewPreparation } from './NewPreparation';
import { PreparationCard } from './PreparationCard';
import { ShelfSearch } from './ShelfSearch';
import { useShelf } from './useShelf';
import type { Identity } from '@/core/identity';
import type { ShelfPage } from '@/core/library/stored';

/** The library of preparations: searched, sorted by last use, and the ways to begin a new one. */
export function PreparationList({ identity, first }: { readonly identity: Identity; readonly first: ShelfPage }) {
  const mayEdit = identity.role === 'coordinator';
  const { query, page, problem, look, more, again } = useShelf(first);
  const asked = Object.keys(query).length > 0;
  return (
    <Shell identity={identity}>
      <div className="page shelf-page-wide">
        <h1>Preparations</h1>
        {mayEdit && (
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
        {(first.total > 0 || asked) && <ShelfSearch query={query} tags={page.tags} look={look} />}
        {problem && (
          <p className="typed-says" role="alert">
            {problem}
          </p>
        )}
        <p className="library-count" role="status">
          {page.total === 0
            ? nothing(asked, mayEdit)
            : `${String(page.total)} preparation${page.total === 1 ? '' : 's'}, the last used first`}
        </p>
        <ul className="preparations">
          {page.found.map((one) => (
            <PreparationCard key={one.id} one={one} mayEdit={mayEdit} onChanged={again} />
          ))}
        </ul>
        {page.found.length < page.total && (
          <Button variant="line" onClick={() => void more()}>
            Show {Math.min(24, page.total - page.found.length)} more
          </Button>
        )}
      </div>
    </Shell>
  );
}

function nothing(asked: boolean, mayEdit: boolean): string {
  if (asked) return 'Nothing fits. Take a word or a filter away.';
  return mayEdit
    ? 'There is no preparation yet. Begin one from a blank page, from your handout, or bring one in from a file.'
    : 'The coordinator has not stored a preparation yet.';
}
