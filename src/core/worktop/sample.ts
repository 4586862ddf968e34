import { foreseenMass } from './foreseen';
import { times } from './matter/matter';
import { productIn } from './transfer';
import type { Worktop } from './worktop';

/** A sample leaves the product, g. */
export function sample(
  work: Worktop,
  grams: { readonly low: number; readonly typical: number; readonly high: number },
): void {
  const place = work.place('in');
  const there = productIn(work, place);
  const taken = work.assume({
    key: 'sample',
    label: 'taken as a sample',
    dim: 'mass',
    unit: 'g',
    ...grams,
    why: 'what such a test takes',
  });
  if (there === 0) return;
  const share = Math.min(1, taken.q.value / there);
  work.lose('sample', 'taken as a sample', share < 1 ? taken : foreseenMass(there, work.stage?.substance ?? ''));
  work.leave('sample', work.draw(place, times(work.whole(place), share)));
}
