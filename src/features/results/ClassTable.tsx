'use client';
import { formatDigits } from '@/core/quantity/format';
import { Guard } from '@/components/Guard';
import { mainStages } from '@/core/document/mainStages';
import { WorkedNumber, WorkedRange, WorkingSource } from '@/components/WorkingDrawer';
import { useEntryWords } from '@/components/useEntryWords';
import type { ClassResults, ClassRow, Comparison } from '@/core/results/classResults';
import type { OwnResult } from '@/core/results/ownResults';
import type { Preparation } from '@/core/document/document';
import type { StageResult } from '@/core/results/stageResults';

const short = {
  missing: 'no range',
  fast: 'too fast',
  noLiterature: '',
  high: 'too high',
  agrees: 'agrees',
  near: 'near',
  wide: 'wide',
  low: 'low',
};

/** Every bench of the class in a row; a number opens its working, the name opens the bench. */
export function ClassTable({
  doc,
  results,
  chosen,
  onChoose,
}: {
  readonly doc: Preparation;
  readonly results: ClassResults;
  readonly chosen: string | undefined;
  readonly onChoose: (bench: string | undefined) => void;
}) {
  const stages = mainStages(doc);
  return (
    <div className="results-scroll">
      <table className="results-table class-table">
        <thead>
          <tr>
            <th scope="col">Bench</th>
            <th scope="col">Charge allows</th>
            {stages.map(({ id, name }) => (
              <th key={id} scope="col">
                {name}
              </th>
            ))}
            <th scope="col">Handed in</th>
            <th scope="col">Remarks</th>
          </tr>
        </thead>
        <tbody>
          {results.rows.map((row) => (
            <Guard
              key={row.bench}
              of={row.state.record.length}
              fallback={
                <tr>
                  <th scope="row">{row.bench}</th>
                  <td colSpan={stages.length + 3}>cannot be shown: open the bench from the class</td>
                </tr>
              }
            >
              <BenchRow
                row={row}
                stages={stages.map(({ id }) => id)}
                far={farOf(results, row.bench)}
                open={chosen === row.bench}
                onToggle={() => onChoose(chosen === row.bench ? undefined : row.bench)}
              />
            </Guard>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function farOf({ spreads }: ClassResults, bench: string): readonly Comparison[] {
  return (Object.entries(spreads) as [Comparison, { outliers: readonly string[] }][]).flatMap(([what, { outliers }]) =>
    outliers.includes(bench) ? [what] : [],
  );
}

function BenchRow({
  row,
  stages,
  far,
  open,
  onToggle,
}: {
  readonly row: ClassRow;
  readonly stages: readonly string[];
  readonly far: readonly Comparison[];
  readonly open: boolean;
  readonly onToggle: () => void;
}) {
  const { bench, state, results } = row;
  const entryWords = useEntryWords(state);
  const remarks = state.findings.filter(({ severity }) => severity !== 'note').length;
  return (
    <WorkingSource doc={state.bench.doc} entryWords={entryWords}>
      <tr className={open ? 'row-open' : ''} data-bench={bench}>
        <th scope="row">
          <button type="button" className="line-name" aria-expanded={open} onClick={onToggle}>
            {bench}
          </button>
          <small>
            {state.done} of {state.toDo} steps
          </small>
        </th>
        <td>{results.theory ? <WorkedNumber worked={results.theory} label={`Theoretical yield, ${bench}`} /> : '—'}</td>
        {stages.map((id) => (
          <StageCell key={id} bench={bench} result={results.stages.find(({ stage }) => stage.id === id)} />
        ))}
        <td>
          {results.own.map((own) => (
            <Own key={own.step} own={own} />
          ))}
        </td>
        <td>
          {remarks > 0 && `${remarks}\u00a0${remarks === 1 ? 'remark' : 'remarks'}`}
          {far.map((what) => (
            <small key={what} className="far">
              {what === 'onset' ? 'melting range' : what} far from the class
            </small>
          ))}
        </td>
      </tr>
    </WorkingSource>
  );
}

function StageCell({ bench, result }: { readonly bench: string; readonly result: StageResult | undefined }) {
  if (!result?.mass) return <td>—</td>;
  const { mass, percentYield, kind, share, best, verdict, stage } = result;
  const name = `${stage.name}, ${bench}`;
  return (
    <td>
      <WorkedNumber worked={mass.mass} label={`Mass of ${name}`} />
      {percentYield && (
        <>
          {' '}
          <strong>
            <WorkedNumber worked={percentYield} label={`Percent yield, ${name}`} />
          </strong>
        </>
      )}
      {kind === 'recovery' && share && (
        <small>
          recovery <WorkedNumber worked={share} label={`Percent recovery, ${name}`} />
        </small>
      )}
      {best && (
        <small>
          <WorkedRange low={best.onset} high={best.clear} label={`Melting range of ${name}`} /> {short[verdict.kind]}
        </small>
      )}
    </td>
  );
}

function Own({ own: { typed, finding } }: { readonly own: OwnResult }) {
  if (!typed) return <span className="muted">not yet</span>;
  return (
    <>
      <span className="num">
        {formatDigits({ dim: 'fraction', value: typed.value }, '%', { decimals: typed.decimals })}&nbsp;%
      </span>
      <small>{finding ? 'not what the readings give' : 'as the readings give'}</small>
    </>
  );
}
