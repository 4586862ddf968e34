import { stageBasis } from '../../plan/stageBasis';
import { reactionBehind, referenceOf, rootOf } from '../../document/reactions';
import { beforeOf, mostOfStage, recoveryOf, stageOf, yieldOf } from '../stages';
import type { Reaction } from '../../document/reaction';
import type { ReactionCharge } from '../../plan/chargeTable';
import type { Stage } from '../../document/steps';
import type { Worked } from '../../quantity/worked';
import type { CalculationParams } from './types';
import type { StepContext } from '../operation';

/** A usual slip: what it gives, and how it is told. */
interface Slip {
  readonly value: number | undefined;
  readonly says: string;
}

/**
 * The slip that leads to a wrong result, when one of the usual ones does (domain: 1:1 taken for 2:1, wrong limiting reagent,
 * planned for actual amount, mass before purification, recovery for yield, millilitres for grams).
 *
 * @param fits whether a fraction is what was typed
 */
export function causeOf(context: StepContext<CalculationParams>, fits: (value: number) => boolean): string | undefined {
  return slips(context).find(({ value }) => value !== undefined && fits(value))?.says;
}

function slips({ bench, params: { of, what } }: StepContext<CalculationParams>): readonly Slip[] {
  const mass = bench.massOf(of)?.mass;
  const stage = stageOf(bench, of);
  if (!mass || !stage) return [];
  const before = bench.inputOf(of) ?? beforeOf(bench, stage)?.mass;
  const made = madeBy(bench, stage);
  const m = mass.q.value;
  const over = (other: number | undefined) => (other === undefined || other === 0 ? undefined : m / other);
  const common: readonly Slip[] = [
    {
      value: over(stageBasis({ doc: bench.doc, charge: bench.charge.issued }, rootOf(bench.doc, stage))?.q.value),
      says: 'It is the mass over the planned theoretical yield; what was actually charged counts.',
    },
    ...(made ? withoutCoefficients(made) : []).map((grams) => ({
      value: over(grams),
      says: 'The coefficients of the equation were left out.',
    })),
    { value: over(made && fromOther(made)), says: 'It rests on a reagent in excess instead of the limiting one.' },
    {
      value: over(made && volumeAsMass(bench, made, mostOfStage(bench, stage))),
      says: 'Millilitres were taken for grams.',
    },
  ];
  return what === 'yield'
    ? [
        ...common,
        { value: recoveryOf(mass, before)?.q.value, says: 'It is the recovery of the purification, not the yield.' },
        {
          value: before && yieldOf(before, mostOfStage(bench, stage))?.q.value,
          says: 'It is the mass before the purification that was taken.',
        },
      ]
    : [
        { value: yieldOf(mass, mostOfStage(bench, stage))?.q.value, says: 'It is the yield, not the recovery.' },
        ...common,
      ];
}

type Bench = StepContext['bench'];

/** The reaction behind a stage, with what was charged for it. */
interface Made {
  readonly reaction: Reaction;
  readonly charge: ReactionCharge;
}

function madeBy({ doc, charge }: Bench, stage: Stage): Made | undefined {
  const reaction = reactionBehind(doc, stage);
  const found = reaction && charge.actual.reactions.get(reaction.id);
  return found && { reaction, charge: found };
}

/** g of product for each mole of extent. */
const productMass = ({ charge: { extents, product } }: Made) =>
  product?.mass ? product.mass.q.value / extents.limiting.extent.q.value : undefined;

/** g, with every coefficient taken as one: from the smallest amount, and from each reactant as if it limited. */
function withoutCoefficients(made: Made): readonly number[] {
  const { terms, product } = made.reaction;
  const per = productMass(made);
  const ν = (id: string | undefined, side: 'left' | 'right') =>
    terms.find((term) => term.substance === id && term.side === side)?.coefficient ?? 1;
  if (per === undefined || terms.every(({ coefficient }) => coefficient === 1)) return [];
  const amounts = made.charge.extents.reactants.map(({ id, extent }) => extent.q.value * ν(id, 'left'));
  return [Math.min(...amounts), ...amounts].map((amount) => (amount * per) / ν(product, 'right'));
}

/** g, from the next reagent's extent. */
function fromOther(made: Made): number | undefined {
  const { next } = made.charge.extents;
  const per = productMass(made);
  return next && per !== undefined ? next.extent.q.value * per : undefined;
}

/** g, with the number of millilitres of the limiting reagent taken as grams. */
function volumeAsMass(bench: Bench, { reaction }: Made, whole: Worked<'mass'> | undefined): number | undefined {
  const row = bench.charge.actual.rows.get(referenceOf(bench.doc, reaction) ?? '')?.total;
  const [volume, mass]: readonly (Worked | undefined)[] = [row?.volume, row?.mass];
  return volume && mass && whole ? (whole.q.value * volume.q.value) / mass.q.value : undefined;
}
