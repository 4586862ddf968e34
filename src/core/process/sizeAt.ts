import { factsOf } from '../plan/facts';
import { kindsOf } from '../worktop/madeKinds';
import { sizeFor } from '../plan/vesselSizing';
import { volumeOf } from '../worktop/volumes';
import type { PlannedVessel, Preparation } from '../document/document';
import type { Prediction } from './predictProcess';

/**
 * Size, mL, of a vessel of a kind that is large enough for whatever a step holds in one place, by what is foreseen of it.
 *
 * @returns nothing where nothing liquid is foreseen there, or no common size holds it
 */
export function sizeAt(
  doc: Preparation,
  { steps }: Prediction,
  step: string,
  kind: PlannedVessel['kind'],
): number | undefined {
  const kinds = kindsOf(factsOf(doc));
  const peaks = Object.values(steps.find((one) => one.step.id === step)?.peaks ?? {});
  const most = Math.max(0, ...peaks.map((matter) => volumeOf(kinds, matter).q.value));
  return most > 0 ? sizeFor(kind, most) : undefined;
}
