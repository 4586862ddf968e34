import { fizz, fizzAs } from './layers';
import { undissolved } from './dissolving';
import { gramsOf, nothing, without } from './matter/matter';
import { implied } from './kinds';
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
  letGasGo(work, place, there);
  return place;
}

/**
 * What came meets what is there: it gets warmer or colder by it. Carbonate and acid in one vessel: what escapes as carbon dioxide, by the charge balance of what is there, and by the order in which it
 * came: what comes to acid in portions has lost its gas before the last of it is in.
 *
 * @param there liquid of the vessel before the last came to it. @default it is not known apart
 */
export function letGasGo(work: Worktop, place: string, there?: Matter): void {
  const before = work.phase(place, 'liquid');
  const comes = there ? without(before, there) : nothing;
  const { gas, liquid } = there ? fizzAs(work, there, comes) : fizz(work, before);
  if (gramsOf(gas) > 0) {
    work.take(place, 'liquid', before);
    work.put(place, 'liquid', liquid);
    work.leave('air', gas);
    remarkOnGas(work, gas, ': in portions, open');
  }
  if (there) warmByMixing(work, place, { there, comes, gas: gramsOf(gas) / implied.carbonDioxide.M });
}
