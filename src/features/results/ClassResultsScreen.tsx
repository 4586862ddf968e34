'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { BenchReport } from './BenchReport';
import { ClassTable } from './ClassTable';
import { classResults } from '@/core/results/classResults';
import { ConventionWords } from '@/components/ConventionWords';
import { FindingCard } from '@/components/FindingCard';
import { Guard } from '@/components/Guard';
import { Icon } from '@/components/Icon';
import { Shell } from '@/components/Shell';
import { Spreads } from './Spreads';
import { useBoard } from '@/components/record/useBoard';
import { WorkingDrawer } from '@/components/WorkingDrawer';
import type { ClassBoard } from '@/core/people/class';
import type { Identity } from '@/core/identity';

// The chart library is loaded with this part only.
const ClassPlane = dynamic(() => import('./ClassPlane').then(({ ClassPlane: plane }) => plane), {
  ssr: false,
  loading: () => <p className="muted">Drawing…</p>,
});

/** Results of a class: every bench in a row, yield against melting range, and one bench in full when it is chosen. */
export function ClassResultsScreen({ identity, first }: { readonly identity: Identity; readonly first: ClassBoard }) {
  const { board, lanes, failed } = useBoard(first);
  const results = useMemo(() => classResults(lanes.map(({ lane, state }) => ({ bench: lane.bench, state }))), [lanes]);
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const row = results.rows.find(({ bench }) => bench === chosen);
  return (
    <Shell identity={identity} crumb={board.name}>
      <WorkingDrawer>
        <div className="page results-page">
          <header className="board-head results-head">
            <div>
              <h1>Results</h1>
              <p>
                {board.doc.title} · {board.name} · <Link href={`/classes/${board.id}`}>Back to the class</Link>
              </p>
            </div>
            <a className="btn btn-line" href={`/api/v1/classes/${board.id}/results`} download>
              <Icon name="download" /> CSV of the class
            </a>
          </header>
          {failed && (
            <p className="banner banner-stop" role="alert">
              No connection: this is the state of the last answer.
            </p>
          )}
          {results.unreadable.length > 0 && (
            <p className="banner banner-stop" role="alert">
              The results of {results.unreadable.join(', ')} cannot be worked out from what is stored. Open the bench
              from the class and strike what does not belong there.
            </p>
          )}
          {results.findings.map((finding) => (
            <FindingCard key={finding.key} finding={finding} />
          ))}
          <section className="card-plain report-card">
            <ClassTable doc={board.doc} results={results} chosen={chosen} onChoose={setChosen} />
            <Spreads doc={board.doc} results={results} />
          </section>
          <ConventionWords doc={board.doc} />
          {row && (
            <section className="card-plain report-card" aria-label={`Results of ${row.bench}`}>
              <h2>{row.bench}</h2>
              <Guard
                of={`${row.bench} ${row.state.record.length}`}
                fallback={<p>The results of {row.bench} cannot be shown.</p>}
              >
                <BenchReport state={row.state} results={row.results} />
              </Guard>
            </section>
          )}
          <section className="card-plain report-card" aria-label="Yield against melting range">
            <h2>Yield against melting range</h2>
            <ClassPlane results={results} onChoose={setChosen} />
          </section>
        </div>
      </WorkingDrawer>
    </Shell>
  );
}
