import { inSentence } from '../document/inSentence';
import { format } from '../quantity/format';
import type { BenchResults } from './benchResults';
import type { StageResult } from './stageResults';

/**
 * What a group sees of its results: a per cent that it is asked to work out itself is kept back until it has handed in its
 * own. Masses and melting ranges are its own readings and stay.
 */
export function withhold(results: BenchResults): BenchResults {
  const asked = results.own.filter(({ typed }) => typed === undefined);
  const hidden = (stage: string, what: 'yield' | 'recovery') =>
    asked.some((own) => own.of === stage && own.what === what);
  const stages = results.stages.map((one) => bare(one, hidden));
  const product = stages.find(({ stage }) => stage.id === results.product?.stage.id);
  const made = product === undefined || results.product?.recovered === undefined;
  const kept = product && (made ? hidden(product.stage.id, 'yield') : asked.length > 0) && product.mass;
  return {
    ...results,
    stages,
    ...(product ? { product } : {}),
    ...(kept
      ? {
          sentence: `${format(kept.mass.q, kept.mass.unit, { figures: kept.mass.figures })} ${inSentence(product.stage.name)}. Work out the percent ${made ? 'yield' : 'recovery'} yourself; then it stands here.`,
        }
      : {}),
  };
}

function bare(result: StageResult, hidden: (stage: string, what: 'yield' | 'recovery') => boolean): StageResult {
  const { share, percentYield, projected, overall, recovered, ...rest } = result;
  const { id } = result.stage;
  return {
    ...rest,
    ...(share && !hidden(id, result.kind) ? { share } : {}),
    ...(percentYield && !hidden(id, 'yield') ? { percentYield } : {}),
    ...(overall && !hidden(id, 'yield') ? { overall } : {}),
    ...(projected && !hidden(id, 'yield') ? { projected } : {}),
    ...(recovered && !hidden(id, 'recovery') ? { recovered } : {}),
  };
}
