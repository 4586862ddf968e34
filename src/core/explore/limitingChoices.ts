import { amountAsWritten, withLimiting } from '../editing/limiting';
import { factsOf } from '../plan/facts';
import { impurityOf } from './impurityOf';
import { kindsOf } from '../worktop/madeKinds';
import { planOf } from '../process/planOf';
import { stageMatter } from '../process/stageMatter';
import { treatments } from '../models/washing/treatments';
import { washPlan } from '../models/washing/washPlan';
import type { Plan } from '../plan/planTypes';
import type { Preparation } from '../document/document';
import type { ProcessPlan } from '../process/processPlan';
import type { ReactionCharge } from '../plan/chargeTable';
import type { Worked } from '../quantity/worked';

/** A reactant that is left over when another one limits. */
export interface LeftOver {
  readonly substance: string;
  readonly name: string;
  /** mol at one bench. */
  readonly mol: number;
  /** g at one bench; absent without a formula. */
  readonly grams?: number;
  /** Per cent beyond what the limiting one can use. */
  readonly excess: Worked<'fraction'>;
  /** Washes that take it and not the product. */
  readonly washes: readonly string[];
  /** It boils so far below the product that it leaves with the solvent. */
  readonly boilsOff: boolean;
  /** Why nothing simple takes it. */
  readonly stays?: string;
  /** g of it that are foreseen in the last stage, by the procedure as it is. */
  readonly inProduct_g?: number;
}

/** What it would be if one reactant limited. */
export interface LimitingChoice {
  /** Substance that would limit. */
  readonly substance: string;
  readonly name: string;
  /** It does already. */
  readonly now: boolean;
  /** The document in which it limits; absent where its amount cannot be cut. */
  readonly doc?: Preparation;
  readonly theory?: Worked<'mass'>;
  readonly leftOvers: readonly LeftOver[];
}

// A layer of a usual size; only what takes what is asked here.
const layer_mL = 50;
// K between boiling points from which one leaves before the other.
const apart_K = 50;
const solventBoils_C = 120;

/**
 * Which left-over one can get rid of: for each reactant of a reaction, what it would be if that one limited. Its amount is cut until every
 * other one is in the given excess; the others stay as they are written.
 *
 * @param excess_percent least excess of the others, above 0
 */
export function limitingChoices(doc: Preparation, reaction: string, excess_percent: number): readonly LimitingChoice[] {
  const written = { ...doc, pin: { at: 'factor', digits: '1' } } as const;
  const reactants = amountAsWritten(written, reaction);
  if (!reactants || reactants.length < 2) return [];
  const nowLimiting = planOf(written).plan.charge.reactions.get(reaction)?.extents.limiting.id;
  return reactants.map(({ substance }): LimitingChoice => {
    const name = doc.substances.find(({ id }) => id === substance)?.name ?? substance;
    const now = substance === nowLimiting;
    const next = now ? doc : withLimiting(doc, reaction, substance, excess_percent);
    if (!next) return { substance, name, now, leftOvers: [] };
    const whole = planOf(next);
    const charge = whole.plan.charge.reactions.get(reaction);
    return {
      substance,
      name,
      now,
      doc: next,
      ...(charge?.product?.mass ? { theory: charge.product.mass } : {}),
      leftOvers: charge ? leftOversOf(whole, reaction, charge) : [],
    };
  });
}

function leftOversOf(
  { plan, process }: { readonly plan: Plan; readonly process: ProcessPlan },
  reaction: string,
  { extents }: ReactionCharge,
): readonly LeftOver[] {
  const { doc } = plan;
  const kind = kindsOf(factsOf(doc));
  const found = doc.reactions.find(({ id }) => id === reaction);
  const product = doc.substances.find(({ id }) => id === found?.product);
  const last = doc.stages.at(-1);
  const inLast = last && stageMatter(doc, process.prediction, last.id);
  return extents.reactants.flatMap(({ id, extent, excess }): readonly LeftOver[] => {
    if (id === extents.limiting.id) return [];
    const substance = doc.substances.find((one) => one.id === id);
    const count = found?.terms.find((term) => term.side === 'left' && term.substance === id)?.coefficient ?? 1;
    const mol = Math.max(0, (extent.q.value - extents.limiting.extent.q.value) * count);
    if (!substance) return [];
    const impurity = impurityOf(kind(id));
    const { M } = kind(id);
    const groups = product?.groups ?? {};
    const { washes, left } = washPlan({ impurities: [impurity], product: groups, layer_mL });
    const [own, products] = [Number(substance.boiling?.digits), Number(product?.boiling?.digits)];
    const boilsOff =
      Number.isFinite(own) &&
      own <= solventBoils_C &&
      (product?.form === 'solid' || (Number.isFinite(products) && products - own >= apart_K));
    const [stays] = left;
    return [
      {
        substance: id,
        name: substance.name,
        mol,
        excess,
        ...(M === undefined ? {} : { grams: mol * M }),
        washes: washes.filter(({ removes }) => removes.length > 0).map(({ treatment }) => treatments[treatment].name),
        boilsOff,
        ...(stays && !boilsOff ? { stays: stays.why } : {}),
        ...(inLast ? { inProduct_g: inLast[id] ?? 0 } : {}),
      },
    ];
  });
}
