import { WorkedNumber } from '@/components/WorkingDrawer';
import type { StepState } from '@/core/bench/benchState';

/** What a step comes to in numbers, and what a model foresees to be lost by it; each opens its working. */
export function OutcomeRow({ step: { outcome, losses } }: { readonly step: StepState }) {
  if (outcome.length === 0 && losses.length === 0) return null;
  return (
    <dl className="outcome">
      {outcome.map(({ label, worked }) => (
        <div key={label}>
          <dt>{label}</dt>
          <dd>
            <WorkedNumber worked={worked} label={label} uncertain />
          </dd>
        </div>
      ))}
      {losses.map(({ key, label, mass }) => (
        <div key={key}>
          <dt>{label}, foreseen</dt>
          <dd>
            <WorkedNumber worked={mass} label={`Foreseen: ${label}`} loss />
          </dd>
        </div>
      ))}
    </dl>
  );
}
