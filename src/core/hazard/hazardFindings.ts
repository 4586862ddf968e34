import { foreseeSteps } from '../process/predictProcess';
import { actFindings } from './actFindings';
import { flameFindings } from './flameFindings';
import { gasFindings } from './gasFindings';
import { heatFindings } from './heatFindings';
import { materialFindings } from './materialFindings';
import { meetingFindings } from './meetingFindings';
import { scenesOf } from './scene';
import { stepFindings } from './stepFindings';
import { warmFindings } from './warmFindings';
import type { Finding } from '../finding/finding';
import type { Foreseen } from '../process/predictProcess';
import type { PlanSeen } from './scene';

const weight = { stop: 0, caution: 1, note: 2 } as const;

/**
 * Cautions of a plan, computed from what the process foresees in each vessel at each step: what meets, what is near heat, what gas
 * is freed, what each substance and each step brings. They remind; local rules, the risk assessment and the supervising person decide.
 *
 * @param foreseen of this very plan, where it is at hand
 */
export function hazardFindings(plan: PlanSeen, foreseen: Foreseen = foreseeSteps(plan)): readonly Finding[] {
  const scenes = scenesOf(plan, foreseen);
  const scale = plan.findings.filter(({ rule }) => rule === 'scale.up' || rule === 'scale.exotherm');
  const all = [
    meetingFindings,
    gasFindings,
    heatFindings,
    flameFindings,
    warmFindings,
    actFindings,
    materialFindings,
    stepFindings,
  ].flatMap((of) => of(plan, scenes));
  const sorted = [...all, ...scale].sort((a, b) => weight[a.severity] - weight[b.severity]);
  // One caution a place: the graver of two that say the same.
  const once = new Map<string, Finding>();
  for (const one of sorted) if (!once.has(one.key)) once.set(one.key, one);
  return [...once.values()];
}
