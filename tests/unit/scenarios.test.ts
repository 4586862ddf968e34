import { hazardFindings } from '@/core/hazard/hazardFindings';
import { planOf } from '@/core/process/planOf';
import { scenarios } from '../support/scenarios';
import { documentOfScenario } from '../support/scenarios/scenario';
import type { Finding } from '@/core/finding/finding';
import type { Said, Scenario } from '../support/scenarios/scenario';

/** Rules that say it. */
const rules: Readonly<Record<Said, readonly string[]>> = {
  flashesOff: ['hazard.flashesOff'],
  ventNow: ['hazard.ventNow'],
  shakenWarm: ['hazard.shakenWarm'],
  closedBoils: ['hazard.closedBoils'],
  boilsOff: ['hazard.boilsOff'],
  intoHot: ['hazard.intoHot'],
  bathTooWarm: ['hazard.bathTooWarm'],
  peroxideKept: ['hazard.peroxide'],
  explosiveKept: ['hazard.explosive'],
  silverKept: ['hazard.silverKept'],
  acetonePeroxide: ['hazard.acetonePeroxide'],
  ovenVapour: ['hazard.ovenVapour'],
  flameStop: ['hazard.flameChosen'],
  burnerNear: ['hazard.burnerBefore', 'hazard.burnerBeside'],
  geneticDefects: ['hazard.geneticDefects'],
  cancer: ['hazard.cancer'],
  fertility: ['hazard.fertility'],
  waterReactive: ['hazard.waterReactive'],
  chlorine: ['hazard.chlorine'],
  hotPlate: ['hazard.hot'],
  noAid: ['hazard.noAid'],
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

describe('what must be said at the step, and what must not', () => {
  const scores = scenarios.map(scoreOf);
  const sum = (of: (one: Score) => number) => scores.reduce((all, one) => all + of(one), 0);

  test('forty scenarios and more, each with what must or must not be said', () => {
    expect(scenarios.length).toBeGreaterThanOrEqual(40);
    expect(sum(({ must }) => must)).toBeGreaterThanOrEqual(28);
    expect(sum(({ mustNot }) => mustNot)).toBeGreaterThanOrEqual(30);
  });

  test('what is missed, and what is said without need', () => {
    expect(scores.flatMap(({ missed }) => missed)).toEqual([]);
    expect(scores.flatMap((one) => one.false)).toEqual([]);
  });
});
