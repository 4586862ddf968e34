import { massShare } from '../../worktop/foreseen';
import { gramsOf, plus, times, without } from '../../worktop/matter/matter';
import { boilsAway } from '../../worktop/volatile';
import { room_C } from '../../worktop/matter/shelf';
import { liquidsOf } from '../../worktop/react';
import { productIn, transfer, worksIn } from '../../worktop/transfer';
import type { Matter } from '../../worktop/matter/matter';
import type { Worktop } from '../../worktop/worktop';

// A bath takes off what boils up to this far above it under the vacuum of a water pump.
const reach_K = 60;

/** Solvent goes over; some stays in the product, and a little of the product goes with the vapour. */
export function stripOff(work: Worktop<'in' | 'to' | 'solvent'>, { bath_C }: { readonly bath_C: number }): void {
  const from = worksIn(work);
  const flask = work.place('to', from);
  transfer(work, from, flask);
  const all = plus(liquidsOf(work, flask), work.phase(flask, 'solid'));
  const id = work.stage?.substance ?? '';
  const volatile: Matter = Object.fromEntries(
    Object.entries(without(all, { [id]: all[id] ?? 0 })).filter(([one]) =>
      boilsAway(work.world.kind(one), bath_C + reach_K),
    ),
  );
  const grams = productIn(work, flask);
  const stays = work.assume({
    key: 'residualSolvent',
    label: 'solvent left in the product, of its mass',
    dim: 'fraction',
    unit: '%',
    low: 0,
    typical: 0.02,
    high: 0.06,
    aside: true,
    why: 'until the mass is constant; it weighs, and is no yield',
  });
  const gone = work.assume({
    key: 'evaporated',
    label: 'product that goes over with the solvent',
    dim: 'fraction',
    unit: '%',
    low: 0.002,
    typical: 0.01,
    high: 0.03,
    why: 'the longer and the hotter, the more; a volatile product loses more',
  });
  const solvent = gramsOf(volatile);
  const left = solvent > 0 ? Math.min(1, (grams * stays.q.value) / solvent) : 0;
  const lost = grams * gone.q.value;
  const vapour = plus(times(volatile, 1 - left), grams > 0 ? { [id]: lost } : {});
  work.rearrange(flask, { [work.world.kind(id).solid ? 'solid' : 'organic']: all });
  const kind = work.world.kind(id).solid ? 'solid' : 'organic';
  // It condenses in the receiver: it is waste, or used again, and no air.
  work.put(work.receiver('solvent'), 'organic', work.condensed(work.take(flask, kind, vapour)));
  if (grams > 0) work.lose('evaporated', 'gone over with the solvent', massShare(grams, id, gone));
  // It is weighed cold.
  work.temperature(flask, room_C);
  work.follow(flask);
}
