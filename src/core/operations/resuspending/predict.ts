import { crystallize } from '../../worktop/crystallize';
import { enter } from '../../worktop/enter';
import { giveUpInto } from '../../worktop/giveUp';
import { isInsoluble } from '../../compound/solubilityRules';
import { react } from '../../worktop/react';
import { times } from '../../worktop/matter/matter';
import { transfer } from '../../worktop/transfer';
import type { Matter } from '../../worktop/matter/matter';
import type { Worktop } from '../../worktop/worktop';

export interface TakeUp {
  readonly lines: readonly string[];
  readonly at_C: number;
  readonly aim: 'slurry' | 'dissolve' | 'react';
  readonly material?: string;
}

/** The solid goes into the liquid with what wets it: what is to dissolve does, what reacts does, and a slurry gives up its companions. */
export function takeUp(work: Worktop<'in' | 'to'>, { lines, at_C, aim, material }: TakeUp): void {
  const from = work.place('in');
  const to = work.place('to', from);
  transfer(work, from, to);
  for (const line of lines) enter(work, line, to);
  work.temperature(to, at_C);
  if (material !== undefined) giveUpInto(work, to, material);
  if (aim === 'dissolve') work.put(to, 'liquid', work.takeAll(to, 'solid'));
  react(work, to);
  if (aim === 'slurry') giveUpCompanions(work, to);
  // What is meant to be dissolved stays so: that the liquid may be too little for it is another question.
  if (aim !== 'dissolve') crystallize(work, to, at_C);
  work.follow(to);
}

/** Companions of what the stage is of go into the liquid, as far as it gets at them; what water never dissolves stays. */
function giveUpCompanions(work: Worktop, place: string): void {
  const { kind } = work.world;
  const solid = work.phase(place, 'solid');
  const companions: Matter = Object.fromEntries(
    Object.entries(solid).filter(
      ([id, grams]) => grams > 0 && id !== work.stage?.substance && isInsoluble(kind(id).substance?.formula) !== true,
    ),
  );
  if (Object.keys(companions).length === 0) return;
  const share = work.assume({
    key: 'givenUp',
    label: 'share of its companions that the slurry gives up',
    dim: 'fraction',
    unit: '%',
    low: 0.5,
    typical: 0.85,
    high: 0.98,
    aside: true,
    why: 'of what the liquid dissolves; what is enclosed in the crystals stays',
  });
  work.put(place, 'liquid', work.take(place, 'solid', times(companions, share.q.value)));
}
