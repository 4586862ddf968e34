import { fact, finding } from '../../finding/finding';
import { fillLimits } from '../vesselSizing';
import type { PlanDraft } from '../planTypes';
import type { Finding } from '../../finding/finding';
import type { VesselPlan } from '../vesselSizing';

/**
 * Fill of each vessel against what is usual for its kind.
 *
 * @param slack share by which a foreseen volume may be over the limit unremarked: models are no better. @default 0
 */
export function vesselFindings({ vessels }: Pick<PlanDraft, 'vessels'>, slack = 0): readonly Finding[] {
  return vessels.flatMap((plan) => judge(plan, slack));
}

function judge({ vessel, volume, fill, suggestion_mL }: VesselPlan, slack: number): readonly Finding[] {
  if (!volume || !fill) return [];
  const { least, most } = fillLimits[vessel.kind];
  const about = { vessel: vessel.id };
  const args = {
    name: vessel.name,
    volume: fact(volume.q, 'mL', 3),
    fill: fact(fill.q, '%', 2),
    ...(suggestion_mL === undefined || suggestion_mL === vessel.capacity_mL
      ? {}
      : { suggestion: `the ${suggestion_mL}\u00a0mL size` }),
  };
  const percent = (value: number) => fact({ dim: 'fraction', value }, '%', 2);
  const share = fill.q.value;
  if (share > 1) {
    const capacity = fact({ dim: 'volume', value: vessel.capacity_mL }, 'mL', String(vessel.capacity_mL).length);
    return [finding('vessel.over', 'stop', about, { ...args, capacity })];
  }
  if (share > most * (1 + slack) + 1e-9)
    return [finding('vessel.full', 'caution', about, { ...args, limit: percent(most) })];
  if (vessel.covers_mL !== undefined && volume.q.value < vessel.covers_mL) {
    return [
      finding('vessel.stir', 'caution', about, {
        ...args,
        least: fact({ dim: 'volume', value: vessel.covers_mL }, 'mL', 2),
      }),
    ];
  }
  if (share < least - 1e-9) return [finding('vessel.empty', 'note', about, { ...args, limit: percent(least) })];
  return [];
}
