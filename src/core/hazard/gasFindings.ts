import { rightOf } from '../document/reactions';
import { acidEquivalents, baseEquivalents } from './equivalents';
import { carbonDioxide } from './gas';
import { coefficientInput } from '../stoichiometry/extents';
import { derive } from '../stoichiometry/derive';
import { fact, finding } from '../finding/finding';
import { fromWorked } from '../quantity/worked';
import { gasOf } from '../compound/gases';
import { gasVolume } from './gas';
import { groupsOf } from '../reference/groups';
import { implied } from '../worktop/kinds';
import { kinds } from './materials';
import { litres } from './meetingFindings';
import { molarVolume_L } from '../models/molarVolume';
import { placeOf } from './placeOf';
import { names, namesInside } from './names';
import type { Reaction } from '../document/reaction';
import type { Finding } from '../finding/finding';
import type { PlaceSeen, PlanSeen, Present, Scene } from './scene';
import type { RuleId } from '../words/rules';

const ruleOf: Readonly<Record<string, RuleId>> = {
  base: 'hazard.gasIntoBase',
  acid: 'hazard.gasIntoAcid',
  outlet: 'hazard.gasOutlet',
  vent: 'hazard.gasVent',
  stop: 'hazard.gasPoison',
};

/** Gases: of the equation where the reaction runs, of carbonate where the process frees it, in a closed vial. */
export function gasFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  return scenes.flatMap((scene) => [
    ...ofCarbonate(plan, scene),
    ...scene.reactions.flatMap((reaction) => ofEquation(plan, scene, reaction)),
    ...closed(plan, scene),
  ]);
}

const least_L = 0.005;
const much_L = 0.05;
function ofCarbonate(plan: PlanSeen, scene: Scene): readonly Finding[] {
  const moles = (scene.air[implied.carbonDioxide.id] ?? 0) / implied.carbonDioxide.M;
  const [all, acids] = [carbonatesOf(scene), acidsOf(scene)];
  const most = all.length > 0 && acids.length > 0 ? mostOf(scene) : 0;
  const a = names(all);
  const b = acids.length > 0 ? namesInside(acids) : 'the acid in it';
  // As it is written, and if it is done the other way round: who stands beside it is warned of the second.
  if (scene.step && most * molarVolume_L >= much_L && most > muchMore * moles) {
    const hardlyAny = moles * molarVolume_L < least_L;
    const rule = hardlyAny ? 'hazard.carbonDioxideTurned' : 'hazard.carbonDioxideMost';
    const gas = hardlyAny ? {} : { gas: litres(moles) };
    return [finding(rule, 'caution', placeOf(plan, scene, []), { a, b, ...gas, most: litres(most) })];
  }
  if (moles * molarVolume_L >= least_L && all.length > 0)
    return [
      finding('hazard.carbonDioxide', moles * molarVolume_L >= much_L ? 'caution' : 'note', placeOf(plan, scene, []), {
        a,
        b,
        gas: litres(moles),
      }),
    ];
  // What little acid hangs on the glass frees may stay dissolved, or come at the first shake: as much is said.
  const film = filmOf(scene);
  if (film * molarVolume_L >= least_L && all.length > 0 && acids.length > 0)
    return [
      finding('hazard.carbonDioxide', 'note', placeOf(plan, scene, []), {
        a: names(all),
        b: namesInside(acids),
        gas: litres(film),
      }),
    ];
  // A table without steps: whatever shares a vessel is taken to meet.
  return scene.step === undefined ? scene.places.flatMap((place) => byAmounts(plan, scene, place)) : [];
}

// Below it both figures are the same to anybody's eye.
const muchMore = 3;

/** The most that can come where a step lets carbonate and acid meet, mol: all of the scarcer one, whatever the order. */
function mostOf({ places, came }: Scene): number {
  return places.reduce((sum, { here }) => {
    const all = [...here.values()];
    const carbonates = all.filter(({ substance }) => kinds.carbonate(substance));
    const acids = all.filter(({ substance }) => kinds.acid(substance));
    if (![...carbonates, ...acids].some(({ id }) => came.has(id))) return sum;
    const takes = baseEquivalents(carbonates);
    const moles = carbonates.reduce((total, one) => total + (one.moles ?? 0), 0);
    return takes > 0 ? sum + moles * Math.min(1, acidEquivalents(acids) / takes) : sum;
  }, 0);
}

/** Acid that stands where a carbonate is brought in, as far as there is carbonate for it, mol. */
function filmOf({ places, came }: Scene): number {
  return places.reduce((sum, { before, here }) => {
    const brought = [...here.values()].filter(({ id, substance }) => came.has(id) && kinds.carbonate(substance));
    const held = [...before.values()];
    const acid = Math.max(0, acidEquivalents(held) - baseEquivalents(held));
    return sum + Math.min(acid, baseEquivalents(brought));
  }, 0);
}

const presentIn = ({ places }: Scene) => places.flatMap(({ here }) => [...here.values()]);
const carbonatesOf = (scene: Scene) => presentIn(scene).filter(({ substance }) => kinds.carbonate(substance));
const acidsOf = (scene: Scene) => presentIn(scene).filter(({ substance }) => kinds.acid(substance));

function byAmounts(plan: PlanSeen, scene: Scene, { here }: PlaceSeen): readonly Finding[] {
  const all = [...here.values()];
  const acids = all.filter(({ substance }) => kinds.acid(substance));
  return all
    .filter(({ substance }) => kinds.carbonate(substance))
    .flatMap((one) => {
      if (acids.length === 0) return [];
      const about = placeOf(plan, scene, [one]);
      const args = { a: one.name, b: namesInside(acids) };
      const gas = carbonDioxide(counted(one), acids.map(counted));
      return gas
        ? [finding('hazard.carbonDioxide', 'caution', about, { ...args, gas: fact(gas.q, gas.unit, 2) })]
        : [finding('hazard.carbonDioxideUnknown', 'caution', about, args)];
    });
}

function counted({ substance, moles }: Present) {
  const { formula } = substance;
  const amount =
    moles === undefined
      ? undefined
      : derive({
          formula: 'taken',
          dim: 'amount',
          unit: 'mmol',
          value: moles,
          inputs: {
            x: {
              q: { dim: 'amount', value: moles },
              unit: 'mmol',
              figures: 3,
              source: { at: 'prediction', id: substance.id },
            },
          },
          figures: 3,
        });
  return { formula, groups: groupsOf(substance), amount };
}

/** What the equation gives off, from the extent of the charge: all of it, since a trap has to hold all. */
function ofEquation(plan: PlanSeen, scene: Scene, reaction: Reaction): readonly Finding[] {
  const extent = plan.charge.reactions.get(reaction.id)?.extents.limiting.extent;
  return rightOf(reaction)
    .filter(({ substance }) => substance !== reaction.product)
    .flatMap(({ substance: id, coefficient }) => {
      const substance = plan.doc.substances.find((one) => one.id === id);
      const gas = substance && gasOf(substance.formula);
      if (!substance || !gas || substance.form === 'liquid' || substance.form === 'solid') return [];
      const rule = ruleOf[gas.trap] as RuleId;
      const severity = gas.trap === 'stop' ? 'stop' : 'caution';
      const about = { ...placeOf(plan, scene, []), substance: id };
      if (!extent) return [finding(`${rule}Unknown` as RuleId, severity, about, { name: substance.name })];
      const amount = derive({
        formula: 'delivered',
        dim: 'amount',
        unit: 'mmol',
        value: coefficient * extent.q.value,
        inputs: { k: coefficientInput(coefficient), n_b: fromWorked(extent) },
      });
      const volume = gasVolume(amount);
      return [finding(rule, severity, about, { name: substance.name, gas: fact(volume.q, volume.unit, 2) })];
    });
}

/** A closed vial in which gas forms, or in which the mixture gets warm by itself. */
function closed(plan: PlanSeen, scene: Scene): readonly Finding[] {
  const { closed: vial } = scene.conditions;
  if (!vial) return [];
  const isGas = (substance: string) => {
    const one = plan.doc.substances.find(({ id }) => id === substance);
    return one?.form !== 'solid' && one?.form !== 'liquid' && gasOf(one?.formula) !== undefined;
  };
  const formed = scene.reactions.reduce((total, reaction) => {
    const extent = plan.charge.reactions.get(reaction.id)?.extents.limiting.extent.q.value ?? 0;
    const gases = rightOf(reaction).filter(({ substance }) => isGas(substance));
    return gases.reduce((sum, { coefficient }) => sum + coefficient * extent, total);
  }, 0);
  const moles = formed + (scene.air[implied.carbonDioxide.id] ?? 0) / implied.carbonDioxide.M;
  const every = fact({ dim: 'time', value: vial.vent_min * 60 }, 'min', vial.vent_min < 10 ? 1 : 2);
  const about = placeOf(plan, scene, []);
  return moles * molarVolume_L >= least_L
    ? [finding('hazard.closedGas', 'caution', about, { gas: litres(moles), every })]
    : [finding('hazard.closedWarm', 'note', about, { every })];
}
