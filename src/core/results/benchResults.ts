import { schoolOf } from '../conventions/catalogue';
import { chargeComplete } from '../bench/benchCharge';
import { ledgerOf } from './ledger';
import { mainStages } from '../document/mainStages';
import { mainReaction, rootOf } from '../document/reactions';
import { contentOf } from '../document/steps';
import { stageResults } from './stageResults';
import { ownResults } from './ownResults';
import { summarySentence, takenApart } from './summarySentence';
import { onPlan, theory } from '../operations/stages';
import type { BenchState } from '../bench/benchState';
import type { Level } from './ledger';
import type { OwnResult } from './ownResults';
import type { StageResult } from './stageResults';
import type { Worked } from '../quantity/worked';

/** Everything a bench's record comes to. */
export interface BenchResults {
  /** One or two sentences that stand first. */
  readonly sentence: string;
  /** Theoretical yield of what was charged; absent until every reactant is measured, and where nothing is made. */
  readonly theory?: Worked<'mass'>;
  /** Name of the substance that limits by the actual charge. */
  readonly limiting?: string;
  readonly stages: readonly StageResult[];
  /** The stage that the preparation is for. */
  readonly product?: StageResult;
  readonly ledger: readonly Level[];
  readonly own: readonly OwnResult[];
  /** What the numbers rest on, said once beside them. */
  readonly basis: string;
}

/** Results of one bench, from its state alone. */
export function benchResults(state: BenchState): BenchResults {
  const { bench, charge } = state;
  const stages = stageResults(bench, state.steps);
  const main = stages.filter(({ stage }) => mainStages(bench.doc).includes(stage));
  const product = main.at(-1);
  const allowed = chargeComplete(charge.lines) ? theory(bench) : undefined;
  const reaction = mainReaction(bench.doc);
  const limitingId = reaction && charge.actual.reactions.get(reaction.id)?.extents.limiting.id;
  const limiting = bench.doc.substances.find(({ id }) => id === limitingId)?.name;
  const ledger = ledgerOf(state);
  return {
    sentence: sentenceOf(bench, main, { allowed, ledger }),
    ...(allowed ? { theory: allowed } : {}),
    ...(limiting === undefined ? {} : { limiting }),
    stages,
    ...(product ? { product } : {}),
    ledger,
    own: ownResults(state),
    basis: basisOf(product, limiting),
  };
}

const dryness = {
  constant: 'dried to constant mass',
  looks: 'dry by feel and look',
  unknown: 'not shown to be dry',
} as const;

function basisOf(product: StageResult | undefined, limiting: string | undefined): string {
  const dry = product?.mass ? `, product ${dryness[product.mass.dry]}` : '';
  if (product && !product.percentYield && product.recovered)
    return `Counted on what was actually taken${product.mass?.dry ? dry : ''}, not corrected for purity. ± covers the devices that were read.`;
  return `Counted on what was actually charged${limiting ? ` (${limiting} limits)` : ''}${dry}, not corrected for purity. ± covers the devices that were read.`;
}

/** What is made comes first with its yield, also where a starting material was purified on the way; what is only won follows. */
function sentenceOf(
  { doc }: BenchState['bench'],
  main: readonly StageResult[],
  { allowed, ledger }: { readonly allowed: Worked<'mass'> | undefined; readonly ledger: readonly Level[] },
): string {
  const won = main.filter(({ stage }) => contentOf(rootOf(doc, stage)) !== undefined);
  const made = main.filter((one) => !won.includes(one));
  const claim = schoolOf(doc.conventions, 'purityClaim');
  if (made.length === 0) return takenApart(main, ledger, claim);
  const first = summarySentence(made, allowed, ledger, { planned: onPlan(doc), claim });
  return won.length === 0 ? first : `${first} ${takenApart(won, [], claim)}`;
}
