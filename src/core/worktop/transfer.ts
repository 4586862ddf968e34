import { foreseenMass } from './foreseen';
import { gramsOf } from './matter/matter';
import { millilitres } from './volumes';
import { pourShare } from './react';
import type { Worktop } from './worktop';

/** Grams of what the stage will weigh that stand in a place. */
export function productIn(work: Worktop, place: string): number {
  const id = work.stage?.substance;
  return id === undefined ? 0 : (work.whole(place)[id] ?? 0);
}

// From this size on what clings is about the same; below, it goes with the wall.
const usual_mL = 25;
// A cake, or what is in a place without glass of its own, is spread out: it counts as a vessel of so many times its volume.
const spread = 15;

/** How much clings against what clings in usual glass, at most 1: as the walls of vessels of one shape do, V^⅔. */
export function wallOf(work: Worktop, place: string): number {
  const { doc } = work.world.plan;
  const known = doc.vessels.find(({ id }) => id === place)?.capacity_mL;
  const size_mL = known ?? spread * millilitres(work.world.kind, work.whole(place));
  return Math.min(1, (size_mL / usual_mL) ** (2 / 3));
}

/**
 * Pours a vessel into another. What clings to the first is nearly the same at every scale as long as the glass is, so that small batches
 * lose the larger share; small glass has the smaller wall.
 */
export function transfer(work: Worktop, from: string, to: string): void {
  if (from === to) return;
  const grams = productIn(work, from);
  const wall = wallOf(work, from);
  const left = work.assume({
    key: 'transfer',
    label: 'left behind in a transfer',
    dim: 'mass',
    unit: 'g',
    low: 0.01 * wall,
    typical: 0.03 * wall,
    high: 0.06 * wall,
    why:
      wall < 1
        ? 'goes with the wall of so small a vessel; a rinse brings it down'
        : 'about the same at every scale; a rinse brings it down',
  });
  // Where there is little of it, as much of it clings as of everything else.
  const whole = gramsOf(work.whole(from));
  const share = grams > 0 ? Math.min(1, left.q.value / (grams < left.q.value ? whole : grams)) : 0;
  const massOf = (lost: number) => foreseenMass(lost, work.stage?.substance ?? '');
  // What clung to a vessel that is used again comes along.
  if (work.content(to).poured) work.book.regain('transfer', productIn(work, to), massOf);
  if (grams > 0)
    work.lose('transfer', 'left behind in the transfer', share * grams < left.q.value ? massOf(share * grams) : left);
  pourShare(work, from, to, 1 - share);
  work.pouredOut(from);
}

/**
 * Vessel that the step works in: the one that it names, else where the work stands. One that is named and empty, or was poured out, is
 * filled from where the work stands.
 */
export function worksIn(work: Worktop<'in'>, otherwise: string = work.product): string {
  const place = work.place('in', otherwise);
  const { poured } = work.content(place);
  return poured || gramsOf(work.whole(place)) === 0 ? broughtTo(work, place) : place;
}

/** The work is poured there, onto whatever is in it, and stands there from now on. */
export function broughtTo(work: Worktop<'in'>, place: string): string {
  transfer(work, work.product, place);
  work.follow(place);
  return place;
}
