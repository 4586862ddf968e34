import { leftOf } from '../document/reactions';
import { additionHeat } from './additionHeat';
import { airCondenserFrom_C } from '../operations/airCooled';
import { boilingOf, wholeDegrees } from './boilingOf';
import { burnsInRoom } from './fire';
import { fact, finding } from '../finding/finding';
import { kinds } from './materials';
import { namedBy } from '../operations/named';
import { names } from './names';
import type { Finding } from '../finding/finding';
import type { PlanSeen, Scene } from './scene';

/** Cautions that follow from what a step does, and from what its vessels hold by then. */
export function stepFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  const aided = new Set<string>();
  return scenes.flatMap((scene) => {
    prepare(plan, scene, aided);
    const found = of(plan, scene, aided);
    // Spent once the boiling has stopped.
    if (scene.conditions.boiling)
      for (const { place } of scene.places) if (!place.endsWith(stirred)) aided.delete(place);
    return found;
  });
}

const stirred = ' stirred';

/** Something against bumping that does not go into the hot liquid: boiling aids, or a stir bar, by vessel. */
function prepare({ doc }: PlanSeen, { step, lines, places, conditions }: Scene, aided: Set<string>): void {
  const here = [...new Set([...places.map(({ place }) => place)])];
  for (const id of lines) {
    const line = doc.lines.find((one) => one.id === id);
    const substance = doc.substances.find((one) => one.id === line?.substance);
    if (line?.role !== 'aid' || !substance || conditions.intoHot?.includes(id) || !isAid(substance)) continue;
    for (const place of line.vessel === undefined ? here : [line.vessel, ...here]) aided.add(place);
  }
  if (conditions.stirs || /\bstir(ring|rer)? ?bar|magnet/i.test(`${step?.text ?? ''}`))
    for (const place of here) aided.add(place).add(place + stirred);
}

/** Boiling stones have no formula, or are of an inert oxide or carbide; charcoal, filter aid and salts are no such thing. */
const isAid = ({ formula, name }: { formula?: string; name: string }) =>
  (formula === undefined || ['SiC', 'SiO2', 'Al2O3', 'C2F4'].includes(formula)) &&
  !/charcoal|carbon|filter|celite|kieselguhr|diatom|sodium|salt|seed|paper/i.test(name);

function of(plan: PlanSeen, scene: Scene, aided: ReadonlySet<string>): readonly Finding[] {
  const { conditions, places, step } = scene;
  if (step === undefined) return [];
  const about = { step: step.id };
  const named = (line: string) =>
    plan.lines.find(({ facts }) => facts.line.id === line)?.facts.substance.substance.name ?? line;
  return [
    ...(conditions.boiling ? [finding('hazard.sealed', 'caution', about)] : []),
    ...(conditions.bumps &&
    !conditions.moved &&
    !places.some(({ place }) => aided.has(place) || aided.has(place + stirred))
      ? [finding('hazard.noAid', 'caution', about)]
      : []),
    ...(conditions.hot && !conditions.onWater ? [finding('hazard.hot', 'note', about)] : []),
    ...(conditions.vacuum === 'suction' ? [finding('hazard.suction', 'note', about)] : []),
    ...(conditions.vacuum === 'rotary' ? [finding('hazard.rotary', 'note', about)] : []),
    ...(conditions.oven ? [finding('hazard.oven', 'note', about)] : []),
    ...(conditions.distils ? [finding('hazard.dryness', 'caution', about)] : []),
    ...condenser(scene),
    ...(conditions.intoHot ?? []).map((line) =>
      finding('hazard.intoHot', 'caution', { ...about, line }, { name: named(line) }),
    ),
    ...(conditions.dosed ?? []).flatMap((line) => {
      const exothermic = plan.doc.lines.find((one) => one.id === line)?.addition?.exothermic;
      return exothermic ? [finding('hazard.accumulates', 'caution', { ...about, line }, { name: named(line) })] : [];
    }),
    ...(conditions.ceiling_C === undefined
      ? []
      : [finding('hazard.ceiling', 'note', about, { ceiling: wholeDegrees(conditions.ceiling_C) })]),
    ...additionHeat(plan, scene),
    ...grinding(scene),
    ...coldStore(scene),
    ...induction(plan, scene),
    ...dissolvedSolvent(scene),
  ];
}

/** Hot vapour cracks a cold jacket: where head or reflux stand above about 140 °C; never with steam, never on a rotary flask. */
function condenser(scene: Scene): readonly Finding[] {
  const vapour = vapourOf(scene);
  if (!scene.step || vapour === undefined || vapour.at_C < airCondenserFrom_C) return [];
  return [
    finding(
      'hazard.airCondenser',
      'caution',
      { step: scene.step.id },
      { name: vapour.name, boiling: wholeDegrees(vapour.at_C) },
    ),
  ];
}

/** Temperature of the vapour that a step sends into a condenser, and what it is of. */
export function vapourOf({ conditions, places }: Scene): { readonly at_C: number; readonly name: string } | undefined {
  if (conditions.steam || !(conditions.distils || conditions.refluxes)) return undefined;
  const liquids = places
    .flatMap(({ here }) => [...here.values()])
    .filter(
      ({ substance, grams = 0 }) => Number.isFinite(boilingOf(substance)) && substance.form !== 'solid' && grams > 0,
    )
    .sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0));
  const told = (conditions.refluxes ?? conditions.distils)?.vapour_C;
  if (told !== undefined) {
    // The window tells: of what boils near it there is most of what goes over.
    const [near] = liquids.filter(({ substance }) => Math.abs(boilingOf(substance) - told) <= nearTo_K);
    return { at_C: told, name: near?.name ?? 'What goes over' };
  }
  const all = liquids.filter(({ grams = 0 }) => grams >= 0.1 * (liquids[0]?.grams ?? 0));
  const [hottest] = [...all].sort((a, b) => boilingOf(b.substance) - boilingOf(a.substance));
  return hottest && { at_C: boilingOf(hottest.substance), name: hottest.name };
}

const nearTo_K = 15;

function grinding({ conditions, places, step }: Scene): readonly Finding[] {
  if (!conditions.grinds || !step) return [];
  const all = places.flatMap(({ here }) => [...here.values()]);
  const sharp = all.filter(
    ({ substance }) => kinds.oxidizer(substance) || kinds.azide(substance) || kinds.perchlorate(substance),
  );
  return sharp.length === 0
    ? []
    : [finding('hazard.grindOxidizer', 'stop', { step: step.id }, { names: sharp.map(({ name }) => name).join('; ') })];
}

// Less makes no vapour to speak of.
const least_g = 0.05;

/** Vapour of what catches fire in a room gathers in a closed refrigerator. */
function coldStore({ conditions, places, step }: Scene): readonly Finding[] {
  if (!conditions.coldStore || !step) return [];
  const burning = places
    .flatMap(({ here }) => [...here.values()])
    .filter(({ substance, grams = least_g }) => grams >= least_g && burnsInRoom(substance));
  const all = names(burning);
  return all === '' ? [] : [finding('hazard.coldStore', 'caution', { step: step.id }, { names: all })];
}

const firstShare = 0.12;

/** Of what is dosed at most about a tenth is in before the start is seen. */
function induction(plan: PlanSeen, { conditions, step }: Scene): readonly Finding[] {
  if (!conditions.starts || !step) return [];
  const { doc } = plan;
  const now = doc.steps.findIndex(({ id }) => id === step.id);
  const grams = (lines: readonly string[], id: string) =>
    plan.lines
      .filter(({ facts }) => lines.includes(facts.line.id) && facts.line.substance === id)
      .reduce((sum, { total }) => sum + (total.mass?.q.value ?? 0), 0);
  const namedIn = (steps: typeof doc.steps) => steps.flatMap((one) => namedBy(one, 'line'));
  const [before, after] = [namedIn(doc.steps.slice(0, now)), namedIn(doc.steps.slice(now + 1))];
  const dosed = doc.substances.find(({ id }) => grams(before, id) > 0 && grams(after, id) > 0);
  const reactants = new Set(doc.reactions.flatMap(leftOf).map(({ substance }) => substance));
  const rest = doc.lines.some(({ id, substance }) => after.includes(id) && reactants.has(substance));
  if (!dosed) return rest ? [] : [finding('hazard.inductionAll', 'caution', { step: step.id })];
  const share = grams(before, dosed.id) / (grams(before, dosed.id) + grams(after, dosed.id));
  return share <= firstShare
    ? []
    : [
        finding(
          'hazard.inductionBulk',
          'caution',
          { step: step.id },
          {
            name: dosed.name,
            share: fact({ dim: 'fraction', value: share }, '%', 2),
          },
        ),
      ];
}

/** Water that was shaken with an ether still holds some: acid or base warms it, and it boils out. */
function dissolvedSolvent({ conditions, places, step }: Scene): readonly Finding[] {
  if (!conditions.setsPH || !step) return [];
  const held = places.flatMap(({ before }) => {
    const water = [...before.values()]
      .filter(({ substance }) => kinds.water(substance))
      .reduce((sum, { grams = 0 }) => sum + grams, 0);
    return [...before.values()].filter(
      ({ substance, grams = 0 }) =>
        kinds.flammable(substance) && boilingOf(substance) < 80 && grams >= 0.1 && grams < 0.2 * water,
    );
  });
  return held.length === 0
    ? []
    : [
        finding(
          'hazard.dissolvedSolvent',
          'caution',
          { step: step.id },
          { name: [...new Set(held.map(({ name }) => name))].join('; ') },
        ),
      ];
}
