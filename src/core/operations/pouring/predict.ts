import { arrive } from '../../worktop/enter';
import { pourShare, react } from '../../worktop/react';
import { transfer } from '../../worktop/transfer';
import type { Worktop } from '../../worktop/worktop';

/** What is poured meets what is there: gas leaves, and the step's reactions run where it went. The work goes along with all of it. */
export function pourOver(
  work: Worktop<'in' | 'to'>,
  { percent, rinse, ceiling_C }: { readonly percent?: number; readonly rinse?: string; readonly ceiling_C?: number },
): void {
  const from = work.place('in');
  const to = work.named('to');
  if (to === undefined || to === from) {
    work.remark('No other vessel is named that it is poured into: it stays where it is.');
    return;
  }
  const there = work.phase(to, 'liquid');
  if (percent === undefined) {
    transfer(work, from, to);
    if (rinse !== undefined) work.put(to, 'liquid', work.introduce(rinse));
  } else {
    pourShare(work, from, to, percent / 100);
    if (rinse !== undefined) work.put(from, 'liquid', work.introduce(rinse));
  }
  arrive(work, to, there);
  if (ceiling_C !== undefined) work.temperature(to, ceiling_C);
  react(work, to);
  if (percent === undefined && from === work.product) work.follow(to);
}
