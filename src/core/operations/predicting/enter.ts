import type { Worktop } from './worktop';

/** A line goes into the vessel that it names, or that the step works in. Gives the place. */
export function enter(work: Worktop, line: string): string {
  const facts = work.world.facts.lines.get(line);
  const place = facts?.line.vessel ?? work.place('in');
  const matter = work.introduce(line);
  work.put(place, facts?.line.role === 'aid' ? 'solid' : 'liquid', matter);
  return place;
}
