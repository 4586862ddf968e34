import { acidBaseOf } from '../worktop/acidBase';
import { excessCharge, shakeTogether } from '../worktop/layers';
import { gramsOf, nothing, plus, without } from '../worktop/matter/matter';
import { holdsHeavyMetal } from '../compound/heavyMetal';
import { hasGroup } from '../reference/groups';
import { mainReaction } from '../document/reactions';
import { introduced } from '../worktop/introduced';
import { kinds } from '../hazard/materials';
import { millilitres } from '../worktop/volumes';
import { placeName } from '../process/placeName';
import { phaseKinds } from '../worktop/matter/shelf';
import { Worktop } from '../worktop/worktop';
import type { Kind } from '../worktop/kinds';
import type { Matter } from '../worktop/matter/matter';
import type { PhaseKind } from '../worktop/matter/shelf';
import type { StepPrediction } from '../process/predictProcess';
import type { WasteStream } from '../reference/wasteStreams';
import type { World } from '../worktop/worktop';

/** One layer of one vessel, as it is poured away when the work is done. */
export interface Pour {
  readonly place: string;
  readonly label: string;
  readonly layer: PhaseKind;
  readonly stream: WasteStream;
  readonly matter: Matter;
  /** Names of what there is most of, most first. */
  readonly most: readonly string[];
  /** Of what is liquid. */
  readonly volume_mL?: number;
  /** mol of base in excess of neutral, negative of acid; of what holds water. */
  readonly excess_mol?: number;
}

/** Where everything that came onto a bench is at the end: with the product it adds up to what was charged. */
export interface Ends {
  readonly pours: readonly Pour[];
  /** What is kept: the stages that were measured and stand there still. */
  readonly kept: Matter;
  readonly air: Matter;
  readonly samples: Matter;
}

// A milligram and below clings to glass and goes with the washing up; it is counted all the same.
const least_g = 1e-3;
const neutral_pH = 7;
// An anhydride gives two of its acid, an acid chloride its acid and hydrogen chloride.
const acidsOfHydrolysis = 2;

/** Everything on a bench at the end of its procedure, by vessel and layer; lines that no step takes stand as they came. */
export function endsOf(world: World, steps: readonly StepPrediction[]): Ends {
  const last = steps.at(-1);
  const work = bare(world);
  const keeps = keeperOf(world, steps);
  const shelf = last?.shelf ?? {};
  const taken = new Set(steps.flatMap(({ lines }) => lines));
  const unused = world.plan.doc.lines.filter(({ id, supply }) => !taken.has(id) && supply === undefined);
  const streams = steps.flatMap((one) => one.streams);
  const leaving = (to: string) =>
    streams
      .filter((one) => one.to === to)
      .map(({ matter }) => matter)
      .reduce(plus, nothing);
  const layers = Object.entries(shelf).flatMap(([place, { phases }]) =>
    phaseKinds.map((layer) => ({ place, layer, matter: phases[layer] ?? nothing })),
  );
  return {
    pours: [
      ...layers.flatMap(({ place, layer, matter }) =>
        pourOf(work, {
          place,
          label: placeName(world.plan.doc, place),
          layer,
          matter: without(matter, keeps(place, matter)),
        }),
      ),
      ...unused.flatMap(({ id, role }) =>
        pourOf(work, {
          place: id,
          label: `${world.facts.lines.get(id)?.name ?? id}, not used by any step`,
          layer: role === 'drying agent' || role === 'aid' ? 'solid' : 'liquid',
          matter: introduced(work, id),
        }),
      ),
    ],
    kept: layers.map(({ place, matter }) => keeps(place, matter)).reduce(plus, nothing),
    air: leaving('air'),
    samples: plus(leaving('sample'), leaving('agent')),
  };
}

/** A worktop with nothing on it and of no operation, to ask models that need one. */
function bare(world: World): Worktop {
  const step = { id: 'waste', op: '', opVersion: 1, params: {}, time: { typical_min: 0, attended: false } };
  return new Worktop(world, { step, runs: [] }, { shelf: {}, product: '' });
}

/**
 * What is kept of what a place holds: all of a stage where it was measured and not poured out since. Where nothing is measured, what the
 * preparation is for, where the work stands at the end.
 */
function keeperOf(
  { plan: { doc } }: World,
  steps: readonly StepPrediction[],
): (place: string, matter: Matter) => Matter {
  const last = steps.at(-1);
  if (!last) return () => nothing;
  const measured = Object.values(last.stages ?? {}).filter((place) => !last.shelf[place]?.poured);
  if (measured.length > 0) return (place, matter) => (measured.includes(place) ? matter : nothing);
  const product = doc.stages.at(-1)?.substance ?? mainReaction(doc)?.product;
  return (place, matter) =>
    place === last.product && product !== undefined ? { [product]: matter[product] ?? 0 } : nothing;
}

const mostNamed = 3;

/** What somebody who washes up would call it; what has no name of its own formed on the way. */
function namesOfMost({ kind }: World, matter: Matter): readonly string[] {
  const most = Object.entries(matter).sort(([, a], [, b]) => b - a);
  const name = ({ invented, water, name: own }: Kind) => (invented && !water ? 'what formed on the way' : own);
  return [...new Set(most.slice(0, mostNamed).map(([id]) => name(kind(id))))];
}

function pourOf(work: Worktop, one: Pick<Pour, 'place' | 'label' | 'layer' | 'matter'>): readonly Pour[] {
  const grams = gramsOf(one.matter);
  if (!(grams > 0)) return [];
  const { kind } = work.world;
  const wet = Object.keys(one.matter).some((id) => kind(id).water && (one.matter[id] ?? 0) > least_g);
  return [
    {
      ...one,
      most: namesOfMost(work.world, one.matter),
      stream: streamOf(work, one),
      ...(one.layer === 'solid' ? {} : { volume_mL: millilitres(kind, one.matter) }),
      ...(wet && one.layer !== 'organic' ? { excess_mol: excessIn(work, one.matter) } : {}),
    },
  ];
}

/** Base in excess of neutral, mol; what water takes apart counts as the two acids that come of it. */
function excessIn(work: Worktop, matter: Matter): number {
  const acids = Object.entries(matter).reduce((sum, [id, grams]) => {
    const { M } = work.world.kind(id);
    return M !== undefined && hydrolysed(work, matter, id) ? sum + (acidsOfHydrolysis * grams) / M : sum;
  }, 0);
  return excessCharge(work, matter, neutral_pH) - acids;
}

/** The stream of a layer, by what is in it: where it must not go comes before where it could. */
function streamOf(work: Worktop, { layer, matter }: Pick<Pour, 'layer' | 'matter'>): WasteStream {
  const { doc } = work.world.plan;
  const grams = gramsOf(matter);
  const held = Object.keys(matter).filter((id) => (matter[id] ?? 0) > least_g);
  const said = (id: string): WasteStream | undefined =>
    doc.lines.find(({ substance, waste }) => substance === id && waste !== undefined)?.waste ??
    work.world.kind(id).substance?.waste ??
    (holdsHeavyMetal(work.world.kind(id).substance?.formula) ? 'heavy-metal' : undefined);
  const some = (stream: WasteStream) => held.some((id) => said(id) === stream);
  if (some('heavy-metal')) return 'heavy-metal';
  if (some('oxidizer')) return 'oxidizer';
  if (layer === 'solid') return 'solid';
  const share = (wanted: (one: Kind) => boolean) =>
    held.reduce((sum, id) => sum + (wanted(work.world.kind(id)) ? (matter[id] ?? 0) : 0), 0) / grams;
  const halogenated = held.reduce((sum, id) => sum + (said(id) === 'halogenated' ? (matter[id] ?? 0) : 0), 0) / grams;
  const watery = share(({ water, inorganic, salt }) => water || inorganic || salt) > 0.5;
  if (!watery || layer === 'organic') return halogenated > 0.01 ? 'halogenated' : 'non-halogenated';
  return holdsOrganics(work, matter) ? 'aqueous-organic' : 'aqueous';
}

/** Water that is no mere acid, base or salt: an amine that neutralizing would free, or more organics than a few per cent. */
function holdsOrganics(work: Worktop, matter: Matter): boolean {
  const organic = Object.keys(matter).reduce((sum, id) => {
    const { water, inorganic, groups, invented } = work.world.kind(id);
    const mild = water || inorganic || hasGroup(groups, 'water');
    return sum + (mild || invented ? 0 : (matter[id] ?? 0));
  }, 0);
  return organic > 0.1 * gramsOf(matter) || freedBy(work, matter).length > 0;
}

/** Amines in acid, that bicarbonate would free. */
export function freedBy(work: Pick<Worktop, 'world'>, matter: Matter): readonly string[] {
  return Object.keys(matter).filter((id) => {
    const one = work.world.kind(id);
    const base = acidBaseOf(one)?.systems.some(({ charge, pKas }) => charge > 0 && (pKas.at(-1) ?? 0) > 3.5);
    return base && hasGroup(one.groups, 'amine') && (matter[id] ?? 0) > 10 * least_g;
  });
}

/** What meets in one bottle: base in excess of neutral, mol (negative of acid), and the carbon dioxide that comes by itself, g. */
export function met(world: World, matters: readonly Matter[]): { readonly excess_mol: number; readonly gas_g: number } {
  const work = bare(world);
  const all = matters.reduce(plus, nothing);
  return { excess_mol: excessIn(work, all), gas_g: gramsOf(shakeTogether(work, all).gas) };
}

/** Whether water has taken a substance apart by the time its layer is poured: an anhydride or acid chloride that stands in water. */
export const hydrolysed = (work: Pick<Worktop, 'world'>, matter: Matter, id: string): boolean => {
  const substance = work.world.kind(id).substance;
  return (
    substance !== undefined &&
    kinds.hydrolysing(substance) &&
    Object.keys(matter).some((one) => work.world.kind(one).water && (matter[one] ?? 0) > least_g)
  );
};
