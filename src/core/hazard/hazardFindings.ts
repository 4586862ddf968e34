import { flameFindings, materialFindings } from './materialFindings';
import { hazardContext } from './context';
import { meetingFindings } from './meetingFindings';
import { stepFindings, vesselFindings } from './stepFindings';
import type { Finding } from '../finding/finding';
import type { HazardContext } from './context';

const weight = { stop: 0, caution: 1, note: 2 } as const;

/**
 * Cautions of a plan, computed from its document: what meets, what is near heat, what each substance and each step brings.
 * They remind; local rules, the risk assessment and the supervising person decide.
 */
export function hazardFindings(plan: HazardContext['plan']): readonly Finding[] {
  const context = hazardContext(plan);
  const scale = plan.findings.filter(({ rule }) => rule === 'scale.up' || rule === 'scale.exotherm');
  const all = [meetingFindings, flameFindings, materialFindings, stepFindings, vesselFindings].flatMap((of) =>
    of(context),
  );
  return [...all, ...scale].sort((a, b) => weight[a.severity] - weight[b.severity]);
}
