import { format } from '@/core/quantity/format';
import type { Measured } from '@/core/stoichiometry/lineAmounts';

/** The accepted window around the target as a bar that fills while a reading is typed. */
export function Gauge({
  target,
  value,
  share,
}: {
  readonly target: Measured;
  readonly value: number | undefined;
  readonly share: number;
}) {
  const low = target.q.value * (1 - share);
  const high = target.q.value * (1 + share);
  // The window takes the middle half of the bar.
  const position = (at: number) => Math.max(0, Math.min(100, 50 + ((at - target.q.value) / (high - low)) * 50));
  const inside = value !== undefined && value >= low - 1e-12 && value <= high + 1e-12;
  const words =
    value === undefined
      ? 'nothing typed yet'
      : inside
        ? 'inside the window'
        : value < low
          ? 'below the window'
          : 'above the window';
  const show = (at: number) =>
    format({ dim: target.q.dim, value: at }, target.unit, { figures: Math.max(3, target.figures) });
  return (
    <div className={`gauge ${value === undefined ? '' : inside ? 'gauge-in' : 'gauge-out'}`}>
      <div className="gauge-bar" role="img" aria-label={`Accepted ${show(low)} to ${show(high)}: ${words}`}>
        <span className="gauge-window" />
        <span className="gauge-target" />
        {value !== undefined && <span className="gauge-fill" style={{ width: `${position(value)}%` }} />}
      </div>
      <div className="gauge-ends num" aria-hidden="true">
        <span>{show(low)}</span>
        <span>{show(high)}</span>
      </div>
      <p className="gauge-words">{value === undefined ? `aim at ${show(target.q.value)}` : words}</p>
    </div>
  );
}
