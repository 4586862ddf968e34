import { greenMetrics } from './greenMetrics';
import { mainStages } from '../document/mainStages';
import { predictProcess } from './predictProcess';
import { timeline } from './timeline';
import { missingParts } from './proof/missingParts';
import { proofRead } from './proof/proofRead';
import { sortFindings } from '../plan/findings/planFindings';
import { vesselFindings } from '../plan/findings/vesselFindings';
import { vesselPeaks } from './vesselPeaks';
import type { Finding } from '../finding/finding';
import type { GreenMetrics } from './greenMetrics';
import type { Plan } from '../plan/planTypes';
import type { Prediction } from './predictProcess';
import type { Timeline } from './timeline';
import type { VesselPeak } from './vesselPeaks';

// Foreseen volumes are good to about a tenth.
const modelSlack = 0.1;

/** Everything that follows from the procedure of a plan. */
export interface ProcessPlan {
  readonly prediction: Prediction;
  readonly peaks: readonly VesselPeak[];
  readonly timeline: Timeline;
  readonly green?: GreenMetrics;
  /** The plan's findings with those of the procedure; vessels are judged at their fullest. */
  readonly findings: readonly Finding[];
}

/** Predicts the procedure and what the plan shows of it. Pure; fast enough for every keystroke. */
export function processPlan(plan: Pick<Plan, 'doc' | 'lines' | 'charge' | 'factor' | 'findings'>): ProcessPlan {
  const prediction = predictProcess(plan);
  const last = mainStages(plan.doc).at(-1);
  const green = greenMetrics(plan, prediction.stages.find(({ stage }) => stage.id === last?.id)?.mass);
  const peaks = vesselPeaks(plan.doc, prediction);
  const judged = new Set(peaks.map(({ vessel }) => vessel.id));
  const others = plan.findings.filter(({ about }) => about.vessel === undefined || !judged.has(about.vessel));
  return {
    prediction,
    peaks,
    findings: sortFindings([
      ...others,
      ...vesselFindings({ vessels: peaks }, modelSlack),
      ...missingParts(plan.doc),
      ...proofRead(plan, prediction),
    ]),
    timeline: timeline(plan.doc, plan.factor.ok ? plan.factor.value.q.value : 1),
    ...(green ? { green } : {}),
  };
}
