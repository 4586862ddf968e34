import { intoFunnel, loseLeft, portionsOf, remarkOn, round } from '../predicting/funnel';
import { nothing, plus } from '../../mixture/matter';
import { productIn } from '../predicting/transfer';
import type { Round } from '../predicting/funnel';
import type { Matter } from '../../mixture/matter';
import type { Worktop } from '../predicting/worktop';

/** Washes of an organic layer: the water goes aside with what it took. */
export function washLayer(work: Worktop, { line }: { readonly line: string }): void {
  const funnel = intoFunnel(work);
  const aside = work.own('waste', 'Wash');
  const before = productIn(work, funnel);
  const taken: Matter[] = [];
  const done: Round[] = [];
  for (const portion of portionsOf(work, line)) {
    done.push(round(work, funnel, portion));
    taken.push(work.takeAll(funnel, 'liquid'));
    work.put(aside, 'liquid', taken.at(-1) ?? nothing);
  }
  remarkOn(work, funnel, done);
  loseLeft(work, { key: 'wash', label: 'taken by the wash', before, left: taken.reduce(plus, nothing) });
  work.follow(funnel);
}
