import { fact, finding } from '../../finding/finding';
import { findOperation } from '../../operations/registry';
import { gramsOf } from '../../worktop/matter/matter';
import { has } from '../../operations/named';
import { inSentence } from '../../document/inSentence';
import { leftOf } from '../../document/reactions';
import { linesOf, named } from './subject';
import { slotOf } from '../../worktop/vessels';
import { phaseKinds, phaseOf, wholeOf } from '../../worktop/matter/shelf';
import type { Finding } from '../../finding/finding';
import type { StepPrediction } from '../predictProcess';
import type { Subject } from './subject';

/** What comes to nothing, or goes astray, without a word: read from what is foreseen of each vessel. */
export const matterProofs = (subject: Subject): readonly Finding[] => [
  ...nothing(subject),
  ...neverMeet(subject),
  ...otherVessel(subject),
  ...notEmpty(subject),
  ...agentLate(subject),
  ...freezes(subject),
  ...productAside(subject),
  ...missesPH(subject),
];

/** A stage of which nothing is foreseen where it is measured. */
function nothing({ prediction }: Subject): readonly Finding[] {
  return prediction.unforeseen
    .filter(({ nothing: isNone }) => isNone)
    .map(({ stage }) =>
      finding('proof.nothing', 'caution', { field: 'stages', item: stage.id }, { stage: inSentence(stage.name) }),
    );
}

/** A reaction of which nothing has run after its last step: what is missing at it is named. */
function neverMeet(subject: Subject): readonly Finding[] {
  const { doc } = subject.plan;
  return doc.reactions.flatMap((reaction): readonly Finding[] => {
    const last = subject.prediction.steps.findLast(({ step }) => reaction.runs.some((run) => run.step === step.id));
    const { product } = reaction;
    if (!last || product === undefined || holds(last, product)) return [];
    const place = Object.values(last.shelf).map((content) => wholeOf(content));
    const counts = place.map(
      (matter) => leftOf(reaction).filter(({ substance }) => (matter[substance] ?? 0) > 0).length,
    );
    const best = place[counts.indexOf(Math.max(...counts))] ?? {};
    const lacking = leftOf(reaction).filter(({ substance }) => !((best[substance] ?? 0) > 0));
    // Everything is there, and an extent of nothing was asked for.
    if (lacking.length === 0) return [];
    const names = lacking.map(({ substance }) => doc.substances.find(({ id }) => id === substance)?.name ?? substance);
    return [
      finding(
        'proof.neverMeet',
        'caution',
        { step: last.step.id, item: reaction.id },
        { reaction: reaction.name, step: named(subject, last.step), lacking: names.map(inSentence).join(', ') },
      ),
    ];
  });
}

const holds = ({ shelf }: StepPrediction, substance: string) =>
  Object.values(shelf).some((content) => (wholeOf(content)[substance] ?? 0) > 0);

/** A line that goes into one vessel by the table, and into another one by the step that brings it. */
function otherVessel(subject: Subject): readonly Finding[] {
  const { doc } = subject.plan;
  const name = (id: string) => inSentence(doc.vessels.find((one) => one.id === id)?.name ?? id);
  return doc.lines.flatMap((line): readonly Finding[] => {
    const brought = subject.prediction.steps.find(({ lines }) => lines.includes(line.id))?.step;
    const into = brought?.uses?.['in'];
    if (!brought || line.vessel === undefined || into === undefined || into === line.vessel) return [];
    // A step that empties its vessel into another one brings the line there.
    if (findOperation(brought.op)?.vessels['in']?.leaves !== 'filled') return [];
    return [
      finding(
        'proof.otherVessel',
        'caution',
        { line: line.id, field: 'vessel' },
        {
          name: doc.substances.find(({ id }) => id === line.substance)?.name ?? line.id,
          table: name(line.vessel),
          step: named(subject, brought),
          vessel: name(into),
        },
      ),
    ];
  });
}

// What clings to an emptied vessel.
const clings_g = 0.2;

/** A step that makes something in a vessel which is to be empty, and holds something else by then. */
function notEmpty(subject: Subject): readonly Finding[] {
  const { prediction, plan } = subject;
  return prediction.steps.flatMap(({ step }, i): readonly Finding[] => {
    const before = prediction.steps[i - 1];
    const slots = findOperation(step.op)?.vessels ?? {};
    return Object.entries(step.uses ?? {}).flatMap(([use, vessel]): readonly Finding[] => {
      if (slotOf(slots, use)?.comes !== 'empty' || vessel === step.uses?.['in']) return [];
      const content = before?.shelf[vessel];
      const grams = content ? gramsOf(wholeOf(content)) : 0;
      if (grams <= clings_g) return [];
      const name = plan.doc.vessels.find(({ id }) => id === vessel)?.name ?? vessel;
      return [
        finding(
          'proof.notEmpty',
          'caution',
          { step: step.id, field: 'vessel' },
          {
            step: named(subject, step),
            vessel: inSentence(name),
            holds: fact({ dim: 'mass', value: grams }, 'g', 2),
          },
        ),
      ];
    });
  });
}

/** A drying agent after everything has been weighed: its hold-up is in no number. */
function agentLate(subject: Subject): readonly Finding[] {
  const { steps, lines } = subject.plan.doc;
  const needed = steps.filter(({ optional }) => !optional);
  const weighed = needed.findLastIndex(({ op }) => findOperation(op)?.mass !== undefined);
  if (weighed < 0) return [];
  return needed.slice(weighed + 1).flatMap((step): readonly Finding[] => {
    const agent = linesOf(step).some((id) => lines.find((line) => line.id === id)?.role === 'drying agent');
    return agent
      ? [finding('proof.agentLate', 'caution', { step: step.id, field: 'order' }, { step: named(subject, step) })]
      : [];
  });
}

// What is nearly alone in its layer freezes where it melts; a solution does so lower.
const nearlyAlone = 0.9;
const slack_K = 1;

/** A liquid that is cooled below the temperature at which it freezes. */
function freezes(subject: Subject): readonly Finding[] {
  return subject.prediction.steps.flatMap((one): readonly Finding[] => {
    const content = one.shelf[one.product];
    if (!content || findOperation(one.step.op)?.conditions?.(one.step.params).hot) return [];
    const liquids = phaseKinds.filter((kind) => kind !== 'solid').map((kind) => phaseOf(content, kind));
    return liquids.flatMap((matter): readonly Finding[] => {
      const all = gramsOf(matter);
      const [most] = Object.entries(matter).sort(([, a], [, b]) => b - a);
      const { substance, name, solid } = subject.kind(most?.[0] ?? '');
      const melts = Number(substance?.melting?.low);
      if (!most || solid || most[1] < nearlyAlone * all || !(content.temperature_C < melts - slack_K)) return [];
      return [
        finding(
          'proof.freezes',
          'caution',
          { step: one.step.id, field: 'temperature' },
          {
            step: named(subject, one.step),
            name: inSentence(name),
            melts: fact({ dim: 'temperature', value: melts }, '°C', 3),
          },
        ),
      ];
    });
  });
}

// A wash that takes more than this of the product deserves a word; a mother liquor may hold a quarter.
const much = { separates: 0.05, otherwise: 0.3 };

/** A layer, a liquor or a cake that is set aside with more of the product in it than that should cost. */
function productAside(subject: Subject): readonly Finding[] {
  return subject.prediction.steps.flatMap((one, i): readonly Finding[] => {
    const before = subject.prediction.steps[i - 1];
    const product = one.stage?.substance;
    if (product === undefined || !before) return [];
    const was = inAll(before, product) + (one.introduced[product] ?? 0);
    const set = one.touched
      .filter((place) => place !== one.product)
      .reduce((sum, place) => sum + gained(one, before, place, product), 0);
    const least = has(one.step, 'separates') ? much.separates : much.otherwise;
    // Poured over with everything, or shared out on purpose, it is nowhere aside.
    if (!(was > 0) || set <= least * was || one.losses.length === 0) return [];
    return [
      finding(
        'proof.productAside',
        'note',
        { step: one.step.id, field: 'layers' },
        {
          step: named(subject, one.step),
          product: inSentence(one.stage?.name ?? product),
          share: fact({ dim: 'fraction', value: set / was }, '%', 2),
        },
      ),
    ];
  });
}

const inAll = ({ shelf }: StepPrediction, substance: string) =>
  Object.values(shelf).reduce((sum, content) => sum + (wholeOf(content)[substance] ?? 0), 0);

const gained = (now: StepPrediction, before: StepPrediction, place: string, substance: string) => {
  const at = ({ shelf }: StepPrediction) => (shelf[place] ? (wholeOf(shelf[place])[substance] ?? 0) : 0);
  return Math.max(0, at(now) - at(before));
};

// The models are good to a few per cent of what neutralizes.
const slack = 1.05;

/** An acid or base of which there is not enough to reach the pH that the step is for. Of more one stops in time: it goes in by portions. */
function missesPH(subject: Subject): readonly Finding[] {
  return subject.prediction.steps.flatMap(({ step, takes = 0 }): readonly Finding[] => {
    const line = subject.plan.lines.find(({ facts }) => linesOf(step).includes(facts.line.id));
    if (takes <= slack || !line) return [];
    const share = Number.isFinite(takes)
      ? { share: fact({ dim: 'number', value: takes }, '×', 2) }
      : { share: 'more than twice' };
    return [
      finding(
        'proof.missesPH',
        'caution',
        { step: step.id, field: 'pH' },
        { step: named(subject, step), name: inSentence(line.facts.name), ...share },
      ),
    ];
  });
}
