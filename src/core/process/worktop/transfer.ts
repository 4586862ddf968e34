import { pourShare } from './react';
import type { Worktop } from './worktop';

/** Grams of what the stage will weigh that stand in a place. */
export function productIn(work: Worktop, place: string): number {
  const id = work.stage?.substance;
  return id === undefined ? 0 : (work.whole(place)[id] ?? 0);
}

/**
 * Pours a vessel into another. What clings to the first is nearly the same at every scale, so that small batches lose the larger
 * share.
 */
export function transfer(work: Worktop, from: string, to: string): void {
  if (from === to) return;
  const grams = productIn(work, from);
  const left = work.assume({
    key: 'transfer',
    label: 'left behind in a transfer',
    dim: 'mass',
    unit: 'g',
    low: 0.01,
    typical: 0.03,
    high: 0.06,
    why: 'about the same at every scale; a rinse brings it down',
  });
  const share = grams > 0 ? Math.min(1, left.q.value / grams) : 0;
  if (grams > 0)
    work.lose(
      'transfer',
      'left behind in the transfer',
      share < 1 ? left : work.foreseenMass(grams, work.stage?.substance ?? ''),
    );
  pourShare(work, from, to, 1 - share);
}
