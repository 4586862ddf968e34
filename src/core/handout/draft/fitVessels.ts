import { computePlan } from '../../plan/plan';
import { predictProcess } from '../../process/predictProcess';
import { sizeFor } from '../../plan/vesselSizing';
import { vesselPeaks } from '../../process/vesselPeaks';
import type { Preparation } from '../../document/document';

// A drop needs no thimble.
const least_mL = 5;
const least_share = 0.1;

/**
 * Vessels whose size the handout does not say, as large as the procedure fills them: what a step brings all the same was reckoned with
 * before anybody knew where the washes go.
 *
 * @param said vessels whose size the handout says
 */
export function fitVessels(doc: Preparation, said: ReadonlySet<string>): Preparation {
  if (doc.vessels.every(({ id }) => said.has(id))) return doc;
  // A smaller still keeps less, and its receiver gets more.
  return fitted(fitted(doc, said), said);
}

function fitted(doc: Preparation, said: ReadonlySet<string>): Preparation {
  const plan = computePlan(doc);
  const prediction = predictProcess(plan);
  // Of what nothing is foreseen nobody knows how large its vessels have to be.
  if (!prediction.stages.some(({ basis, mass }) => mass.q.value > least_share * basis.q.value)) return doc;
  const peaks = new Map(vesselPeaks(plan.doc, prediction).map(({ vessel, volume }) => [vessel.id, volume.q.value]));
  return {
    ...doc,
    vessels: doc.vessels.map((vessel) => {
      const peak_mL = said.has(vessel.id) ? undefined : peaks.get(vessel.id);
      const fitting = peak_mL === undefined ? undefined : sizeFor(vessel.kind, Math.max(least_mL, peak_mL));
      return fitting === undefined ? vessel : { ...vessel, capacity_mL: fitting };
    }),
  };
}
