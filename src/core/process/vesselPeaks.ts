import { factsOf } from '../plan/facts';
import { filled } from '../plan/vesselSizing';
import { gramsOf } from '../worktop/matter/matter';
import { kindsOf } from '../worktop/madeKinds';
import { volumeOf } from '../worktop/volumes';
import type { Matter } from '../worktop/matter/matter';
import type { Preparation } from '../document/document';
import type { VesselPlan } from '../plan/vesselSizing';
import type { Prediction } from './predictProcess';
import type { Step } from '../document/steps';
import type { Worked } from '../quantity/worked';

/** A vessel at the largest volume that the procedure puts into it. */
export interface VesselPeak extends VesselPlan {
  /** Step at which it is fullest. */
  readonly step: Step;
  readonly volume: Worked<'volume'>;
  readonly fill: Worked<'fraction'>;
}

/** Fill of each vessel at its fullest, from the predicted contents. */
export function vesselPeaks(doc: Preparation, { steps }: Prediction): readonly VesselPeak[] {
  const kind = kindsOf(factsOf(doc));
  return doc.vessels.flatMap((vessel) => {
    let found: { readonly matter: Matter; readonly step: Step } | undefined;
    for (const { peaks, step } of steps) {
      const matter = peaks[vessel.id];
      if (matter && gramsOf(matter) > gramsOf(found?.matter ?? {})) found = { matter, step };
    }
    if (!found) return [];
    return [{ vessel, unknown: [], step: found.step, ...filled(vessel, volumeOf(kind, found.matter)) }];
  });
}
