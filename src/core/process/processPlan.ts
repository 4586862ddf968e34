import { greenMetrics } from './greenMetrics';
import { mainStages } from '../preparation/mainStages';
import { predictProcess } from './predictProcess';
import { timeline } from './timeline';
import { vesselPeaks } from './vesselPeaks';
import type { GreenMetrics } from './greenMetrics';
import type { Plan } from '../preparation/planTypes';
import type { Prediction } from './predictProcess';
import type { Timeline } from './timeline';
import type { VesselPeak } from './vesselPeaks';

/** Everything that follows from the procedure of a plan. */
export interface ProcessPlan {
  readonly prediction: Prediction;
  readonly peaks: readonly VesselPeak[];
  readonly timeline: Timeline;
  readonly green?: GreenMetrics;
}

/** Predicts the procedure and what the plan shows of it. Pure; fast enough for every keystroke. */
export function processPlan(plan: Pick<Plan, 'doc' | 'lines' | 'charge' | 'factor'>): ProcessPlan {
  const prediction = predictProcess(plan);
  const last = mainStages(plan.doc).at(-1);
  const green = greenMetrics(plan, prediction.stages.find(({ stage }) => stage.id === last?.id)?.mass);
  return {
    prediction,
    peaks: vesselPeaks(plan.doc, prediction),
    timeline: timeline(plan.doc, plan.factor.ok ? plan.factor.value.q.value : 1),
    ...(green ? { green } : {}),
  };
}
