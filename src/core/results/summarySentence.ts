import { format } from '../quantity/format';
import { formatRange } from '../quantity/formatRange';
import { inSentence } from '../document/inSentence';
import { worth } from './worth';
import type { BoilingVerdict } from './boilingVerdict';
import type { Level } from './ledger';
import type { StageResult } from './stageResults';
import type { Worked } from '../quantity/worked';

const text = (worked: Worked) => format(worked.q, worked.unit, { figures: worked.figures });
const melts: Readonly<Record<StageResult['verdict']['kind'], string>> = {
  missing: '',
  fast: ', heated too fast to judge',
  noLiterature: '',
  high: ', higher than it can',
  agrees: ', as the pure compound does',
  near: ', near the pure compound',
  wide: ', impure or not dry',
  low: ', lower than the pure compound',
};

/** How the result is worded. */
export interface SummaryOptions {
  /** The yield rests on the planned amounts. @default false */
  readonly planned?: boolean;
  /** School of what is claimed of the purity. @default strongest */
  readonly claim?: string;
}

/**
 * The result in a sentence, and where the most of it went.
 *
 * @param stages from the reaction to the product
 */
export function summarySentence(
  stages: readonly StageResult[],
  theory: Worked<'mass'> | undefined,
  ledger: readonly Level[],
  { planned = false, claim = 'strongest' }: SummaryOptions = {},
): string {
  const basis = planned ? 'planned charge' : 'charge';
  const product = stages.at(-1);
  if (!theory) return 'Not every reactant is measured yet: nothing can be said of a yield.';
  if (!product?.mass) {
    const far = stages.findLast(({ mass }) => mass !== undefined);
    const so =
      far?.mass && far.percentYield
        ? ` So far ${text(far.mass.mass)} ${inSentence(far.stage.name)}, ${text(far.percentYield)}.`
        : '';
    return `The ${basis} allows ${text(theory)}.${so} The ${inSentence(product?.stage.name ?? 'product')} is not weighed yet.`;
  }
  const { mass, percentYield, projected, overall, stage } = product;
  const share = percentYield ? `, ${text(percentYield)} of the ${text(theory)} that the ${basis} allows` : '';
  const whole = projected ? ` as measured (${text(projected)} projected, as if all of it had been taken on)` : '';
  const reactions = overall && Object.keys(overall.inputs).length;
  const over = overall ? `, ${text(overall)} over the ${reactions} reactions` : '';
  const range = `${over}${whole}${identity(product, claim)}`;
  return [`${text(mass.mass)} ${inSentence(stage.name)}${share}${range}.`, largestLoss(ledger)]
    .filter(Boolean)
    .join(' ');
}

/** A solid by its melting range; a liquid by its boiling range, never by a range that it has not. */
function identity(result: StageResult, claim: string): string {
  if (claim === 'looks') return '';
  const peak = claim === 'range' ? '' : peakOf(result);
  if (claim === 'area' && peak !== '') return peak;
  return `${rangeOf(result)}${peak}`;
}

const peakOf = ({ area, corrected }: StageResult): string =>
  area
    ? `, ${text(area)} ${corrected ? 'by its chromatogram, response-corrected' : 'of the area in its chromatogram'}`
    : '';

function rangeOf({ best, verdict, boiling }: StageResult): string {
  if (boiling?.range) return `, boiling at ${formatRange(boiling.range.from, boiling.range.to)}${boils[boiling.kind]}`;
  if (boiling) return '';
  return best ? `, melting at ${formatRange(best.onset, best.clear)}${melts[verdict.kind]}` : '';
}

const boils: Readonly<Record<BoilingVerdict['kind'], string>> = {
  missing: '',
  noLiterature: '',
  agrees: ', where the pure compound boils at this pressure',
  wide: ', over too wide a range for one compound',
  low: ', lower than the pure compound',
  high: ', higher than the pure compound',
};

/** What was won of each thing that was taken, and where the most of it went. */
export function takenApart(stages: readonly StageResult[], ledger: readonly Level[], claim = 'strongest'): string {
  const parts = stages.map((one) => {
    const { stage, mass, recovered } = one;
    if (!mass) return `${stage.name}: not weighed yet`;
    const share = recovered ? `, ${text(recovered)} recovered` : '';
    const range = identity(one, claim);
    return `${stage.name}: ${text(mass.mass)}${share}${range}`;
  });
  return [`${parts.join('; ')}.`, largestLoss(ledger)].filter(Boolean).join(' ');
}

/** The largest single loss of the ledger, foreseen or not. */
function largestLoss(ledger: readonly Level[]): string | undefined {
  const items = ledger.flatMap(({ label, losses, unexplained }) => [
    ...losses.map(({ label: where, mass }) => ({ mass, says: `${text(mass)} ${where}, as the model foresees` })),
    ...(unexplained
      ? [
          {
            mass: unexplained,
            says: `${text(unexplained)} on the way to the ${inSentence(label.replace(/^Into the /, ''))}, unexplained`,
          },
        ]
      : []),
  ]);
  const [first] = items.filter(({ mass }) => worth(mass)).sort((a, b) => b.mass.q.value - a.mass.q.value);
  return first && `The largest loss: ${first.says}.`;
}
