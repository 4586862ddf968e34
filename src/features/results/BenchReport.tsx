'use client';
import { FindingCard } from '@/components/FindingCard';
import { formatDigits } from '@/core/quantity/format';
import { MeltingStrokes } from './MeltingStrokes';
import { Staircase } from './Staircase';
import { StageTable } from './StageTable';
import { WorkedNumber, WorkingSource } from '@/components/WorkingDrawer';
import { useEntryWords } from '@/components/useEntryWords';
import type { BenchResults } from '@/core/results/benchResults';
import type { BenchState } from '@/core/bench/benchState';
import type { OwnResult } from '@/core/results/ownResults';

/** What one bench's record comes to: a sentence, the staircase, the stages, the melting ranges, its own results. */
export function BenchReport({ state, results }: { readonly state: BenchState; readonly results: BenchResults }) {
  const { doc } = state.bench;
  const entryWords = useEntryWords(state);
  const remarks = state.findings.filter(({ severity }) => severity !== 'note');
  return (
    <WorkingSource doc={doc} entryWords={entryWords}>
      <div className="report">
        <p className="report-sentence">{results.sentence}</p>
        <p className="muted">{results.basis}</p>
        {results.theory && (
          <p className="report-theory">
            Theoretical yield of the actual charge{' '}
            <WorkedNumber worked={results.theory} label="Theoretical yield of the actual charge" uncertain />
          </p>
        )}
        {results.ledger.length > 1 && <Staircase levels={results.ledger} />}
        <StageTable stages={results.stages} />
        <MeltingStrokes stages={results.stages} />
        {results.own.map((own) => (
          <OwnResultLine key={own.step} own={own} stage={doc.stages.find(({ id }) => id === own.of)?.name ?? own.of} />
        ))}
        {remarks.length > 0 && (
          <section className="report-remarks" aria-label="Remarks">
            <h3>Remarks on the record</h3>
            {remarks.map((finding) => (
              <FindingCard key={finding.key} finding={finding} />
            ))}
          </section>
        )}
      </div>
    </WorkingSource>
  );
}

function OwnResultLine({ own, stage }: { readonly own: OwnResult; readonly stage: string }) {
  const { typed, what, finding } = own;
  if (!typed)
    return (
      <p className="muted">
        Percent {what} of {stage}: not handed in yet.
      </p>
    );
  const shown = formatDigits({ dim: 'fraction', value: typed.value }, '%', { decimals: typed.decimals });
  return (
    <p>
      Percent {what} of {stage} worked out by the group: <strong className="num">{shown}&nbsp;%</strong>
      {finding ? ', see the remark.' : ', as the readings give.'}
    </p>
  );
}
