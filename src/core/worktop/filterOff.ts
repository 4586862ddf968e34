import { foreseenMass } from './foreseen';
import { gramsOf, nothing, plus, times, without } from './matter/matter';
import { heldByCake } from './heldBack';
import { isLiquidAt } from './kinds';
import { keptDissolved } from './crystallize';
import { keptInSolution, solubilityOf } from './solubility';
import { millilitres, volumeOf } from './volumes';
import { liquidsOf } from './react';
import { productIn, transfer, worksIn } from './transfer';
import { settleSolids } from './dissolving';
import type { Matter } from './matter/matter';
import type { Worktop } from './worktop';

/** Where the solid and the liquid of a filtration go. */
export interface Filter {
  readonly from: string;
  readonly cake: string;
  readonly filtrate: string;
}

export interface FilterOff {
  readonly wash?: string;
  /** Substance of the liquid. */
  readonly solvent: string;
  readonly at_C: number;
}

/**
 * A solid is filtered off and washed: the liquid takes what it dissolves, the flask keeps a little, the wash dissolves more, and
 * the cake stays wet.
 */
export function filterOff(work: Worktop, { from, cake, filtrate }: Filter, { wash, solvent, at_C }: FilterOff): void {
  const id = work.stage?.substance ?? '';
  settleSolids(work, from, at_C);
  const s = solubilityOf(work, id, solvent, at_C);
  separate(work, { from, id, s, at_C });
  transferSolid(work, from, cake);
  const liquid = work.takeAll(from, 'liquid');
  work.put(filtrate, 'liquid', liquid);
  work.put(filtrate, 'organic', work.takeAll(from, 'organic'));
  work.temperature(filtrate, at_C);
  if (wash !== undefined) washCake(work, { wash, cake, filtrate, id, s });
  wet(work, { cake, filtrate });
  work.follow(cake);
}

/** Where suction leaves cake and filtrate. */
export function suctionFilter(work: Worktop<'in' | 'cake' | 'filtrate'>): Filter {
  return {
    from: worksIn(work),
    cake: work.receiver('cake'),
    filtrate: work.receiver('filtrate'),
  };
}

/** At the temperature of the filtration the liquid holds what it dissolves; the rest is solid. */
function separate(
  work: Worktop,
  { from, id, s, at_C }: { from: string; id: string; s: ReturnType<typeof solubilityOf>; at_C: number },
): void {
  work.temperature(from, at_C);
  const whole = work.whole(from);
  const grams = whole[id] ?? 0;
  const liquids = liquidsOf(work, from);
  const rest = without(liquids, { [id]: liquids[id] ?? 0 });
  const solidNow = work.phase(from, 'solid')[id] ?? 0;
  const isLiquid = isLiquidAt(work.world.kind(id), at_C);
  if (isLiquid && grams > 0)
    work.remark(
      `${work.world.kind(id).name} is liquid at ${Math.round(at_C)}\u202f°C: it runs through, and nothing stays on the paper.`,
    );
  // A step before has said how much its liquor keeps: a mere assumption about the solubility does not overrule it.
  const kept = isLiquid
    ? foreseenMass(grams, id)
    : s.certain === 'assumed' && solidNow > 0
      ? foreseenMass(grams - solidNow, id)
      : keptDissolved(work, { id, grams, rest, s });
  const solid = without(without(whole, rest), { [id]: grams });
  work.rearrange(from, {
    liquid: plus(rest, { [id]: kept.q.value }),
    solid: plus(solid, { [id]: grams - kept.q.value }),
  });
  if (grams > 0) work.lose('filtrate', isLiquid ? 'ran through as a liquid' : 'dissolved in the filtrate', kept);
}

function transferSolid(work: Worktop, from: string, cake: string): void {
  const liquid = work.takeAll(from, 'liquid');
  transfer(work, from, cake);
  work.put(from, 'liquid', liquid);
}

export interface WashCake {
  /** Line of the liquid. */
  readonly wash: string;
  readonly cake: string;
  readonly filtrate: string;
  readonly id: string;
  readonly s: ReturnType<typeof solubilityOf>;
}

/** A wash runs through the cake, dissolves what it can and pushes the liquid out that was there. */
export function washCake(work: Worktop, { wash, cake, filtrate, id, s }: WashCake): void {
  const poured = work.introduce(wash);
  const there = productIn(work, cake);
  const taken = keptInSolution(there, id, volumeOf(work.world.kind, poured), s);
  if (there > 0) work.lose('wash', 'dissolved in the wash', taken);
  const dissolved: Matter = there > 0 ? work.draw(cake, { [id]: taken.q.value }) : nothing;
  const pushed = work.takeAll(cake, 'liquid');
  // Nothing of it is in the liquid of a cake that was filtered off; there is where it was formed or wetted since.
  work.lose('pushed', 'pushed out with the liquid in the cake', foreseenMass(pushed[id] ?? 0, id));
  work.put(filtrate, 'liquid', plus(plus(poured, pushed), dissolved));
}

/** A cake holds liquid: it is mass on the balance, and no yield. */
function wet(work: Worktop, { cake, filtrate }: { cake: string; filtrate: string }): void {
  const solid = gramsOf(work.phase(cake, 'solid'));
  const held = heldByCake(work, { aside: true, why: 'sucked dry; leaves on drying' });
  const liquid = work.phase(filtrate, 'liquid');
  const volume = millilitres(work.world.kind, liquid);
  if (volume === 0) return;
  const share = Math.min(0.5, (held * solid) / volume);
  // The last liquid through the cake is the wash: no product in it is counted twice.
  const id = work.stage?.substance ?? '';
  work.put(cake, 'liquid', work.take(filtrate, 'liquid', times(without(liquid, { [id]: liquid[id] ?? 0 }), share)));
}
