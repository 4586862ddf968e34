import { enter } from '../../worktop/enter';
import { productIn, worksIn } from '../../worktop/transfer';
import type { Worktop } from '../../worktop/worktop';

/** No solubility is known for the mixture: the share that it keeps is an assumption, and is lost when it is filtered off. */
export function driveOut(work: Worktop<'in'>, { line, at_C }: { readonly line: string; readonly at_C: number }): void {
  const place = worksIn(work);
  enter(work, line, place);
  const id = work.stage?.substance ?? '';
  const grams = productIn(work, place);
  work.temperature(place, at_C);
  work.follow(place);
  if (grams === 0) return;
  const kept = work.assume({
    key: 'kept',
    label: 'share that the mixture keeps dissolved',
    dim: 'fraction',
    unit: '%',
    low: 0.02,
    typical: 0.06,
    high: 0.2,
    why: 'no solubility is known for this mixture; more of the liquid drives more of it out',
  });
  work.put(place, 'solid', work.draw(place, { [id]: grams * (1 - kept.q.value) }));
}
