import { gramsOf } from './matter/matter';
import { millilitres } from './volumes';
import { temperatureAfter } from '../models/heat/newtonCooling';
import { hasGroup } from '../reference/groups';
import { room_C, wholeOf } from './matter/shelf';
import type { Content, Shelf } from './matter/shelf';
import type { Kind } from './kinds';
import type { Matter } from './matter/matter';

// J/(g·K), by kind: water 4.18, alcohols about 2.4, halogenated solvents 1.0–1.2, other organic liquids 1.7–2.4, solids about 1.2 (common
// handbook values; a document carries none of its own).
const ofWater = 4.18;
const ofAlcohols = 2.4;
const ofHalogenated = 1.1;
const ofLiquids = 2;
const ofSolids = 1.2;

/** Heat that a kelvin takes, J/K, by the kinds of what is there. */
export function heatCapacityOf(kind: (id: string) => Kind, matter: Matter): number {
  return Object.entries(matter).reduce((sum, [id, grams]) => sum + grams * ofGram(kind(id)), 0);
}

function ofGram({ water, solid, groups }: Kind): number {
  if (water) return ofWater;
  if (solid) return ofSolids;
  if (hasGroup(groups, 'organohalide')) return ofHalogenated;
  return hasGroup(groups, 'alcohol') ? ofAlcohols : ofLiquids;
}

/**
 * Heat that glass standing in still air loses, W/(m²·K): free convection and radiation, and what evaporates at an open top. An assumption:
 * between about 10 (stoppered) and 40 (open, boiling a moment ago).
 */
const lost_W = 20;
/** Surface of a sphere of a volume of 1 mL, m²: the least that glass can have. */
const surface_m2 = 4.836e-4;

/** Time in which a content comes nearer to the room by a factor e, s: its heat capacity over U·A of the least surface that it can have. */
export function timeConstant_s(kind: (id: string) => Kind, matter: Matter): number {
  const area = surface_m2 * millilitres(kind, matter) ** (2 / 3);
  return area > 0 ? heatCapacityOf(kind, matter) / (lost_W * area) : 1;
}

/**
 * What stands on the bench comes nearer to the temperature of the room (Newton's law of cooling).
 *
 * @param held places whose temperature the step keeps
 */
export function leftToCool(
  shelf: Shelf,
  kind: (id: string) => Kind,
  { minutes, held }: { readonly minutes: number; readonly held: ReadonlySet<string> },
): Shelf {
  return Object.fromEntries(
    Object.entries(shelf).map(([place, content]) => [
      place,
      held.has(place) || isAtRoom(content) ? content : cooler(content, kind, minutes),
    ]),
  );
}

const isAtRoom = ({ temperature_C }: Content) => Math.abs(temperature_C - room_C) < 0.5;

function cooler(content: Content, kind: (id: string) => Kind, minutes: number): Content {
  const whole = wholeOf(content);
  if (gramsOf(whole) === 0) return { ...content, temperature_C: room_C };
  const cooling = {
    timeConstant_s: timeConstant_s(kind, whole),
    from_C: content.temperature_C,
    surroundings_C: room_C,
  };
  return { ...content, temperature_C: temperatureAfter(cooling, minutes * 60) };
}
