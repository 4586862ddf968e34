import { gramsOf, plus, times, without } from '../../mixture/matter';
import { liquidsOf } from '../predicting/react';
import { productIn, transfer } from '../predicting/transfer';
import type { Matter } from '../../mixture/matter';
import type { Worktop } from '../predicting/worktop';

/** The forerun takes what boils lower and some product, the apparatus holds a constant mass, the rest is the main cut. */
export function distilOver(
  work: Worktop,
  { low_C, high_C }: { readonly low_C: number; readonly high_C: number },
): void {
  const pot = work.place('in', work.product);
  transfer(work, work.product, pot);
  const id = work.stage?.substance ?? '';
  const receiver = work.own('to', 'Main cut');
  const forerun = work.own('forerun', 'Forerun');
  const all = plus(liquidsOf(work, pot), work.phase(pot, 'solid'));
  const grams = productIn(work, pot);
  work.rearrange(pot, { organic: all });
  if (grams === 0) return;
  const first = work.assume({
    key: 'forerun',
    label: 'product in the forerun',
    dim: 'mass',
    unit: 'g',
    low: 0.15,
    typical: 0.3,
    high: 0.6,
    why: 'what comes before the plateau carries some',
  });
  const held = work.assume({
    key: 'holdUp',
    label: 'left in the pot, head and condenser',
    dim: 'mass',
    unit: 'g',
    low: 0.4,
    typical: 0.7,
    high: 1.2,
    why: 'never to dryness; nearly the same at every scale',
  });
  const companions = without(all, { [id]: grams });
  const light = Object.fromEntries(
    Object.entries(companions).filter(
      ([one]) =>
        Number(work.world.kind(one).substance?.boiling?.digits ?? NaN) < low_C - 20 || work.world.kind(one).water,
    ),
  );
  const early = Math.min(grams, first.q.value);
  const stays = Math.min(grams - early, held.q.value);
  move(work, pot, forerun, plus(light, { [id]: early }));
  // What boils close to the product comes with it, in proportion.
  const heavy = without(companions, light);
  const share = (grams - early - stays) / grams;
  move(work, pot, receiver, plus(times(close(work, heavy, low_C), share), { [id]: grams - early - stays }));
  work.lose('forerun', 'in the forerun', early < grams ? first : work.foreseenMass(grams, id));
  work.lose(
    'holdUp',
    'left in the pot, head and condenser',
    stays < held.q.value ? work.foreseenMass(stays, id) : held,
  );
  work.temperature(pot, low_C);
  work.follow(receiver);
}

function move(work: Worktop, from: string, to: string, matter: Matter): void {
  if (gramsOf(matter) > 0) work.put(to, 'organic', work.take(from, 'organic', matter));
}

function close(work: Worktop, matter: Matter, low_C: number): Matter {
  return Object.fromEntries(
    Object.entries(matter).filter(
      ([id]) => Math.abs(Number(work.world.kind(id).substance?.boiling?.digits ?? NaN) - low_C) < 25,
    ),
  );
}
