'use client';
import Link from 'next/link';
import { useMemo } from 'react';
import { BenchReport } from './BenchReport';
import { benchResults } from '@/core/results/benchResults';
import { benchState } from '@/core/bench/benchState';
import { Guard } from '@/components/Guard';
import { Shell } from '@/components/Shell';
import { useRecord } from '@/components/record/useRecord';
import { withhold } from '@/core/results/withhold';
import { WorkingDrawer } from '@/components/WorkingDrawer';
import type { BenchState } from '@/core/bench/benchState';
import type { BenchStart } from '@/components/record/benchStart';

/** A group's own results, growing with its record. */
export function BenchResultsScreen(start: BenchStart) {
  const { identity, className, bench, doc } = start;
  const { entries, settings, link } = useRecord(start);
  const state = useMemo(() => benchState(doc, entries, settings), [doc, entries, settings]);
  return (
    <Shell identity={identity}>
      <div className="page results-page">
        <header className="board-head">
          <h1>Results of bench {bench}</h1>
          <p>
            {doc.title} · {className} · <Link href="/bench">Back to the bench</Link>
          </p>
        </header>
        {link !== 'well' && (
          <p className="banner banner-stop" role="status">
            No connection: this is what is known on this tablet.
          </p>
        )}
        <WorkingDrawer>
          <section className="card-plain report-card">
            <h2 className="visually-hidden">{doc.title}</h2>
            <Guard
              of={state.record.length}
              fallback={<p>The results cannot be worked out from what is stored. Call the demonstrator.</p>}
            >
              <OwnReport state={state} />
            </Guard>
          </section>
        </WorkingDrawer>
      </div>
    </Shell>
  );
}

function OwnReport({ state }: { readonly state: BenchState }) {
  const results = useMemo(() => withhold(benchResults(state)), [state]);
  return <BenchReport state={state} results={results} />;
}
