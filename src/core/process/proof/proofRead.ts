import { agentProofs, washProofs } from './workUpProofs';
import { ceilingProofs } from './ceilingProofs';
import { contradictions } from './contradictions';
import { declaredProofs } from './declaredProofs';
import { factsOf } from '../../plan/facts';
import { kindsOf } from '../../worktop/madeKinds';
import { lineProofs, nameProofs } from './lineProofs';
import { matterProofs } from './matterProofs';
import { schoolProofs } from './schoolProofs';
import { strandedProofs, unusedVessels } from './strandedProofs';
import { stepProofs } from './stepProofs';
import { stopProofs } from './stopProofs';
import { weighedProofs } from './weighedProofs';
import type { Finding } from '../../finding/finding';
import type { Plan } from '../../plan/planTypes';
import type { Prediction } from '../predictProcess';

/** Reads a preparation against itself: charge table, steps and what the models foresee of them. */
export function proofRead(plan: Pick<Plan, 'doc' | 'lines'>, prediction: Prediction): readonly Finding[] {
  // A charge table alone has nothing to be read against.
  if (plan.doc.steps.length === 0) return [];
  const subject = { plan, prediction, kind: kindsOf(factsOf(plan.doc)) };
  return [
    lineProofs,
    nameProofs,
    stepProofs,
    declaredProofs,
    ceilingProofs,
    washProofs,
    agentProofs,
    schoolProofs,
    matterProofs,
    strandedProofs,
    unusedVessels,
    weighedProofs,
    stopProofs,
    contradictions,
  ].flatMap((read) => read(subject));
}
