import { portionPlace } from '../worktop/placeId';
import { gramsOf } from '../worktop/matter/matter';
import { wholeOf } from '../worktop/matter/shelf';
import type { Shelf } from '../worktop/matter/shelf';
import type { StepPrediction } from './predictProcess';

/** What a step carried from one place to another, g. Lines come out of their {@link portionPlace}; what leaves goes to `air`, `sample` or `agent`. */
export interface Flow {
  readonly from: string;
  readonly to: string;
  readonly grams: number;
}

/**
 * What a step moved, found from the masses before and after it: where mass is gone it went to where mass came, in the order in which
 * the step touched them. Through a place that ends as it began nothing is said to have passed.
 *
 * @param broughtBy g that each line of the step brings
 */
export function flowsOf(
  before: Shelf,
  { shelf, touched, streams }: Pick<StepPrediction, 'shelf' | 'touched' | 'streams'>,
  broughtBy: ReadonlyMap<string, number>,
): readonly Flow[] {
  const mass = (one: Shelf, place: string) => {
    const content = one[place];
    return content ? gramsOf(wholeOf(content)) : 0;
  };
  const changes = touched.map((place) => ({ place, by: mass(shelf, place) - mass(before, place) }));
  const sources = [
    ...[...broughtBy].map(([line, grams]) => ({ place: portionPlace(line), left: grams })),
    ...changes.filter(({ by }) => by < 0).map(({ place, by }) => ({ place, left: -by })),
  ];
  const sinks = [
    ...changes.filter(({ by }) => by > 0).map(({ place, by }) => ({ place, wants: by })),
    ...streams.map(({ to, matter }) => ({ place: to, wants: gramsOf(matter) })),
  ];
  const flows: Flow[] = [];
  for (const sink of sinks) {
    let { wants } = sink;
    for (const source of sources) {
      const grams = Math.min(wants, source.left);
      if (!(grams > 0)) continue;
      flows.push({ from: source.place, to: sink.place, grams });
      source.left -= grams;
      wants -= grams;
    }
  }
  return flows;
}
