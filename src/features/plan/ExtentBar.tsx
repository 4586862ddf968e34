'use client';
import { chargeOf } from '@/core/plan/chargeTable';
import { format } from '@/core/quantity/format';
import { usePlanView } from '@/components/plan/planView';
import { WorkedCell } from '@/components/plan/WorkedCell';
import type { PlanLine } from '@/core/plan/planTypes';

/** Axis of the extents: the longest bar takes most of the width, so that labels fit beside the shorter ones. */
export function extentScale(extents: readonly number[]): (extent: number) => number {
  const longest = Math.max(...extents, Number.MIN_VALUE);
  return (extent) => (extent / longest) * 92;
}

/** One reactant's extent on the common axis: solid up to the plumb line, overhang is excess, with its flip amount. */
export function ExtentBar({
  line,
  percent,
}: {
  readonly line: PlanLine;
  readonly percent: (extent: number) => number;
}) {
  const { plan } = usePlanView();
  const { extent, flip, facts } = line;
  const extents = chargeOf(plan.charge, facts.line)?.extents;
  if (!extent || !extents) return null;
  const { limiting, tie } = extents;
  const id = facts.line.id;
  const name = facts.substance.substance.name;
  const isLimiting = extent.id === limiting.id;
  const loss = flip?.[line.target?.rounded.q.dim ?? 'mass'] ?? flip?.amount;
  const solid = percent(limiting.extent.q.value);
  const over = percent(extent.extent.q.value) - solid;
  return (
    <div className="extent">
      <div className={`extent-bar ${isLimiting ? 'extent-limiting' : ''}`} aria-hidden="true">
        <i style={{ width: `${solid}%` }} />
        {over > 0.01 && <b style={{ width: `${over}%` }} />}
      </div>
      <div className="extent-words">
        <WorkedCell id={`${id}/extent`} worked={extent.extent} label={`Extent that ${name} allows`} />
        {isLimiting && !tie ? (
          <strong className="limits">limits</strong>
        ) : (
          <WorkedCell id={`${id}/excess`} worked={extent.excess} label={`Excess of ${name}`} lead="+" />
        )}
        {loss && !tie && (
          <span title={`If more than this is lost, ${name} becomes the limiting reagent`} className="flip">
            flips if {format(loss.q, loss.unit, { figures: 2 })} lost
          </span>
        )}
      </div>
    </div>
  );
}
