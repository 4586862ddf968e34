import { anhydrousAtoms } from '../../compound/atomsOf';
import { likesWater } from '../../process/worktop/partition';
import { waterAlong } from '../../models/distillation/waterAlong';
import { format } from '../../quantity/format';
import { headReading } from '../../models/distillation/headReading';
import { gramsOf, plus, times, without } from '../../process/matter/matter';
import { liquidsOf } from '../../process/worktop/react';
import { productIn, transfer } from '../../process/worktop/transfer';
import type { Matter } from '../../process/matter/matter';
import type { Worktop } from '../../process/worktop/worktop';

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
  const companions = without(all, { [id]: grams });
  const light = Object.fromEntries(
    Object.entries(companions).filter(
      ([one]) =>
        Number(work.world.kind(one).substance?.boiling?.digits ?? NaN) < low_C - 20 || work.world.kind(one).water,
    ),
  );
  const flask_mL = work.world.plan.doc.vessels.find(({ id: one }) => one === pot)?.capacity_mL ?? 25;
  const first = work.assume({
    key: 'forerun',
    label: 'product in the forerun',
    dim: 'mass',
    unit: 'g',
    low: 0.02 * grams,
    typical: 0.04 * grams,
    high: 0.09 * grams,
    why: 'what comes before the plateau carries some: a few per cent of the charge',
  });
  const held = work.assume({
    key: 'holdUp',
    label: 'left in the pot, head and condenser',
    dim: 'mass',
    unit: 'g',
    low: 0.016 * flask_mL,
    typical: 0.028 * flask_mL,
    high: 0.05 * flask_mL,
    why: 'never to dryness; grows with the flask and its head, not with the charge',
  });
  const text = (value: number) => format({ dim: 'mass', value }, 'g', { figures: 2 });
  if (held.q.value + first.q.value > 0.4 * grams)
    work.remark(
      `Flask, head and condenser keep about ${text(held.q.value)} and the forerun ${text(first.q.value)} of ${text(grams)}: too much for so little. A smaller apparatus, or a chaser that boils higher.`,
    );
  remarkOnThermometer(work, low_C, high_C);
  remarkOnWater(work, id, light);
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

/** A thread that stands out of the vapour reads low: what the window becomes on the step's thermometer at 760 torr. */
function remarkOnThermometer(work: Worktop, low_C: number, high_C: number): void {
  const filling = work.world.plan.doc.devices.find(({ id }) => id === work.step.device)?.stem;
  if (filling === undefined || filling === 'probe') return;
  const read = (t: number) => format({ dim: 'temperature', value: headReading(t, { filling }) }, '°C', { decimals: 0 });
  work.remark(
    `On a ${filling} thermometer whose thread stands out the window reads about ${read(low_C)} to ${read(high_C)}.`,
  );
}

/** Water comes over with the first of it: cloudy, and lower than anything in the pot boils. */
function remarkOnWater(work: Worktop, id: string, light: Matter): void {
  const { kind } = work.world;
  const water = Object.entries(light).reduce((sum, [one, grams]) => (kind(one).water ? sum + grams : sum), 0);
  const { substance, M } = kind(id);
  const boiling_C = Number(substance?.boiling?.digits ?? NaN);
  if (!(water > 0.02) || M === undefined || !(boiling_C > 0 && boiling_C < 400) || likesWater(kind(id))) return;
  const along = waterAlong({ atoms: anhydrousAtoms(substance?.formula), boiling_C }, M);
  work.remark(
    `${format({ dim: 'mass', value: water }, 'g', { figures: 2 })} of water comes over first with some of it, cloudy, near ${format({ dim: 'temperature', value: along.boiling_C }, '°C', { decimals: 0 })}: that is forerun.`,
  );
}
