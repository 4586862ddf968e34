import { finding } from '../../finding/finding';
import { findOperation } from '../../operations/registry';
import { gramsOf } from '../matter/matter';
import { namedBy } from '../../operations/named';
import { inSentence } from '../../document/inSentence';
import { named } from './subject';
import { weighingOf } from '../stageAhead';
import { wholeOf } from '../matter/shelf';
import type { Finding } from '../../finding/finding';
import type { Step } from '../../document/steps';
import type { Subject } from './subject';

/** Every step with its time, its portions and something to work on; every stage weighed. */
export function stepProofs(subject: Subject): readonly Finding[] {
  const { doc } = subject.plan;
  return [
    ...doc.steps.flatMap((step) => [
      ...(step.time.typical_min > 0
        ? []
        : [finding('proof.noTime', 'caution', { step: step.id, field: 'time' }, { step: named(subject, step) })]),
      ...portions(subject, step),
      ...emptyVessel(subject, step),
    ]),
    ...doc.stages
      .filter(({ id }) => !weighingOf(doc, id) && !doc.steps.some((step) => step.optional && namesStage(step, id)))
      .map(({ id, name }) => finding('proof.notWeighed', 'caution', { field: id }, { stage: inSentence(name) })),
  ];
}

const namesStage = (step: Step, id: string) => namedBy(step, 'stage').includes(id);

function portions(subject: Subject, step: Step): readonly Finding[] {
  const dosing = findOperation(step.op)?.doses?.(step.params);
  const row = subject.plan.lines.find(({ facts }) => facts.line.id === dosing?.line);
  if (!row || !dosing) return [];
  const { portions: added } = dosing;
  const { portions: listed, name } = row.facts;
  return listed === 1 || listed === added
    ? []
    : [
        finding(
          'proof.portions',
          'caution',
          { step: step.id, field: 'portions' },
          { step: named(subject, step), name, steps: String(added), table: String(listed) },
        ),
      ];
}

/** A step that names the vessel it works in, and finds nothing there. */
function emptyVessel(subject: Subject, { id }: Step): readonly Finding[] {
  const vessel = subject.plan.doc.steps.find((one) => one.id === id)?.uses?.['in'];
  const foreseen = subject.prediction.steps.find((one) => one.step.id === id);
  if (vessel === undefined || !foreseen) return [];
  const { step, shelf, peaks, introduced } = foreseen;
  const content = shelf[vessel];
  const holds = gramsOf(content ? wholeOf(content) : {}) + gramsOf(peaks[vessel] ?? {}) + gramsOf(introduced) > 0;
  // What nobody can weigh (boiling aids) may be all there is to a step.
  const words = subject.plan.lines.some(
    ({ facts: { line } }) => line.entered.by === 'words' && namedBy(step, 'line').includes(line.id),
  );
  const name = subject.plan.doc.vessels.find((one) => one.id === vessel)?.name ?? vessel;
  return holds || words
    ? []
    : [
        finding(
          'proof.emptyVessel',
          'caution',
          { step: step.id, field: 'vessel' },
          { step: named(subject, step), vessel: inSentence(name) },
        ),
      ];
}
