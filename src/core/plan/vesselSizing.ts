import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import { numeral } from './facts';
import { vesselVolume } from './vesselVolume';
import type { Charge } from './chargeTable';
import type { PlannedVessel } from '../document/document';
import type { Facts } from './facts';
import type { Worked } from '../quantity/worked';

/** Share of a vessel's capacity that is usual: least (losses on the walls) and most (heating, stirring, shaking). */
export const fillLimits: Readonly<Record<PlannedVessel['kind'], { readonly least: number; readonly most: number }>> = {
  'reaction flask': { least: 1 / 3, most: 2 / 3 },
  'distillation flask': { least: 1 / 4, most: 1 / 2 },
  'separatory funnel': { least: 0, most: 3 / 4 },
  'pear flask': { least: 0, most: 1 / 2 },
  'conical flask': { least: 0, most: 1 / 2 },
  beaker: { least: 0, most: 3 / 4 },
  'dropping funnel': { least: 0, most: 3 / 4 },
  'test tube': { least: 0, most: 1 / 3 },
  vial: { least: 0, most: 3 / 4 },
  dish: { least: 0, most: 1 / 2 },
  'watch glass': { least: 0, most: 1 / 4 },
  'filter flask': { least: 0, most: 1 / 2 },
  receiver: { least: 0, most: 3 / 4 },
};

/** Common sizes. */
const sizes_mL = [5, 10, 25, 50, 100, 125, 250, 500, 1000, 2000, 5000];

/** A vessel with what goes into it. */
export interface VesselPlan {
  readonly vessel: PlannedVessel;
  readonly volume?: Worked<'volume'>;
  readonly fill?: Worked<'fraction'>;
  /** Lines whose volume is not known and not counted. */
  readonly unknown: readonly string[];
  /** Smallest common size, mL, that the volume fills no further than usual; absent when none is large enough. */
  readonly suggestion_mL?: number;
}

/** Fill of each vessel at the largest volume that the charge table puts into it. Source: usual teaching-lab practice. */
export function vesselSizing(facts: Facts, charge: Charge): readonly VesselPlan[] {
  return facts.doc.vessels.map((vessel) => {
    const { volume, unknown } = vesselVolume(facts, vessel.id, charge);
    if (!volume) return { vessel, unknown };
    return { vessel, unknown, ...filled(vessel, volume) };
  });
}

/** How full a volume makes a vessel, and the size that it would fill as usual. */
export function filled(
  vessel: PlannedVessel,
  volume: Worked<'volume'>,
): Required<Pick<VesselPlan, 'volume' | 'fill'>> & Pick<VesselPlan, 'suggestion_mL'> {
  const fill = derive({
    formula: 'fill',
    dim: 'fraction',
    unit: '%',
    value: volume.q.value / vessel.capacity_mL,
    inputs: {
      V: fromWorked(volume),
      V_vessel: numeral(String(vessel.capacity_mL), 'volume', 'mL', { at: 'setting', id: vessel.id }),
    },
    figures: 2,
    certain: volume.certain,
    quotient: false,
  });
  const suggestion_mL = sizeFor(vessel.kind, volume.q.value);
  return { volume, fill, ...(suggestion_mL === undefined ? {} : { suggestion_mL }) };
}

/** Smallest common size, mL, of a kind of vessel that a volume in mL fills no further than usual; nothing when none is large enough. */
export function sizeFor(kind: PlannedVessel['kind'], volume_mL: number): number | undefined {
  const { most } = fillLimits[kind];
  return sizes_mL.find((size) => volume_mL <= size * most);
}
