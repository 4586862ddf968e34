import { fact, finding } from '../finding/finding';
import { boilingOf, wholeDegrees } from './boilingOf';
import { meansOf } from '../operations/named';
import { names } from './names';
import { troutonPressure } from '../models/vapour/troutonPressure';
import type { Finding } from '../finding/finding';
import type { PlaceSeen, PlanSeen, Present, Scene } from './scene';

/** A room can be as warm as this on a summer's day: safety counts what stands at room temperature so, °C. */
const warmRoom_C = 25;
/** A closed vessel so near to its content's boiling point is too warm, K. */
const near_K = 15;
/** Of what comes in so near to its boiling point, or above it, a part flashes off, K. */
const flashes_K = 5;
/** Less makes neither pressure nor vapour to speak of, g. */
const least_g = 0.5;
/** Share of the liquids from which on one of them boils by itself. */
const ofLiquids = 0.2;
/** Gauge pressure from which on a stopper moves, bar. */
const worthVent_bar = 0.25;
const long_min = 5;
/** Liquids that boil in between: below are gases that are dissolved, above is nothing that any bath boils. */
const [leastBoiling_C, mostBoiling_C] = [10, 400];

/** What follows from the warmth of what stands there: a content keeps its temperature from step to step. */
export function warmFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  // The same pressure is said once: every shaking has its own word on venting.
  const told = new Set<string>();
  return scenes.flatMap((scene) =>
    scene.step === undefined
      ? []
      : [
          ...unless(shaken(scene, told), flashesOff(scene)),
          ...closed(scene),
          ...boilsOff(scene),
          ...intoHot(plan, scene),
          ...bathTooWarm(scene),
        ],
  );
}

/** Shaken warm says what flashing off would say. */
const unless = (shakes: readonly Finding[], flashes: readonly Finding[]) =>
  shakes.some(({ rule }) => rule === 'hazard.shakenWarm') ? shakes : [...flashes, ...shakes];

/** Liquids of which the boiling point is known, the lowest first. */
function liquidsIn(all: ReadonlyMap<string, Present>): readonly Present[] {
  const isLiquid = ({ substance, grams = 0 }: Present) =>
    substance.form !== 'solid' &&
    grams >= least_g &&
    boilingOf(substance) > leastBoiling_C &&
    boilingOf(substance) < mostBoiling_C;
  return sorted([...all.values()].filter(isLiquid));
}

const gramsIn = (all: ReadonlyMap<string, Present>) => [...all.values()].reduce((sum, { grams = 0 }) => sum + grams, 0);
const about = ({ step }: Scene) => ({ step: step?.id ?? '' });

/** A volatile liquid meets a content, or a content it, that is warmer than it boils. */
function flashesOff(scene: Scene): readonly Finding[] {
  if (scene.conditions.boiling) return [];
  const [hot] = scene.places.filter(({ before }) => gramsIn(before) >= 2).sort((a, b) => b.before_C - a.before_C);
  if (!hot || hot.before_C <= warmRoom_C + flashes_K) return [];
  const strangers = scene.places.flatMap(({ here }) =>
    liquidsIn(here).filter(({ id, grams = 0 }) => (hot.before.get(id)?.grams ?? 0) < 0.1 * grams),
  );
  const flashing = strangers.filter((one) => boilingOf(one.substance) < hot.before_C + flashes_K);
  const [lowest] = flashing;
  return lowest
    ? [
        finding('hazard.flashesOff', 'caution', about(scene), {
          names: names(flashing),
          boiling: wholeDegrees(boilingOf(lowest.substance)),
          at: wholeDegrees(hot.before_C),
        }),
      ]
    : [];
}

/** Vapour on top of the air that was stoppered in: its pressure lifts the stopper or sprays. */
function shaken(scene: Scene, told: Set<string>): readonly Finding[] {
  if (!scene.conditions.shakes) return [];
  const warm = scene.places.filter(({ before }) => gramsIn(before) >= 2).map(({ before_C }) => before_C);
  const at_C = Math.max(warmRoom_C, ...warm);
  const all = unique(scene.places.flatMap(({ here }) => liquidsIn(here).filter((one) => isWorth(one, here))));
  const [lowest] = all;
  if (!lowest) return [];
  const pressing = all.filter((one) => gauge_bar(one, at_C) >= worthVent_bar);
  if (at_C > warmRoom_C + flashes_K && boilingOf(lowest.substance) - at_C < near_K)
    return [
      finding('hazard.shakenWarm', 'caution', about(scene), {
        name: lowest.name,
        boiling: wholeDegrees(boilingOf(lowest.substance)),
        at: wholeDegrees(at_C),
      }),
    ];
  if (pressing.every(({ id }) => told.has(id))) return [];
  for (const { id } of pressing) told.add(id);
  const pressure = Math.max(...pressing.map((one) => gauge_bar(one, at_C)));
  return [
    finding('hazard.ventNow', 'note', about(scene), {
      names: names(pressing),
      pressure: fact({ dim: 'pressure', value: pressure * kPaOfBar }, 'mbar', 2),
      at: wholeDegrees(at_C),
    }),
  ];
}

const kPaOfBar = 100;

/**
 * Pressure of the vapour over a liquid, bar, which is what a closed vessel has above the air in it (Dalton; Clausius and Clapeyron with
 * Trouton's rule from the boiling point: ether 0.7 bar at 25 °C).
 */
const gauge_bar = (one: Present, at_C: number) => (troutonPressure(boilingOf(one.substance), at_C) / 760) * 1.01325;

function closed(scene: Scene): readonly Finding[] {
  if (!scene.conditions.closed) return [];
  return scene.places.flatMap((place): readonly Finding[] => {
    const at_C = Math.max(warmRoom_C, place.before_C);
    const [lowest] = liquidsIn(place.here).filter((one) => isWorth(one, place.here));
    if (!lowest || boilingOf(lowest.substance) - at_C >= near_K) return [];
    return [
      finding('hazard.closedBoils', 'caution', about(scene), {
        name: lowest.name,
        boiling: wholeDegrees(boilingOf(lowest.substance)),
        at: wholeDegrees(at_C),
      }),
    ];
  });
}

/** Held hotter than it boils, with nothing that brings the vapour back, for longer than dissolving takes. */
function boilsOff(scene: Scene): readonly Finding[] {
  const { conditions, step } = scene;
  if (!step || conditions.boiling || conditions.refluxes || conditions.distils || conditions.vacuum) return [];
  const minutes = meansOf(step).acts_min ?? step.time.typical_min;
  if (minutes <= long_min) return [];
  return scene.places.flatMap((place): readonly Finding[] => {
    if (place.kept_C === undefined) return [];
    const liquids = liquidsIn(place.here);
    const all = liquids.reduce((sum, { grams = 0 }) => sum + grams, 0);
    const [lowest] = liquids.filter(({ grams = 0 }) => grams >= ofLiquids * all);
    if (!lowest || place.kept_C < boilingOf(lowest.substance) + flashes_K) return [];
    return [
      finding('hazard.boilsOff', 'caution', about(scene), {
        name: lowest.name,
        boiling: wholeDegrees(boilingOf(lowest.substance)),
        at: wholeDegrees(place.kept_C),
        time: fact({ dim: 'time', value: minutes * 60 }, 'min', 2),
      }),
    ];
  });
}

/** Charcoal and aids: grains on which what is near its boiling point erupts. */
function intoHot({ doc }: PlanSeen, scene: Scene): readonly Finding[] {
  const grains = doc.lines.filter(
    ({ id, role }) => role === 'aid' && scene.lines.includes(id) && !scene.conditions.intoHot?.includes(id),
  );
  return grains.flatMap((line): readonly Finding[] => {
    const name = doc.substances.find(({ id }) => id === line.substance)?.name ?? line.id;
    const erupts = scene.places.some(({ before, before_C }) =>
      liquidsIn(before).some((one) => isWorth(one, before) && boilingOf(one.substance) - before_C < 10),
    );
    return erupts ? [finding('hazard.intoHot', 'caution', { ...about(scene), line: line.id }, { name })] : [];
  });
}

function bathTooWarm(scene: Scene): readonly Finding[] {
  const { bath } = scene.conditions;
  if (!bath || bath.below_C >= bath.reaches_C) return [];
  return [
    finding('hazard.bathTooWarm', 'caution', about(scene), {
      below: wholeDegrees(bath.below_C),
      reaches: wholeDegrees(bath.reaches_C),
    }),
  ];
}

/** Enough of the liquids to make them boil. */
const isWorth = ({ grams = 0 }: Present, all: PlaceSeen['here']) =>
  grams >= 0.1 * liquidsIn(all).reduce((sum, one) => sum + (one.grams ?? 0), 0);

const sorted = (all: readonly Present[]) => [...all].sort((a, b) => boilingOf(a.substance) - boilingOf(b.substance));
const unique = (all: readonly Present[]) => sorted([...new Map(all.map((one) => [one.id, one])).values()]);
