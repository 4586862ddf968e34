import { namesSolid, namesLayers, isPouredOver } from '../told';
import { format, formatDigits } from '../../quantity/format';
import { bottleName } from '../linesWords';
import { inSentence } from '../../document/inSentence';
import { stageOf } from '../stages';
import { lineAt, liquidWay, measureLine } from '../asks';
import { enter } from '../../worktop/enter';
import { lineAmounts } from '../../stoichiometry/lineAmounts';
import { chargeOf, speciesOf, takesPart } from '../../plan/chargeTable';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { gasTrap, stays } from '../../worktop/vessels';
import type { Worked } from '../../quantity/worked';
import type { BenchLine } from '../../readings/benchTypes';
import type { StepContext, StepOutcome } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  line: field.line('Line'),
  way: field.optional(
    field.choice(
      'Measured',
      { volume: 'by volume', net: 'tared', difference: 'by difference' },
      { help: 'How the sheet wants it measured; the bench may do otherwise.' },
    ),
  ),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that it goes into'),
  trap: gasTrap,
} satisfies Slots;

export type ChargeParams = ParamsOf<typeof fields>;

/** Measuring one line of the charge table: directly, by difference, by volume. */
export const charge = defineOperation({
  name: 'charge',
  version: 1,
  title: 'Charge',
  phase: 'setUp',
  sign: 'pour',
  told: {
    by: [
      { by: 'add' },
      { by: 'weigh', rank: 1, when: (said) => said.brings && !namesSolid(said) },
      { by: 'weighOut', rank: 1, when: ({ brings, text }) => brings || /\bout\b/.test(text) },
      { by: 'quench', when: (said) => isPouredOver(said) && said.brings && !namesLayers(said) },
      { by: 'pourInto', when: (said) => said.brings && !namesLayers(said) },
    ],
    leaves: 'mixture',
    still: 'ends',
    charges: true,
  },
  fields,
  vessels,
  actual: (context): BenchLine | undefined => lineAt(context, context.params.line),
  sentence: (context) => chargeSentence(context, context.params.line, context.params.way),
  predict: (work, { line }) => void enter(work, line),
  cautions: (context) => cautionOf(context, context.params.line),
  outcome: (line, context) => lineOutcome(context, line),
  asks: (line, context) =>
    line?.plan.target && !takesAll(line)
      ? measureLine(context, context.params.line, context.params.way)
      : [
          {
            kind: 'check',
            id: 'added',
            spot: 'added',
            check: 'added',
            says: line && takesAll(line) ? 'All of it is in.' : 'It is in.',
            done: ticked(context),
          },
        ],
  drawing: () => ({ kind: 'charge' }),
});

/** Whether a line takes all that there is of a stage: then nothing is measured anew. */
const takesAll = ({ plan: { facts } }: BenchLine) =>
  facts.line.supply !== undefined && facts.line.entered.by === 'expected';

/** What was taken of a line, and its excess once every reactant is known. */
export function lineOutcome({ bench }: StepContext, line: BenchLine | undefined): readonly StepOutcome[] {
  if (!line?.taken) return [];
  const reactant = takesPart(line.plan.facts)
    ? chargeOf(bench.charge.actual, line.plan.facts.line)?.extents.reactants.find(
        ({ id }) => id === speciesOf(line.plan.facts),
      )
    : undefined;
  return [
    { label: 'taken', worked: line.taken },
    ...(reactant?.flip
      ? [
          { label: 'excess', worked: reactant.excess },
          { label: 'may be lost before it limits', worked: asMeasured(line, reactant.flip) },
        ]
      : []),
  ];
}

/** A flip amount as the bench would lose it: in the way the line was measured, where one substance is the other. */
function asMeasured({ plan: { facts }, taken }: BenchLine, flip: Worked<'amount'>): Worked {
  if (!taken || facts.line.delivers) return flip;
  return lineAmounts(flip, facts.bottle)[taken.q.dim] ?? flip;
}

const ticked = ({ bench, step }: StepContext) =>
  bench.record.some(({ status, body }) => status === 'live' && body.k === 'tick' && body.step === step.id);

/** "Measure 2.00 mL aniline.", with the number in force. */
export function chargeSentence(context: StepContext, line: string, named?: ChargeParams['way']): string {
  const way = named ?? liquidWay(context, line);
  const found = lineAt(context, line);
  const { entered } = found?.plan.facts.line ?? {};
  const name = found ? bottleName(found.plan.facts) : line;
  const into = intoVessel(context, found?.plan.facts.line.vessel, name);
  const stage = stageOf(context.bench, found?.plan.facts.line.supply?.stage ?? '');
  if (found && stage && takesAll(found)) return allOf(found, inSentence(stage.name));
  if (!found?.plan.target)
    return `Add ${entered?.by === 'words' ? `${entered.text} ` : ''}${name}${into.replace(' into ', ' to ')}.`;
  const { taken, plan } = found;
  if (taken) return `Measured ${format(taken.q, taken.unit, { figures: taken.figures })} ${name}.`;
  const { rounded } = found.plan.target;
  const weighed = way === 'net' || way === 'difference' ? found.plan.portion.mass : undefined;
  const wanted = weighed ?? rounded;
  const { high } = found.plan.target;
  const amount =
    high && wanted === rounded
      ? `${formatDigits(wanted.q, wanted.unit, { figures: wanted.figures })}–${format(high.q, high.unit, { figures: high.figures })}`
      : format(wanted.q, wanted.unit, { figures: wanted.figures });
  if (way === 'difference' && weighed) return `Weigh ${amount} ${name} by difference${into}.`;
  return plan.facts.portions > 1
    ? `Measure ${plan.facts.portions}\u202f×\u202f${amount} ${name}, all together${into}.`
    : `Measure ${amount} ${name}${into}.`;
}

/** Where it goes: the vessel of the line, or that of the step. */
function intoVessel(context: StepContext, vessel: string | undefined, name: string): string {
  const { doc } = context.bench;
  const id = vessel ?? context.step.uses?.['in'];
  const found = doc.vessels.find((one) => one.id === id)?.name;
  if (found === undefined) return '';
  // What has a comma in its name ends with one.
  return `${name.includes(',') ? ',' : ''} into the ${inSentence(found)}`;
}

function allOf({ taken, plan }: BenchLine, stage: string): string {
  if (taken) return `Put in all of the ${stage}: ${format(taken.q, taken.unit, { figures: taken.figures })}.`;
  const mass = plan.target?.rounded;
  const about = mass ? `; about ${format(mass.q, mass.unit, { figures: 2 })} is expected` : '';
  return `Put in all of the ${stage}${about}.`;
}

/** The caution of a line's substance. */
export function cautionOf(context: StepContext, line: string): readonly string[] {
  const caution = lineAt(context, line)?.plan.facts.substance.substance.caution;
  return caution === undefined ? [] : [caution];
}
