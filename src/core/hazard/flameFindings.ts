import { burnsInRoom } from './fire';
import { finding } from '../finding/finding';
import { names, namesInside } from './names';
import { placeOf } from './placeOf';
import type { Finding } from '../finding/finding';
import type { PlanSeen, Present, Scene } from './scene';

/** So much of what catches fire in any room counts, mL: less is a rinse of glass. */
const least_mL = 1;
/** Where nobody says: of most organic liquids that burn so easily, g/mL. */
const usualDensity = 0.8;

/** Whether there is, or could be, enough of something for its vapour to reach a flame. */
export function couldBurn({ substance, grams }: Present): boolean {
  if (!burnsInRoom(substance) || substance.form === 'solid') return false;
  const density = Number(substance.density?.digits ?? usualDensity);
  return grams === undefined || grams / (density > 0 ? density : usualDensity) >= least_mL;
}

/** What a step opens of it: brought in, taken off or distilled. */
function opened({ places, came, conditions }: Scene): readonly Present[] {
  const all = places.flatMap(({ here }) => [...here.values()]).filter(couldBurn);
  const leaves = conditions.concentrates === true || conditions.distils !== undefined || conditions.dries === true;
  const unique = new Map(all.filter(({ id }) => leaves || came.has(id)).map((one) => [one.id, one]));
  return [...unique.values()];
}

/**
 * A burner burns beyond its step: at the next one, and at the benches beside, where others are ahead or behind. Said where the first thing
 * that catches fire in a room is opened after it, and where it is lit.
 */
export function flameFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  const lit = scenes.filter(({ conditions }) => conditions.flame);
  const [first] = lit;
  if (!first) return [];
  const open = scenes
    .filter((scene) => !scene.conditions.flame)
    .map((scene) => ({ scene, burning: opened(scene) }))
    .filter(({ burning }) => burning.length > 0);
  if (open.length === 0) return [];
  const later = open.find(({ scene }) => scenes.indexOf(scene) > scenes.indexOf(first));
  const all = [...new Map(open.flatMap(({ burning }) => burning).map((one) => [one.id, one])).values()];
  return [
    ...lit.map((scene) =>
      finding('hazard.burnerBeside', 'caution', placeOf(plan, scene, []), { names: namesInside(all) }),
    ),
    ...(later
      ? [finding('hazard.burnerBefore', 'caution', placeOf(plan, later.scene, []), { names: names(later.burning) })]
      : []),
  ];
}
