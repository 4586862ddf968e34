import { leftOf } from '../document/reactions';
import { adiabaticRise, dosingTime } from '../models/heat/reactionHeat';
import { fact, finding } from '../finding/finding';
import { kinds } from './materials';
import type { Finding } from '../finding/finding';
import type { Judged } from './materials';
import type { PlanSeen, Present, Scene } from './scene';

/** Enthalpy of what an addition sets off, kJ/mol: no document says it, the kind of reaction does roughly. */
interface Guess {
  readonly typical: number;
  readonly low: number;
  readonly high: number;
}

type Test = (substance: Judged) => boolean;
const either =
  (...tests: readonly Test[]): Test =>
  (one) =>
    tests.some((test) => test(one));

/** Usual enthalpies by kind of reaction (ranges as textbooks of process safety give them), the first that fits. */
const guesses: readonly (readonly [Test, Test, Guess])[] = [
  [kinds.readyAcid, kinds.hydroxide, { typical: -57, low: -52, high: -60 }],
  [either(kinds.organometallic, kinds.hydrides), () => true, { typical: -220, low: -120, high: -350 }],
  [kinds.nitricAcid, kinds.organic, { typical: -140, low: -110, high: -170 }],
  [kinds.oxidizer, kinds.organic, { typical: -250, low: -130, high: -400 }],
  [kinds.halogen, kinds.organic, { typical: -110, low: -60, high: -130 }],
  [either(kinds.acylating, kinds.hydrolysed), kinds.alcoholOrAmine, { typical: -95, low: -60, high: -130 }],
  [either(kinds.acylating, kinds.hydrolysed), kinds.water, { typical: -65, low: -50, high: -100 }],
];
const unknown: Guess = { typical: -100, low: -30, high: -250 };

function enthalpyOf(brought: Judged, others: readonly Judged[]): Guess {
  const fits = guesses.find(
    ([a, b]) =>
      (a(brought) && others.some((other) => b(other))) || (b(brought) && others.some((other) => a(other) && a !== b)),
  );
  return fits?.[2] ?? unknown;
}

const water_cp = 4.18;
const organic_cp = 2;
/** Heat through the wall of a stirred glass flask in a bath, W/(m²·K). */
const U = 150;
const iceBath_C = 0;
const roomBath_C = 20;

/** Surface of a sphere that holds a volume, m²: flasks are round, and half of it is wetted and in the bath. */
const wetted = (mL: number) => 0.5 * 4.836 * (mL / 1e6) ** (2 / 3);

/**
 * How much warmer an exothermic addition would make the flask all at once, and how long it takes dropwise below its ceiling; against
 * what the sheet gives. The enthalpy is a guess by the kind of reaction, with its range.
 */
export function additionHeat(plan: PlanSeen, { conditions, places, step }: Scene): readonly Finding[] {
  const { ceiling_C, cooled = false, dosed = [] } = conditions;
  if (!step || ceiling_C === undefined) return [];
  return dosed.flatMap((id): readonly Finding[] => {
    const row = plan.lines.find(({ facts }) => facts.line.id === id);
    const { addition, substance: of } = row?.facts.line ?? {};
    const place = places.find(({ here }) => of !== undefined && here.has(of));
    const brought = of === undefined ? undefined : place?.here.get(of);
    if (!row || !addition?.exothermic || !place || !brought) return [];
    const others = [...place.before.values()].filter((one) => one.id !== brought.id);
    const { typical, low, high } = enthalpyOf(
      brought.substance,
      others.map(({ substance }) => substance),
    );
    const moles = extentOf(plan, brought, row.total.amount?.q.value);
    const grams = sum([...place.here.values()]);
    if (moles === undefined || !(moles > 0) || !(grams > 0)) return [];
    const wet = sum([...place.here.values()].filter(({ substance }) => kinds.water(substance))) / grams;
    const heat = { extent_mol: moles, mass_g: grams, heatCapacity: wet * water_cp + (1 - wet) * organic_cp };
    const rise = (enthalpy: number) => adiabaticRise({ ...heat, enthalpy });
    const bath_C = cooled || ceiling_C <= roomBath_C + 5 ? iceBath_C : roomBath_C;
    const seconds = dosingTime(
      { enthalpy: typical, extent_mol: moles },
      { removal_W_per_K: U * wetted(grams), ceiling_C: Math.max(ceiling_C, bath_C + 1), bath_C },
    );
    const planned = addition.minutes * 60;
    const over = bath_C + rise(typical) > ceiling_C;
    const kelvins = (value: number) => fact({ dim: 'temperatureDifference', value }, 'K', 2);
    return [
      finding(
        planned < seconds ? 'hazard.dosedTooFast' : 'hazard.additionHeat',
        over || planned < seconds ? 'caution' : 'note',
        { step: step.id, line: id },
        {
          name: brought.name,
          rise: kelvins(rise(typical)),
          low: kelvins(rise(low)),
          high: kelvins(rise(high)),
          ceiling: fact({ dim: 'temperature', value: ceiling_C }, '°C', ceiling_C >= 100 ? 3 : 2),
          time: fact({ dim: 'time', value: Math.max(60, seconds) }, 'min', seconds >= 600 ? 2 : 1),
          planned: fact({ dim: 'time', value: planned }, 'min', planned >= 600 ? 2 : 1),
        },
      ),
    ];
  });
}

const sum = (all: readonly Present[]) => all.reduce((total, { grams = 0 }) => total + grams, 0);

/** Moles that react: the extent of the charge for a reactant, else all that is added. */
function extentOf({ doc, charge }: PlanSeen, { id, moles }: Present, amount: number | undefined): number | undefined {
  const reaction = doc.reactions.find((one) => leftOf(one).some(({ substance }) => substance === id));
  return (reaction && charge.reactions.get(reaction.id)?.extents.limiting.extent.q.value) ?? moles ?? amount;
}
