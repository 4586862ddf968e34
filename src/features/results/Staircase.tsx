import { inSentence } from '@/core/document/inSentence';
import { WorkedNumber } from '@/components/WorkingDrawer';
import { worth } from '@/core/results/worth';
import type { CSSProperties } from 'react';
import type { Level } from '@/core/results/ledger';

/**
 * From the charge to the vial, a bar a level on one scale: filled what was weighed, outlined what the models leave of the
 * level before, hatched what neither explains.
 */
export function Staircase({ levels }: { readonly levels: readonly Level[] }) {
  const full = Math.max(
    ...levels.flatMap(({ recorded, predicted }) => [recorded?.q.value ?? 0, predicted?.q.value ?? 0]),
  );
  return (
    <section className="stairs" aria-label="From the charge to the product">
      <h3>Where the product went</h3>
      <ol>
        {levels.map((level) => (
          <Stair key={level.key} level={level} full={full} />
        ))}
      </ol>
      <p className="stairs-key">
        <i className="key-fill" /> weighed <i className="key-outline" /> predicted <i className="key-hatch" />{' '}
        unexplained
      </p>
    </section>
  );
}

function Stair({ level, full }: { readonly level: Level; readonly full: number }) {
  const { label, recorded, predicted, losses, unexplained, apart } = level;
  const percent = (value: number) => `${Math.max(0, (value / full) * 100)}%`;
  const low = Math.min(recorded?.q.value ?? 0, predicted?.q.value ?? 0);
  const gap = recorded && predicted ? Math.abs(recorded.q.value - predicted.q.value) : 0;
  return (
    <li>
      <span className="stair-label">{label}</span>
      <span className="stair-bar">
        {recorded && <i className="stair-fill" style={{ width: percent(recorded.q.value) }} />}
        {predicted && <i className="stair-outline" style={{ width: percent(predicted.q.value) }} />}
        {gap > 0 && (
          <i className="stair-hatch" style={{ left: percent(low), width: percent(gap) } satisfies CSSProperties} />
        )}
      </span>
      <span className="stair-mass">
        {recorded ? <WorkedNumber worked={recorded} label={label} /> : <span className="muted">not weighed</span>}
      </span>
      <ul className="stair-losses">
        {losses.map((loss) => (
          <li key={loss.key}>
            <WorkedNumber worked={loss.mass} label={`Foreseen: ${loss.label}`} loss /> {loss.label}, as the model
            foresees
          </li>
        ))}
        {unexplained && worth(unexplained) && (
          <li>
            <WorkedNumber worked={unexplained} label="Not explained" />{' '}
            {unexplained.q.value > 0
              ? losses.length > 0
                ? 'unexplained: spills, more left behind than usual, an assumption that does not hold'
                : 'left behind or taken as a sample'
              : 'more than the models leave: wet, or the prediction is too dark'}
          </li>
        )}
        {apart.map(({ label: name, mass }) => (
          <li key={name}>
            <WorkedNumber worked={mass} label={name} /> of it won back, kept apart: {inSentence(name)}
          </li>
        ))}
      </ul>
    </li>
  );
}
