import { hazardFindings } from '@/core/hazard/hazardFindings';
import { planOf } from '@/core/process/planOf';
import { scenarios } from '../support/scenarios';
import { documentOfScenario } from '../support/scenarios/scenario';
import type { Finding } from '@/core/finding/finding';
import type { Said, Scenario } from '../support/scenarios/scenario';

/** Rules that say it. */
const rules: Readonly<Record<Said, readonly string[]>> = {
  flashesOff: [],
  ventNow: [],
  shakenWarm: [],
  closedBoils: [],
  boilsOff: [],
  intoHot: ['hazard.intoHot'],
  bathTooWarm: [],
  peroxideKept: [],
  explosiveKept: [],
  silverKept: [],
  acetonePeroxide: [],
  ovenVapour: [],
  flameStop: ['hazard.flameChosen'],
  geneticDefects: [],
  cancer: [],
  fertility: [],
  waterReactive: ['hazard.waterReactive'],
  chlorine: ['hazard.chlorine'],
  hotPlate: ['hazard.hot'],
  noAid: ['hazard.noAid'],
  noCondenser: [],
  waterIntoAcid: ['hazard.waterIntoAcid'],
};

interface Score {
  readonly must: number;
  readonly found: number;
  readonly mustNot: number;
  readonly silent: number;
  readonly missed: readonly string[];
  readonly false: readonly string[];
}

function scoreOf(scenario: Scenario): Score {
  const doc = documentOfScenario(scenario);
  const { plan } = planOf(doc);
  const found = [...hazardFindings(plan), ...plan.findings];
  const stepOf = ({ about }: Finding) =>
    about.step ?? doc.steps.find(({ params }) => about.line !== undefined && params['line'] === about.line)?.id;
  const says = (said: Said, step: string) =>
    found.some((one) => rules[said].includes(one.rule) && (step === '*' || stepOf(one) === step));
  const pairs = (all: Scenario['must'] = {}) =>
    Object.entries(all).flatMap(([step, words]) => words.map((said) => [step, said] as const));
  const [must, not] = [pairs(scenario.must), pairs(scenario.not)];
  const words = ([step, said]: readonly [string, Said]) => `${scenario.title}: ${said} at ${step}`;
  const missed = must.filter(([step, said]) => !says(said, step));
  const wrong = not.filter(([step, said]) => says(said, step));
  return {
    must: must.length,
    found: must.length - missed.length,
    mustNot: not.length,
    silent: not.length - wrong.length,
    missed: missed.map(words),
    false: wrong.map(words),
  };
}

// What is not said yet, or is said without need: these lists may only become shorter.
const notYet: readonly string[] = [
  'ether onto a solution that was just heated: flashesOff at ether',
  'a hot filtrate poured onto pentane: flashesOff at pour',
  'shaken with ether at room temperature: ventNow at shake',
  'shaken with dichloromethane at room temperature: ventNow at shake',
  'a solution of 60 °C shaken with ethyl acetate: shakenWarm at shake',
  'a closed vial with pentane at room temperature: closedBoils at shake',
  'a vial of acetone that was warmed to 50 °C, closed and shaken: closedBoils at shake',
  'methanol held at 80 °C for half an hour in an open flask: boilsOff at heat',
  'charcoal into what was boiled under reflux a moment ago: intoHot at charcoal',
  'boiling aids into what boils: intoHot at aids',
  'below 5 °C in air: bathTooWarm at cool',
  'below 10 °C in cold water: bathTooWarm at cool',
  'an ether boiled down to dryness, and one only shaken: peroxideKept at strip',
  'an ether distilled off at the water bath: peroxideKept at down',
  'dibenzoyl peroxide dried in the oven: explosiveKept at dry',
  'a picrate dried and ground: explosiveKept at dry',
  'a picrate dried and ground: explosiveKept at grind',
  'ammoniacal silver made and left to stand: silverKept at stand',
  'acetone, hydrogen peroxide and acid in one flask: acetonePeroxide at acid',
  'a cake washed with acetone goes into the oven: ovenVapour at dry',
  'a mutagen, a carcinogen and what harms the unborn child: geneticDefects at one',
  'a mutagen, a carcinogen and what harms the unborn child: cancer at two',
  'a mutagen, a carcinogen and what harms the unborn child: fertility at three',
];
const tooMuch: readonly string[] = [
  'bromine and water: no acid chloride: waterReactive at *',
  'bleach with bisulfite in excess beside it: what is left is quenched: chlorine at acid',
  'on a water bath no hot plate looks the same hot or cold; with aids set nothing is said of aids: hotPlate at *',
  'on a water bath no hot plate looks the same hot or cold; with aids set nothing is said of aids: noAid at *',
  'water onto a drop of sulfuric acid: waterIntoAcid at *',
];

describe('what must be said at the step, and what must not', () => {
  const scores = scenarios.map(scoreOf);
  const sum = (of: (one: Score) => number) => scores.reduce((all, one) => all + of(one), 0);

  test('forty scenarios and more, each with what must or must not be said', () => {
    expect(scenarios.length).toBeGreaterThanOrEqual(40);
    expect(sum(({ must }) => must)).toBeGreaterThanOrEqual(28);
    expect(sum(({ mustNot }) => mustNot)).toBeGreaterThanOrEqual(30);
  });

  test('what is missed, and what is said without need', () => {
    expect(scores.flatMap(({ missed }) => missed)).toEqual(notYet);
    expect(scores.flatMap((one) => one.false)).toEqual(tooMuch);
  });
});
