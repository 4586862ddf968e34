import { computePlan } from '../../plan/plan';
import { recoveryOf, stageOf, theory, yieldOf } from '../stages';
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
  const before = bench.inputOf(of) ?? bench.massOf(stage.from)?.mass;
  const m = mass.q.value;
  const over = (other: number | undefined) => (other === undefined || other === 0 ? undefined : m / other);
  const common: readonly Slip[] = [
    {
      value: over(computePlan(bench.doc).charge.product?.mass?.q.value),
      says: 'It is the mass over the planned theoretical yield; what was actually charged counts.',
    },
    ...withoutCoefficients(bench).map((grams) => ({
      value: over(grams),
      says: 'The coefficients of the equation were left out.',
    })),
    { value: over(fromOther(bench)), says: 'It rests on a reagent in excess instead of the limiting one.' },
    { value: over(volumeAsMass(bench)), says: 'Millilitres were taken for grams.' },
  ];
  return what === 'yield'
    ? [
        ...common,
        { value: recoveryOf(mass, before)?.q.value, says: 'It is the recovery of the purification, not the yield.' },
        {
          value: before && yieldOf(before, theory(bench))?.q.value,
          says: 'It is the mass before the purification that was taken.',
        },
      ]
    : [{ value: yieldOf(mass, theory(bench))?.q.value, says: 'It is the yield, not the recovery.' }, ...common];
}

type Bench = StepContext['bench'];

const productMass = ({ charge }: Bench) => {
  const { extents, product } = charge.actual;
  return extents && product?.mass ? product.mass.q.value / extents.limiting.extent.q.value : undefined;
};

/** g, with every coefficient taken as one: from the smallest amount, and from each reactant as if it limited. */
function withoutCoefficients(bench: Bench): readonly number[] {
  const { terms, product } = bench.doc.equation;
  const { extents } = bench.charge.actual;
  const per = productMass(bench);
  const ν = (id: string, side: 'left' | 'right') =>
    terms.find((term) => term.substance === id && term.side === side)?.coefficient ?? 1;
  if (!extents || per === undefined || terms.every(({ coefficient }) => coefficient === 1)) return [];
  const amounts = extents.reactants.map(({ id, extent }) => extent.q.value * ν(id, 'left'));
  return [Math.min(...amounts), ...amounts].map((amount) => (amount * per) / ν(product, 'right'));
}

/** g, from the next reagent's extent. */
function fromOther(bench: Bench): number | undefined {
  const next = bench.charge.actual.extents?.next;
  const per = productMass(bench);
  return next && per !== undefined ? next.extent.q.value * per : undefined;
}

/** g, with the number of millilitres of the limiting reagent taken as grams. */
function volumeAsMass(bench: Bench): number | undefined {
  const row = bench.charge.actual.rows.get(bench.doc.reference)?.total;
  const whole = theory(bench);
  const [volume, mass]: readonly (Worked | undefined)[] = [row?.volume, row?.mass];
  return volume && mass && whole ? (whole.q.value * volume.q.value) / mass.q.value : undefined;
}
