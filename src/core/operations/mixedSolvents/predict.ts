import { plus } from '../../worktop/matter/matter';
import { productIn, broughtTo } from '../../worktop/transfer';
import type { Worktop } from '../../worktop/worktop';

/** No solubility is known for the pair: the share that the liquor keeps is an assumption. It is lost when the liquor is filtered off. */
export function dissolveMixed(
  work: Worktop,
  { good, poor, cold_C }: { readonly good: string; readonly poor: string; readonly cold_C: number },
): void {
  const flask = broughtTo(work, work.place('in', work.world.facts.lines.get(good)?.line.vessel));
  const solids = work.phase(flask, 'solid');
  work.put(flask, 'liquid', plus(work.take(flask, 'solid', solids), work.introduce(good)));
  work.put(flask, 'liquid', work.introduce(poor));
  const id = work.stage?.substance ?? '';
  const grams = productIn(work, flask);
  const kept = work.assume({
    key: 'liquor',
    label: 'share that the cold liquor keeps',
    dim: 'fraction',
    unit: '%',
    low: 0.05,
    typical: 0.14,
    high: 0.35,
    why: 'no solubility is known for this pair; how far the second solvent drives it out differs widely',
  });
  work.put(flask, 'solid', work.draw(flask, { [id]: grams * (1 - kept.q.value) }));
  work.temperature(flask, cold_C);
  work.follow(flask);
}
