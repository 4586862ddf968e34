import type { Plan } from '../plan/planTypes';
import type { ProcessPlan } from './processPlan';

/** A plan whose vessels are filled as the procedure fills them, with the findings of both. */
export function withProcess(plan: Plan, { peaks, findings }: ProcessPlan): Plan {
  const vessels = plan.vessels.map((one) => peaks.find(({ vessel }) => vessel.id === one.vessel.id) ?? one);
  return { ...plan, vessels, findings };
}
