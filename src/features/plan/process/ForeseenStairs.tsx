import { format } from '@/core/quantity/format';
import { basisName } from '@/core/plan/stageBasis';
import { contentOf, earlierOf } from '@/core/document/steps';
import { rangeText } from './rangeText';
import { WorkedNumber } from '@/components/WorkingDrawer';
import type { CSSProperties } from 'react';
import type { Loss } from '@/core/worktop/loss';
import type { MassRange, Prediction, StagePrediction } from '@/core/process/predictProcess';

/** The staircase before anything was done: from what the charge allows to what each stage should weigh, and what is lost between. */
export function ForeseenStairs({
  prediction: { stages, unforeseen },
  ranges,
}: {
  readonly prediction: Prediction;
  readonly ranges: ReadonlyMap<string, MassRange>;
}) {
  if (stages.length === 0)
    return unforeseen.length === 0 ? <p className="muted">No stage is weighed.</p> : <Unforeseen all={unforeseen} />;
  const full = Math.max(...stages.map(({ basis }) => basis.q.value));
  return (
    <div className="stairs foreseen">
      <ol>
        {stages.map((one) => (
          <ForeseenStage key={one.stage.id} one={one} stages={stages} full={full} range={ranges.get(one.stage.id)} />
        ))}
      </ol>
      <Unforeseen all={unforeseen} />
      <p className="muted">
        The thin stroke is the range that follows from the assumptions. A class that falls outside it has met something
        that no model foresees.
      </p>
    </div>
  );
}

/** Stages of which no number can be said: a number would be a guess that nobody asked for. */
function Unforeseen({ all }: { readonly all: Prediction['unforeseen'] }) {
  if (all.length === 0) return null;
  return (
    <ul className="unforeseen">
      {all.map(({ stage, why }) => (
        <li key={stage.id}>
          <strong>{stage.name}: not foreseen</strong>, {why}.
        </li>
      ))}
    </ul>
  );
}

// Less than a balance shows is no line of its own.
const isShown = ({ mass }: Loss) => mass.q.value >= 0.0005;

function ForeseenStage({
  one: { stage, basis, losses, mass },
  range,
  stages,
  full,
}: {
  readonly one: StagePrediction;
  readonly stages: readonly StagePrediction[];
  readonly full: number;
  readonly range: MassRange | undefined;
}) {
  const { low, high } = range ?? { low: mass.q.value, high: mass.q.value };
  const at = (value: number) => `${(value / full) * 100}%`;
  const isFirst = earlierOf(stage) === undefined;
  const root = stages.find(
    (other) => earlierOf(other.stage) === undefined && other.stage.substance === stage.substance,
  );
  const start = basisName(stage) ?? 'Theoretical yield';
  const share = (value: number, of: number) => format({ dim: 'fraction', value: value / of }, '%', { figures: 2 });
  return (
    <>
      {isFirst && (
        <li>
          <span className="stair-label">{start}</span>
          <span className="stair-bar">
            <i className="stair-outline" style={{ width: at(basis.q.value) }} />
          </span>
          <span className="stair-mass">
            <WorkedNumber worked={basis} label={start} />
          </span>
        </li>
      )}
      <li>
        <span className="stair-label">{stage.name}</span>
        <span className="stair-bar">
          <i className="stair-outline" style={{ width: at(mass.q.value) }} />
          <i
            className="stair-range"
            style={{ left: at(low), width: at(high - low) } satisfies CSSProperties}
            aria-hidden="true"
          />
        </span>
        <span className="stair-mass">
          <WorkedNumber worked={mass} label={`Foreseen mass of ${stage.name}`} />
          <small className="num">{rangeText(mass, range)}</small>
          {root && (
            <small className="num">
              {share(mass.q.value, root.basis.q.value)} {contentOf(root.stage) ? 'recovered' : 'yield'}
            </small>
          )}
          {!isFirst && <small className="num">{share(mass.q.value, basis.q.value)} recovery</small>}
        </span>
        <ul className="stair-losses">
          {losses.filter(isShown).map((loss) => (
            <li key={loss.key}>
              <WorkedNumber worked={loss.mass} label={`Foreseen: ${loss.label}`} loss /> {loss.label}
            </li>
          ))}
        </ul>
      </li>
    </>
  );
}
