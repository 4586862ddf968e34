'use client';
import { chargeOf } from '@/core/plan/chargeTable';
import { format } from '@/core/quantity/format';
import { usePlanView } from '@/components/plan/planView';
import { WorkedCell } from '@/components/plan/WorkedCell';
import type { Extents, ReactantExtent } from '@/core/stoichiometry/extents';
import type { PlanLine } from '@/core/plan/planTypes';
import type { Worked } from '@/core/quantity/worked';

/** Axis of the extents: the longest bar takes most of the width, so that labels fit beside the shorter ones. */
export function extentScale(extents: readonly number[]): (extent: number) => number {
  const longest = Math.max(...extents, Number.MIN_VALUE);
  return (extent) => (extent / longest) * 92;
}

/** One line's extent on the common axis. */
export function ExtentBar({
  line,
  percent,
}: {
  readonly line: PlanLine;
  readonly percent: (extent: number) => number;
}) {
  const { plan } = usePlanView();
  const { extent, flip, facts, target } = line;
  const extents = chargeOf(plan.charge, facts.line)?.extents;
  if (!extent || !extents) return null;
  return (
    <ExtentOf
      reactant={extent}
      extents={extents}
      percent={percent}
      cell={facts.line.id}
      name={facts.substance.substance.name}
      loss={flip?.[target?.rounded.q.dim ?? 'mass'] ?? flip?.amount}
    />
  );
}

/** What a reactant allows: solid up to the plumb line, overhang is excess, with its flip amount. */
export function ExtentOf({
  reactant: { id, extent, excess },
  extents: { limiting, tie },
  percent,
  cell,
  name,
  loss,
}: {
  readonly reactant: ReactantExtent;
  readonly extents: Extents;
  readonly percent: (extent: number) => number;
  /** Key of the row, before the column. */
  readonly cell: string;
  readonly name: string;
  readonly loss?: Worked | undefined;
}) {
  const isLimiting = id === limiting.id;
  const solid = percent(limiting.extent.q.value);
  const over = percent(extent.q.value) - solid;
  return (
    <div className="extent">
      <div className={`extent-bar ${isLimiting ? 'extent-limiting' : ''}`} aria-hidden="true">
        <i style={{ width: `${solid}%` }} />
        {over > 0.01 && <b style={{ width: `${over}%` }} />}
      </div>
      <div className="extent-words">
        <WorkedCell id={`${cell}/extent`} worked={extent} label={`Extent that ${name} allows`} />
        {isLimiting && !tie ? (
          <strong className="limits">limits</strong>
        ) : (
          <WorkedCell id={`${cell}/excess`} worked={excess} label={`Excess of ${name}`} lead="+" />
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
