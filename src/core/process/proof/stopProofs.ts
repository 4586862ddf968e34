import { agentOf } from './workUpProofs';
import { finding } from '../../finding/finding';
import { findOperation } from '../../operations/registry';
import { gramsOf } from '../../worktop/matter/matter';
import { hasGroup } from '../../reference/groups';
import { linesOf, named } from './subject';
import { wholeOf } from '../../worktop/matter/shelf';
import type { Finding } from '../../finding/finding';
import type { StepPrediction } from '../predictProcess';
import type { Subject } from './subject';

// Warm to the hand: nothing that is to stand for a week.
const warm_C = 45;

/** Safe stops that are none: hot, in a funnel, oxidant left, acid over a carbonate, in the middle of heating. */
export function stopProofs(subject: Subject): readonly Finding[] {
  return subject.prediction.steps.flatMap((one) => {
    if (one.step.safeStop === undefined) return [];
    const why = reasons(subject, one)[0];
    return why === undefined
      ? []
      : [
          finding(
            'proof.stop',
            'caution',
            { step: one.step.id, field: 'stop' },
            { step: named(subject, one.step), why },
          ),
        ];
  });
}

function reasons({ plan, kind }: Subject, { step, shelf, product }: StepPrediction): readonly string[] {
  const content = shelf[product];
  const whole = content ? wholeOf(content) : {};
  const has = (test: (id: string) => boolean) => Object.keys(whole).some((id) => (whole[id] ?? 0) > 1e-6 && test(id));
  const { boiling } = findOperation(step.op)?.conditions?.(step.params) ?? {};
  const vessel = plan.doc.vessels.find(({ id }) => id === product);
  const agents = linesOf(step).flatMap((id) => {
    const facts = plan.lines.find(({ facts: one }) => one.line.id === id)?.facts;
    return facts?.line.role === 'drying agent' ? [agentOf(facts.substance.substance.formula)] : [];
  });
  const acid = has((id) => hasGroup(kind(id).groups, 'carboxylicAcid', 'mineralAcid', 'sulfonicAcid'));
  return [
    ...(boiling && product === (step.uses?.['in'] ?? product) ? ['it stands on the heat'] : []),
    ...((content?.temperature_C ?? 20) > warm_C && gramsOf(whole) > 0 ? ['it is still hot'] : []),
    ...(vessel?.kind === 'separatory funnel' ? ['two layers stand in a funnel'] : []),
    ...(has((id) => hasGroup(kind(id).groups, 'hypochlorite', 'nitricAcid')) ? ['oxidant is left'] : []),
    ...(agents.includes('K2CO3') && acid ? ['acid stands over a carbonate: gas builds up'] : []),
  ];
}
