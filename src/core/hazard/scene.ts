import { findOperation } from '../operations/registry';
import { has, namedBy } from '../operations/named';
import { gramsOf } from '../worktop/matter/matter';
import { leftOf, rightOf } from '../document/reactions';
import { introduced } from '../worktop/introduced';
import type { Bringing } from '../worktop/introduced';
import { room_C, wholeOf } from '../worktop/matter/shelf';
import type { Foreseen } from '../process/predictProcess';
import type { Conditions } from '../operations/conditions';
import type { Judged } from './materials';
import type { Kind } from '../worktop/kinds';
import type { Matter } from '../worktop/matter/matter';
import type { Plan } from '../plan/planTypes';
import type { PlannedVessel } from '../document/document';
import type { Shelf } from '../worktop/matter/shelf';
import type { Reaction } from '../document/reaction';
import type { Step } from '../document/steps';

/** What the triggers look at of a plan. */
export type PlanSeen = Pick<Plan, 'doc' | 'factor' | 'lines' | 'charge' | 'findings'>;

/** A substance in a place while a step is done. */
export interface Present {
  readonly id: string;
  readonly substance: Judged;
  readonly name: string;
  /** A model made it where the preparation names nothing. */
  readonly invented?: true;
  /** The most of it there; absent where nobody can tell. */
  readonly grams?: number;
  readonly moles?: number;
  /** The largest share by mass that it has of what is there at one time; absent where nobody can tell. */
  readonly share?: number;
}

/** A vessel, or a place that a step makes, while the step is done. */
export interface PlaceSeen {
  readonly place: string;
  readonly vessel?: PlannedVessel;
  readonly before: ReadonlyMap<string, Present>;
  /** Temperature of that, °C. */
  readonly before_C: number;
  /** Temperature that the step keeps it at, °C. */
  readonly kept_C?: number;
  /** Everything that is in it at some moment of the step. */
  readonly here: ReadonlyMap<string, Present>;
}

/** A step with what its vessels hold by then, as the process foresees it. */
export interface Scene {
  readonly step: Step | undefined;
  readonly conditions: Conditions;
  readonly places: readonly PlaceSeen[];
  /** Lines of the charge table that are brought in. */
  readonly lines: readonly string[];
  /** Substances that are brought in. */
  readonly came: ReadonlySet<string>;
  /** The same by mass, with what their bottles bring along, g. */
  readonly introduced: Matter;
  /** What escapes, g. */
  readonly air: Matter;
  /** What comes to its end here. */
  readonly reactions: readonly Reaction[];
}

// A milligram and below: what clings and what an equilibrium leaves.
const least_g = 1e-3;

/** The steps of a plan, each with what is where by then; a last one for lines that no step takes. */
export function scenesOf(plan: PlanSeen, { steps, world }: Foreseen): readonly Scene[] {
  const { kind } = world;
  const foreseen = new Map(steps.map((one) => [one.step.id, one]));
  const { doc } = plan;
  // One of which nobody says where it runs has run before anything is worked up.
  const latest = lastBeforeWorkUp(doc.steps);
  const endsAt = new Map(doc.reactions.map((reaction) => [reaction, reaction.runs.at(-1)?.step ?? latest]));
  const unknown = unknownAmounts(plan, endsAt);
  const seen = (matter: Matter) => presentIn(matter, kind, unknown);
  const vessel = new Map(doc.vessels.map((one) => [one.id, one]));
  let shelf: Shelf = {};
  const scenes: Scene[] = [];
  for (const step of doc.steps) {
    const operation = findOperation(step.op);
    const conditions = operation?.conditions?.(step.params) ?? {};
    const found = foreseen.get(step.id);
    const lines = namedBy(step, 'line');
    const touched = found?.touched.length ? found.touched : placesOf(step, shelf, found?.product);
    const reactions = doc.reactions.filter((reaction) => endsAt.get(reaction) === step.id);
    const brought = found ? found.lines : lines;
    const came = new Set([...Object.keys(found?.introduced ?? {}), ...brought.flatMap((id) => substanceOf(plan, id))]);
    const places = touched.map((place): PlaceSeen => {
      const before = seen(at(shelf, place));
      const parts = [
        at(shelf, place),
        found?.peaks[place] ?? {},
        found ? at(found.shelf, place) : strangers(plan, lines, world),
      ];
      const here = merged(parts.map(seen));
      const planned = vessel.get(place);
      const kept = found?.kept.has(place) === true;
      return {
        place,
        ...(planned ? { vessel: planned } : {}),
        before,
        before_C: shelf[place]?.temperature_C ?? room_C,
        ...(kept ? { kept_C: found.shelf[place]?.temperature_C ?? room_C } : {}),
        here: withFormed(reactions, kind, here),
      };
    });
    const air = (found?.streams ?? []).filter(({ to }) => to === 'air').map(({ matter }) => matter);
    scenes.push({
      step,
      conditions,
      places,
      lines: brought,
      came,
      introduced: found?.introduced ?? {},
      air: sum(air),
      reactions,
    });
    if (found) shelf = found.shelf;
  }
  return [...scenes, ...leftOut(plan, scenes, world)];
}

const at = (shelf: Shelf, place: string): Matter => {
  const content = shelf[place];
  return content ? wholeOf(content) : {};
};

const sum = (all: readonly Matter[]): Matter => {
  const total: Record<string, number> = {};
  for (const matter of all) for (const [id, grams] of Object.entries(matter)) total[id] = (total[id] ?? 0) + grams;
  return total;
};

/** Vessels that a step which changes nothing works in. */
function placesOf(step: Step, shelf: Shelf, product: string | undefined): readonly string[] {
  const named = Object.values(step.uses ?? {});
  const places = named.length > 0 ? named : product === undefined ? Object.keys(shelf).slice(-1) : [product];
  return [...new Set(places)];
}

const substanceOf = ({ doc }: PlanSeen, line: string) =>
  doc.lines.filter(({ id }) => id === line).map(({ substance }) => substance);

/** What lines bring that the prediction leaves out. */
function strangers(plan: PlanSeen, lines: readonly string[], world: Bringing['world']): Matter {
  const assume: Bringing['assume'] = ({ dim, unit, typical: value }) => ({
    q: { dim, value },
    unit,
    figures: 2,
    formula: 'taken',
    inputs: {},
    certain: 'assumed',
  });
  return sum(
    plan.lines
      .filter(({ facts }) => lines.includes(facts.line.id))
      .map(({ facts }) => introduced({ world, assume }, facts.line.id)),
  );
}

function lastBeforeWorkUp(steps: readonly Step[]): string | undefined {
  const first = steps.findIndex((step) => has(step, 'isolates'));
  return steps[(first === -1 ? steps.length : first) - 1]?.id;
}

/** Substances of which nobody can tell how much there is: brought in words, or formed of such. */
function unknownAmounts(plan: PlanSeen, endsAt: ReadonlyMap<Reaction, string | undefined>): ReadonlySet<string> {
  const unknown = new Set<string>();
  for (const { facts, total } of plan.lines)
    if (total.mass === undefined && total.volume === undefined) unknown.add(facts.line.substance);
  for (const [reaction, step] of endsAt) {
    const known = plan.charge.reactions.has(reaction.id) && step !== undefined;
    if (!known) for (const { substance } of rightOf(reaction)) unknown.add(substance);
  }
  return unknown;
}

function presentIn(
  matter: Matter,
  kind: (id: string) => Kind,
  unknown: ReadonlySet<string>,
): ReadonlyMap<string, Present> {
  const found = new Map<string, Present>();
  const total = gramsOf(matter);
  for (const [id, grams] of Object.entries(matter)) {
    if (!(grams > 0) || (grams < least_g && !unknown.has(id))) continue;
    const known = grams >= least_g;
    const one = presentOf(kind(id), known ? grams : undefined);
    if (one) found.set(id, known ? { ...one, share: grams / total } : one);
  }
  return found;
}

const judged = new WeakMap<Judged, Judged>();

/** The same object for the same substance, wherever it stands: what is found out about it is kept with it. */
function withGroups(substance: Judged, groups: Kind['groups']): Judged {
  if (substance.groups || Object.keys(groups).length === 0) return substance;
  const known = judged.get(substance) ?? { ...substance, groups };
  judged.set(substance, known);
  return known;
}

function presentOf({ id, name, substance, groups, M, invented }: Kind, grams: number | undefined): Present | undefined {
  if (!substance) return undefined;
  return {
    id,
    name,
    ...(invented ? { invented } : {}),
    substance: withGroups(substance, groups),
    ...(grams === undefined ? {} : { grams, ...(M === undefined ? {} : { moles: grams / M }) }),
  };
}

function merged(all: readonly ReadonlyMap<string, Present>[]): ReadonlyMap<string, Present> {
  const most = new Map<string, Present>();
  for (const one of all)
    for (const [id, present] of one) {
      const known = most.get(id);
      const larger = (present.grams ?? 0) >= (known?.grams ?? 0) ? present : (known ?? present);
      const shares = [present.share, known?.share].filter((share) => share !== undefined);
      most.set(id, shares.length === 0 ? larger : { ...larger, share: Math.max(...shares) });
    }
  return most;
}

/** Where all reactants stand, what the equation makes of them stands too, though nobody may be able to tell how much. */
function withFormed(
  reactions: readonly Reaction[],
  kind: (id: string) => Kind,
  here: ReadonlyMap<string, Present>,
): ReadonlyMap<string, Present> {
  return reactions.reduce((all, reaction) => {
    const left = leftOf(reaction);
    if (left.length === 0 || !left.every(({ substance }) => all.has(substance))) return all;
    const formed = rightOf(reaction)
      .filter(({ substance }) => !all.has(substance))
      .flatMap(({ substance }): readonly (readonly [string, Present])[] => {
        const one = presentOf(kind(substance), undefined);
        return one ? [[substance, one]] : [];
      });
    return new Map([...all, ...formed]);
  }, here);
}

/** Lines that no step takes: they may meet anything that their vessel ever holds, or each other where no vessel is named. */
function leftOut(plan: PlanSeen, scenes: readonly Scene[], world: Bringing['world']): readonly Scene[] {
  const { kind } = world;
  const taken = new Set(scenes.flatMap(({ lines }) => lines));
  const rest = plan.lines.filter(({ facts }) => !taken.has(facts.line.id));
  if (rest.length === 0) return [];
  const places = [...new Set(rest.map(({ facts }) => facts.line.vessel ?? ''))].map((place): PlaceSeen => {
    const mine = rest.filter(({ facts }) => (facts.line.vessel ?? '') === place);
    const unknown = new Set(mine.map(({ facts }) => facts.line.substance));
    const ids = mine.map(({ facts }) => facts.line.id);
    const own = presentIn(strangers(plan, ids, world), kind, unknown);
    const ever = scenes.flatMap((scene) => scene.places.filter((one) => one.place === place).map(({ here }) => here));
    return {
      place,
      before: new Map(),
      before_C: room_C,
      here: withFormed(plan.doc.reactions, kind, merged([...ever, own])),
    };
  });
  const came = new Set(rest.map(({ facts }) => facts.line.substance));
  const lines = rest.map(({ facts }) => facts.line.id);
  return [{ step: undefined, conditions: {}, places, lines, came, introduced: {}, air: {}, reactions: [] }];
}
