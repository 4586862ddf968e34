import { finding } from '../../finding/finding';
import { findOperation } from '../../operations/registry';
import { gramsOf } from '../../worktop/matter/matter';
import { namedBy } from '../../operations/named';
import { inSentence } from '../../document/inSentence';
import { named } from './subject';
import { weighingOf } from '../stageAhead';
import { wholeOf } from '../../worktop/matter/shelf';
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
      ...rounds(subject, step),
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

/** A step that is done again, and a liquid of it that is put out for one time only. */
function rounds(subject: Subject, step: Step): readonly Finding[] {
  const { plan } = subject;
  const least = step.repeat?.least ?? 1;
  const takes = namedBy(step, 'line');
  return plan.lines.flatMap(({ facts: { line, portions: listed, name } }) =>
    takes.includes(line.id) && listed < least && line.entered.by !== 'words' && line.supply === undefined
      ? [
          finding(
            'proof.rounds',
            'caution',
            { step: step.id, field: 'repeat' },
            {
              step: named(subject, step),
              least: String(least),
              name: inSentence(name),
              table: listed === 1 ? 'one portion' : `${String(listed)} portions`,
            },
          ),
        ]
      : [],
  );
}

/** A step that names the vessel it works in, and finds nothing there. */
function emptyVessel(subject: Subject, { id }: Step): readonly Finding[] {
  const vessel = subject.plan.doc.steps.find((one) => one.id === id)?.uses?.['in'];
  const { steps } = subject.prediction;
  const at = steps.findIndex((one) => one.step.id === id);
  const foreseen = steps[at];
  if (vessel === undefined || !foreseen) return [];
  if (findOperation(foreseen.step.op)?.vessels['in']?.comes !== 'filled') return [];
  const { step, peaks, introduced } = foreseen;
  // What is poured out of it at this step was there before.
  const contents = [steps[at - 1], foreseen].flatMap((one) => one?.shelf[vessel] ?? []);
  const there = contents.reduce((sum, content) => sum + gramsOf(wholeOf(content)), 0);
  const holds = there + gramsOf(peaks[vessel] ?? {}) + gramsOf(introduced) > 0;
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
