import { apartStreams } from '../reference/wasteStreams';
import { freedBy } from './acidIn';
import { gramsOf } from '../worktop/matter/matter';
import { hasGroup } from '../reference/groups';
import { kinds } from '../hazard/materials';
import { millilitres } from '../worktop/volumes';
import { schoolOf } from '../conventions/catalogue';
import { sortOf } from './sortOf';
import type { Kind } from '../worktop/kinds';
import type { Matter } from '../worktop/matter/matter';
import type { PhaseKind } from '../worktop/matter/shelf';
import type { WasteStream } from '../reference/wasteStreams';
import type { World } from '../worktop/worktop';

// At any amount, one that was given in words included (`trace_g` in introduced.ts); below it is the arithmetic's.
const any_g = 1e-10;
// What clings to glass decides nothing else.
const least_g = 1e-3;
// Of a layer, what somebody has to know before it has a bottle.
const unknownShare = 1e-3;
// Organic matter of a layer from which on it is no mere acid, base or salt in water; a trace of it sets nitric acid going.
const organicShare = 0.1;
const traceShare = 1e-3;
const mostNitric_M = 1;

/** From which share of carbon–halogen compounds on solvents are halogenated, by school. */
const halogenated: Readonly<Record<string, number>> = { one: 0.01, any: 0, tenth: 0.001, five: 0.05 };

/** What a substance of this preparation goes into by itself: as its line says, else by what it is. */
function sortIn({ plan: { doc }, kind }: World, id: string): WasteStream | undefined {
  const line = doc.lines.find(({ substance, waste }) => substance === id && waste !== undefined);
  const { substance, invented } = kind(id);
  if (line?.waste) return line.waste;
  return invented || !substance ? 'non-halogenated' : sortOf(substance);
}

/** Lines of natural material, drying agents and aids: a solid that somebody has not described is one for the solids. */
const isMaterial = ({ plan: { doc } }: World, id: string) =>
  doc.lines.some(({ substance, role }) => substance === id && ['material', 'drying agent', 'aid'].includes(role));

/** The stream of a layer, or substances of which somebody has to say first what they are. */
export type IntoBottle = { readonly stream: WasteStream } | { readonly unknown: readonly string[] };

/**
 * The bottle of a layer, by what is in it: what goes apart at any amount first, then what still oxidizes, then what it is mostly.
 * Water stays water whatever is dissolved in it; acid and alkali never make a halogenated bottle.
 */
export function bottleOf(
  world: World,
  { layer, matter }: { readonly layer: PhaseKind; readonly matter: Matter },
): IntoBottle {
  const grams = gramsOf(matter);
  const above = (least: number) => Object.keys(matter).filter((id) => (matter[id] ?? 0) > least);
  const any = above(any_g);
  const sorts = new Map(any.map((id) => [id, sortIn(world, id)]));
  const apart = apartStreams.find((stream) => any.some((id) => sorts.get(id) === stream));
  if (apart) return { stream: apart };
  const held = above(least_g);
  if (held.some((id) => sorts.get(id) === 'oxidizer' && !isMildNitric(world, matter, id)))
    return { stream: 'oxidizer' };
  const unknown = held.filter(
    (id) =>
      sorts.get(id) === undefined &&
      (matter[id] ?? 0) > unknownShare * grams &&
      !(layer === 'solid' && isMaterial(world, id)),
  );
  if (unknown.length > 0) return { unknown };
  if (layer === 'solid') return { stream: 'solid' };
  if (layer === 'organic' || !isWatery(world, matter)) {
    const share = held.reduce((sum, id) => sum + (sorts.get(id) === 'halogenated' ? (matter[id] ?? 0) : 0), 0) / grams;
    const most = halogenated[schoolOf(world.plan.doc.conventions, 'halogenated')] ?? 0.01;
    return { stream: share > most ? 'halogenated' : 'non-halogenated' };
  }
  const organic = organicIn(world, matter) > organicShare * grams;
  return { stream: organic || freedBy({ world }, matter).length > 0 ? 'aqueous-organic' : 'aqueous' };
}

/** Whether a layer is water, or salts and inorganic acids and bases, more than anything else. */
export function isWatery({ kind }: World, matter: Matter): boolean {
  const share = (wanted: (one: Kind) => boolean) =>
    Object.entries(matter).reduce((sum, [id, grams]) => sum + (wanted(kind(id)) ? grams : 0), 0);
  return share(({ water, inorganic, salt }) => water || inorganic || salt) > 0.5 * gramsOf(matter);
}

function organicIn({ kind }: World, matter: Matter): number {
  return Object.entries(matter).reduce((sum, [id, grams]) => {
    const { water, inorganic, groups, invented } = kind(id);
    return sum + (water || inorganic || invented || hasGroup(groups, 'water') ? 0 : grams);
  }, 0);
}

/** Nitric acid so dilute and so free of organics that it is an acid like any other. */
function isMildNitric(world: World, matter: Matter, id: string): boolean {
  const { substance, M } = world.kind(id);
  if (!substance || M === undefined || !kinds.nitricAcid(substance)) return false;
  if (organicIn(world, matter) > traceShare * gramsOf(matter)) return false;
  return (1000 * (matter[id] ?? 0)) / M / millilitres(world.kind, matter) <= mostNitric_M;
}
