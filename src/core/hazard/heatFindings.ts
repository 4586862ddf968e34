import { burnsInRoom, burnsWarm, flashOf, ignitesItself } from './fire';
import { couldBurn } from './flameFindings';
import { finding } from '../finding/finding';
import { kinds } from './materials';
import { wholeDegrees } from './boilingOf';
import { placeOf } from './placeOf';
import { names } from './names';
import type { Finding } from '../finding/finding';
import type { PlanSeen, Present, Scene } from './scene';

// What clings, or is dissolved to a trace, makes no vapour to speak of.
const least_g = 0.05;
const ofAll = 0.1;

/** What can catch fire where a step heats: everything that its vessels hold by then, charged or formed. */
export function heatFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  return scenes.flatMap((scene): readonly Finding[] => {
    if (!scene.conditions.warms) return [];
    const burning = burningIn(scene);
    if (burning.length === 0) return [];
    const about = placeOf(plan, scene, []);
    const all = names(burning);
    const lowest = burning.flatMap(({ substance }) => flashOf(substance) ?? [])[0];
    const flash = lowest === undefined ? {} : { flash: wholeDegrees(lowest) };
    const room = burning.some(({ substance }) => burnsInRoom(substance));
    // A rinse of glass: said, and not among what must be heard.
    const few = burning.every((one) => burnsInRoom(one.substance) && !couldBurn(one));
    const rule = room
      ? lowest === undefined
        ? 'hazard.flameFree'
        : 'hazard.flameFreeFlash'
      : lowest === undefined
        ? 'hazard.flame'
        : 'hazard.flameFlash';
    const self = burning.filter(({ substance }) => ignitesItself(substance));
    return [
      scene.conditions.flame && burning.some(couldBurn)
        ? finding('hazard.flameChosen', 'stop', about, { names: all })
        : finding(rule, few ? 'note' : 'caution', about, { names: all, ...flash }),
      ...(self.length > 0
        ? [
            finding('hazard.autoignition', 'caution', about, {
              names: [...new Set(self.map(({ name }) => name))].join('; '),
            }),
          ]
        : []),
      ...(scene.conditions.boiling && scene.step?.time.attended === false
        ? [finding('hazard.unattended', 'caution', about, { names: all })]
        : []),
    ];
  });
}

/** The lowest flash point first. */
function burningIn({ places, conditions }: Scene): readonly Present[] {
  const all = places.flatMap(({ here }) => {
    const whole = [...here.values()].reduce((sum, { grams = 0 }) => sum + grams, 0);
    return [...here.values()].filter(({ substance, grams }) => {
      if (substance.form === 'solid' && !kinds.flammable(substance)) return false;
      if (grams === undefined) return burnsWarm(substance, conditions.boiling === true);
      if (grams < least_g) return false;
      // Diluted to less than a tenth by water and others, what burns only when it is warm does not.
      return burnsInRoom(substance) || (grams >= ofAll * whole && burnsWarm(substance, conditions.boiling === true));
    });
  });
  const unique = [...new Map(all.map((one) => [one.id, one])).values()];
  return unique.sort((a, b) => (flashOf(a.substance) ?? 200) - (flashOf(b.substance) ?? 200));
}
