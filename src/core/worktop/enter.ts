import { fizzAs } from './layers';
import { undissolved } from './dissolving';
import { gramsOf, without } from './matter/matter';
import { warmByMixing } from './mixingHeat';
import { remarkOnGas } from './funnel';
import type { Matter } from './matter/matter';
import type { Worktop } from './worktop';

/** A line goes into the vessel that the step says, that it names itself, or that the step works in. Gives the place. */
export function enter(work: Worktop, line: string, into?: string): string {
  const facts = work.world.facts.lines.get(line);
  const place = into ?? facts?.line.vessel ?? work.place('in');
  const matter = work.introduce(line);
  // What is taken on from a stage is what the next one is made of.
  if (facts?.line.supply) work.follow(place);
  work.entered = place;
  const solid = undissolved(work, matter);
  const there = work.phase(place, 'liquid');
  work.put(place, 'solid', solid);
  work.put(place, 'liquid', without(matter, solid));
  arrive(work, place, there);
  return place;
}

/**
 * What came into a vessel meets what was there. Carbonate and acid: what escapes as carbon dioxide, by the charge balance of what is there,
 * and by the order in which it came: what comes to acid in portions has lost its gas before the last of it is in. It gets warmer or colder.
 *
 * @param there liquid of the vessel before the last came to it
 */
export function arrive(work: Worktop, place: string, there: Matter): void {
  const now = work.phase(place, 'liquid');
  const comes = without(now, there);
  const { gas, liquid } = fizzAs(work, there, comes);
  if (gramsOf(gas) > 0) {
    work.take(place, 'liquid', now);
    work.put(place, 'liquid', liquid);
    work.leave('air', gas);
    remarkOnGas(work, gas, ': in portions, open');
  }
  warmByMixing(work, place, { there, comes, gas });
}
