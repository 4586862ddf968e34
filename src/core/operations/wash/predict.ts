import { intoFunnel, loseLeft, portionsOf, remarkOn, round } from '../predicting/funnel';
import { productIn } from '../predicting/transfer';
import type { Layers } from '../predicting/layers';
import type { Worktop } from '../predicting/worktop';

/** Washes of an organic layer: the water goes aside with what it took. */
export function washLayer(work: Worktop, { line }: { readonly line: string }): void {
  const funnel = intoFunnel(work);
  const aside = work.own('waste', 'Wash');
  const before = productIn(work, funnel);
  const done: Layers[] = [];
  for (const portion of portionsOf(work, line)) {
    done.push(round(work, funnel, portion));
    work.put(aside, 'liquid', work.takeAll(funnel, 'liquid'));
  }
  remarkOn(work, done);
  loseLeft(work, { key: 'wash', label: 'taken by the wash', before, left: work.phase(aside, 'liquid') });
  work.follow(funnel);
}
