'use client';
import Link from 'next/link';
import { Icon } from '@/components/Icon';
import { ImportStructures } from './ImportStructures';
import type { ReferenceHome as Home } from '@/core/reference/search';

/** What the reference offers before an entry is opened: adding, files, standards, stains, and how its marks are read. */
export function ReferenceHome({ substances, solutions, standards, visualizers }: Home) {
  return (
    <div className="entry">
      <header className="entry-head">
        <div>
          <h1>Reference</h1>
          <p className="muted">
            {substances} substances and {solutions} solutions. Plan lines are filled from here; a plan keeps the values
            it took.
          </p>
          <div className="entry-actions">
            <Link href="/reference/new?kind=substance" className="btn btn-line btn-sm">
              <Icon name="plus" /> Substance
            </Link>
            <Link href="/reference/new?kind=solution" className="btn btn-line btn-sm">
              <Icon name="plus" /> Solution
            </Link>
            <a className="btn btn-line btn-sm" href="/api/v1/reference/file?as=csv" download>
              <Icon name="download" /> CSV
            </a>
            <a className="btn btn-line btn-sm" href="/api/v1/reference/file?as=json" download>
              <Icon name="download" /> JSON
            </a>
          </div>
        </div>
      </header>
      <section className="card-plain entry-card" aria-label="How the marks are read">
        <h2>How far a value can be trusted</h2>
        <dl className="marks">
          <div>
            <dt>
              <span className="standing standing-good">computed</span>
            </dt>
            <dd>follows from the formula or the structure.</dd>
          </div>
          <div>
            <dt>
              <span className="standing standing-good">
                <Icon name="check-lg" /> cross-checked
              </span>
            </dt>
            <dd>agrees with other values through a relation that is named on the page.</dd>
          </div>
          <div>
            <dt>
              <span className="standing standing-good">
                <Icon name="check-lg" /> confirmed
              </span>
            </dt>
            <dd>a coordinator compared it with a source, on the day that stands there.</dd>
          </div>
          <div>
            <dt>
              <span className="standing standing-open">confirm</span>
            </dt>
            <dd>from memory: compare it before you rely on it. Hazard labels print with this reminder.</dd>
          </div>
        </dl>
      </section>
      <ImportStructures />
      <section className="card-plain entry-card" aria-label="Melting-point standards">
        <h2>Melting-point standards</h2>
        <ul className="standards">
          {standards.map(({ substance, clear_C, name }) => (
            <li key={substance}>
              <Link href={`/reference/${substance}`}>{name}</Link>
              <span className="num">
                {clear_C}
                {'\u202f'}°C
              </span>
            </li>
          ))}
        </ul>
        <p className="muted">Clear points, from memory: compare with the certificate of the standard at hand.</p>
      </section>
      <section className="card-plain entry-card" aria-label="Stains for thin-layer plates">
        <h2>Stains for thin-layer plates</h2>
        <ul className="band-list">
          {visualizers.map(({ id, name: stain, shows, caution }) => (
            <li key={id}>
              <strong>{stain}</strong>: {shows}. <span className="muted">{caution}</span>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
