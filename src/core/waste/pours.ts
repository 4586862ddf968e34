import { excessIn } from './acidIn';
import { bottleOf, isWatery } from './bottleOf';
import { shakeTogether } from '../worktop/layers';
import { gramsOf, nothing, plus, without } from '../worktop/matter/matter';
import { mainReaction } from '../document/reactions';
import { introduced } from '../worktop/introduced';
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
  /** Absent where somebody has to say first what it is. */
  readonly stream?: WasteStream;
  /** Substances of which nobody knows where they go, where that decides. */
  readonly unknown?: readonly string[];
  readonly matter: Matter;
  /** Names of what there is most of, most first. */
  readonly most: readonly string[];
  /** Of what is liquid. */
  readonly volume_mL?: number;
  /** mol of base in excess, negative of acid: of water to neutral, of solvents strong acid and base alone. */
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

// Of either layer, so that two are poured apart; drops of less go with the rest.
const layer_g = 0.05;
const layerShare = 0.02;

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
export function bare(world: World): Worktop {
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

/** What a layer of a vessel pours as: two liquids that do not mix are poured apart. */
function pourOf(work: Worktop, one: Pick<Pour, 'place' | 'label' | 'layer' | 'matter'>): readonly Pour[] {
  return (one.layer === 'liquid' ? parted(work, one.matter) : [{ layer: one.layer, matter: one.matter }]).flatMap(
    ({ layer, matter }) => {
      if (!(gramsOf(matter) > 0)) return [];
      const excess_mol =
        layer === 'solid' ? undefined : excessIn(work, matter, layer === 'liquid' && isWatery(work.world, matter));
      return [
        {
          ...one,
          layer,
          matter,
          most: namesOfMost(work.world, matter),
          ...bottleOf(work.world, { layer, matter }),
          ...(layer === 'solid' ? {} : { volume_mL: millilitres(work.world.kind, matter) }),
          ...(excess_mol === undefined ? {} : { excess_mol }),
        },
      ];
    },
  );
}

/** Water and a solvent that does not mix with it, as they part when they stand. */
function parted(work: Worktop, matter: Matter): readonly Pick<Pour, 'layer' | 'matter'>[] {
  // A powder by itself in a dish.
  if (Object.keys(matter).every((id) => work.world.kind(id).solid)) return [{ layer: 'solid', matter }];
  if (!isWatery(work.world, matter) && !hasWater(work, matter)) return [{ layer: 'liquid', matter }];
  const { organic, aqueous, gas } = shakeTogether(work, matter);
  // What is more acid than water takes organics up.
  const water = Object.entries(aqueous).reduce((sum, [id, grams]) => sum + (work.world.kind(id).water ? grams : 0), 0);
  const drops = gramsOf(organic) < Math.max(layer_g, layerShare * gramsOf(matter));
  if (drops || water < Math.max(layer_g, gramsOf(aqueous) / 2)) return [{ layer: 'liquid', matter }];
  return [
    { layer: 'organic', matter: organic },
    { layer: 'liquid', matter: plus(aqueous, gas) },
  ];
}

const hasWater = ({ world: { kind } }: Worktop, matter: Matter) =>
  Object.keys(matter).some((id) => kind(id).water && (matter[id] ?? 0) > layer_g);
