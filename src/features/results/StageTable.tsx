import { WorkedNumber, WorkedRange } from '@/components/WorkingDrawer';
import type { StageResult } from '@/core/results/stageResults';

const dryWords = { constant: 'constant mass', looks: 'dry by feel', unknown: 'not shown dry' } as const;

/** Mass, yield or recovery, melting range and what it says, stage by stage. */
export function StageTable({ stages }: { readonly stages: readonly StageResult[] }) {
  const shown = stages.filter(({ mass, runs }) => mass || runs.length > 0);
  if (shown.length === 0) return null;
  return (
    <div className="results-scroll">
      <table className="results-table">
        <thead>
          <tr>
            <th scope="col">Stage</th>
            <th scope="col">Mass</th>
            <th scope="col">Yield</th>
            <th scope="col">Recovery</th>
            <th scope="col">Melting or boiling range</th>
            <th scope="col">What it says</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((result) => (
            <StageRow key={result.stage.id} result={result} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function StageRow({ result }: { readonly result: StageResult }) {
  const { stage, kind, mass, share, percentYield, projected, overall, best, runs, literature, verdict, boiling } =
    result;
  const others = runs.filter((run) => run.sound && run !== best);
  return (
    <tr>
      <th scope="row">{stage.name}</th>
      <td>
        {mass ? (
          <>
            <WorkedNumber worked={mass.mass} label={`Mass of ${stage.name}`} uncertain />
            <small>{dryWords[mass.dry]}</small>
          </>
        ) : (
          '—'
        )}
      </td>
      <td>
        {percentYield ? <WorkedNumber worked={percentYield} label={`Percent yield, ${stage.name}`} uncertain /> : '—'}
        {overall && (
          <small>
            <WorkedNumber worked={overall} label={`Overall yield, ${stage.name}`} /> over all reactions
          </small>
        )}
        {projected && (
          <small>
            as measured; <WorkedNumber worked={projected} label={`Projected percent yield, ${stage.name}`} /> projected,
            as if all had been taken on
          </small>
        )}
      </td>
      <td>
        {kind === 'recovery' && share ? (
          <WorkedNumber worked={share} label={`Percent recovery, ${stage.name}`} uncertain />
        ) : (
          '—'
        )}
      </td>
      <td>
        {boiling?.range && (
          <WorkedRange low={boiling.range.from} high={boiling.range.to} label={`Boiling range, ${stage.name}`} />
        )}
        {best ? (
          <WorkedRange low={best.onset} high={best.clear} label={`Melting range, ${stage.name}`} />
        ) : (
          !boiling?.range && '—'
        )}
        {others.map((run) => (
          <small key={run.item}>
            {run.item}:{' '}
            <WorkedRange
              low={run.onset}
              high={run.clear}
              label={`Melting range of capillary ${run.item}, ${stage.name}`}
            />
          </small>
        ))}
        {!boiling && literature && (
          <small>
            literature {literature.low}–{literature.high}
            {'\u202f'}°C
          </small>
        )}
        {best?.ramp && (
          <small>
            at <WorkedNumber worked={best.ramp} label={`Heating rate, ${stage.name}`} />
          </small>
        )}
      </td>
      <td>{boiling && !best ? boiling.says : verdict.says}</td>
    </tr>
  );
}
