import { benchState } from '@/core/bench/benchState';
import { fullDocument } from '../support/fullDocument';
import { acetanilideRun } from '@/data/acetanilideRun';
import { benchResults } from '@/core/results/benchResults';
import { computePlan } from '@/core/plan/plan';
import { expressionOf, renderWorking } from '@/core/words/renderWorking';
import { formulaCatalogue } from '@/core/words/formulaCatalogue';
import { roundToStep } from '@/core/quantity/decimals';
import { benchCharge } from '@/core/bench/benchCharge';
import { foldRecord } from '@/core/record/foldRecord';
import { classResults } from '@/core/results/classResults';
import { carbonDioxide } from '@/core/hazard/gas';
import { processPlan } from '@/core/process/processPlan';
import { recipe } from '@/core/reference/recipe';
import { wastePlan } from '@/core/waste/wastePlan';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { demoRecord } from '@/data/demoRecord';
import { stateOfScript } from '../support/demoRun';
import { acetanilide, dienone, shippedPreparations, smallPreparation } from '../support/preparations';
import { entriesOf, reading } from '../support/record';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { Dim } from '@/core/quantity/dims';
import type { Body } from '@/core/record/entry';
import type { Pin, Preparation } from '@/core/document/document';
import type { Worked } from '@/core/quantity/worked';

// Every working that the product can show is evaluated anew from the printed expression, in SI units, and must give the
// number it claims: a wrong formula text, a wrong input or a forgotten factor of 1000 would not survive.
const si: Readonly<Record<Dim, number>> = {
  mass: 1e-3,
  volume: 1e-6,
  amount: 1,
  temperature: 1,
  temperatureDifference: 1,
  // K/min in K/s.
  heatingRate: 1 / 60,
  time: 1,
  pressure: 1e3,
  density: 1e3,
  concentration: 1e3,
  molarMass: 1e-3,
  molarVolume: 1e-3,
  volumePerMass: 1e-3,
  length: 1e-2,
  fraction: 1,
  number: 1,
};

function evaluate(worked: Worked): number {
  const names = Object.keys(worked.inputs);
  const source = expressionOf(worked).replace(/·/g, '*').replace(/−/g, '-').replace(/\^/g, '**').replace(/;/g, ',');
  const values = names.map(
    (name) => (worked.inputs[name]?.q.value ?? NaN) * si[worked.inputs[name]?.q.dim ?? 'number'],
  );
  const round = (x: number, d: number) => {
    const scale = si[worked.q.dim];
    return Number(roundToStep(x / scale, (d / scale).toFixed(4))) * scale;
  };
  const median = (...all: number[]) => {
    const sorted = all.sort((a, b) => a - b);
    return ((sorted[Math.floor((all.length - 1) / 2)] ?? NaN) + (sorted[Math.ceil((all.length - 1) / 2)] ?? NaN)) / 2;
  };
  return new Function('round', 'median', ...names, `return ${source}`)(round, median, ...values) as number;
}

function everyWorked(value: unknown): readonly Worked[] {
  const seen = new Set<unknown>();
  const found: Worked[] = [];
  const visit = (one: unknown) => {
    if (one === null || typeof one !== 'object' || seen.has(one)) return;
    seen.add(one);
    if ('formula' in one && 'inputs' in one) found.push(one as Worked);
    (one instanceof Map ? [...one.values()] : Object.values(one)).forEach(visit);
  };
  visit(value);
  return found;
}

const pins: readonly Pin[] = [
  { at: 'factor', digits: '1.7' },
  { at: 'line', line: 'wash', digits: '7.5', unit: 'mL', over: 'bench' },
  { at: 'line', line: 'wash', digits: '150', unit: 'mL', over: 'class' },
  { at: 'product', digits: '3.3', unit: 'g', percent: '65' },
  { at: 'vessel', vessel: 'flask', digits: '100', percent: '40' },
];

const odd = (): Preparation => {
  const doc = smallPreparation(
    [
      {
        formula: 'C7H6O2',
        coefficient: 1,
        entered: { by: 'mass', digits: '5.00', unit: 'g' },
        strength: { by: 'massFraction', digits: '98.5' },
      },
      {
        formula: 'Ba(OH)2',
        coefficient: 2,
        entered: { by: 'equivalents', digits: '13.0' },
        strength: { by: 'molarity', digits: '0.20' },
      },
    ],
    { formula: 'C8H8O2', coefficient: 1, density: '1.08' },
  );
  const [a, b] = doc.lines as [Preparation['lines'][number], Preparation['lines'][number]];
  return {
    ...doc,
    lines: [
      a,
      { ...b, delivers: { substance: 'b', count: 2 } },
      { ...b, id: 'b2', portions: 3, entered: { by: 'molPercent', digits: '45' } },
      { ...a, id: 'a2', portions: 2 },
      { ...a, id: 'a3', entered: { by: 'equivalents', digits: '0.2' } },
    ],
  };
};

const plans = [
  ...[acetanilide(), dienone()].flatMap((doc) => pins.map((pin) => computePlan({ ...doc, pin }))),
  computePlan(acetanilide()),
  computePlan(odd()),
];
const weighed = [
  reading('aniline', 'full', '24.31 g', { device: 'balance-001' }),
  reading('aniline', 'empty', '22.02 g', { device: 'balance-001' }),
  reading('anhydride', 'volume', '2.50 mL', { device: 'pipette-5' }),
  reading('wash', 'volume', '9.8 mL', { device: 'cylinder-10' }),
];
const bench = benchCharge(acetanilide(), foldRecord(entriesOf(weighed)));
const benches = Object.entries(demoRecord).map(([name, { steps }]) => ({
  bench: name,
  state: stateOfScript(steps, { meltingCorrection: { digits: '-0.4', unit: 'K', entry: 'x' } }),
}));
const halfTakenOn = benchResults(stateOfScript(acetanilideRun({ crude: ['2.58'], massIn: '1.29' })));
const library = (id: string) => [...shippedSubstances, ...shippedSolutions].find((one) => one.id === id);
const recipes = ['hydrochloric-acid-2m', 'sodium-hydroxide-2m', 'acetic-acid-6m'].map((id) => {
  const solution = library(id) as ReferenceSolution;
  return recipe(solution, { digits: '250', value: 250 }, library(solution.madeFrom ?? ''));
});
const normalized = computePlan({ ...odd(), conventions: { equivalents: 'normalized' } });
// One with a procedure, and what an equation leaves before there is one.
const waste = [acetanilide(), odd(), { ...acetanilide(), steps: [] }].map((doc) => wastePlan(computePlan(doc)));
const chargedAcid = computePlan(acetanilide()).lines.find(({ facts }) => facts.line.id === 'acid')?.total.amount;
const gas = ['carbonate', 'bicarbonate'].map((one) =>
  carbonDioxide({ groups: { [one]: 1 }, amount: chargedAcid }, [
    { formula: 'C2H4O2', groups: { carboxylicAcid: 1 }, amount: chargedAcid },
    { formula: 'H2SO4', groups: { mineralAcid: 1 }, amount: chargedAcid },
  ]),
);
/** A product whose solubility in water is known at one temperature only. */
const onePoint = (): Preparation => {
  const doc = acetanilide();
  const waterSolubility = { digits: '0.56', at_C: 25, source: 'made up', check: 'from memory' as const };
  return {
    ...doc,
    substances: doc.substances.map(({ solubility: _curve, ...one }) => ({ ...one, waterSolubility })),
  };
};
const foreseen = [
  ...plans.map((plan) => processPlan(plan)),
  ...shippedPreparations().map(([, doc]) => processPlan(computePlan(doc))),
  processPlan(computePlan(onePoint())),
];
// An intermediate that is weighed, and what follows it.
const weighedStage = (step: string, digits: string): Body => ({
  k: 'reading',
  place: { step, slot: 'net' },
  digits,
  unit: 'g',
});
const chain = benchState(
  fullDocument(),
  entriesOf([
    reading('bromide', 'volume', '5.00 mL'),
    reading('magnesium', 'net', '1.22 g'),
    reading('ketone', 'net', '3.00 g'),
    reading('quench', 'volume', '30.0 mL'),
    weighedStage('weigh-alcohol', '2.80'),
    reading('acid', 'net', '17.00 g'),
    weighedStage('weigh-ester', '1.90'),
  ]),
);
/** A plate at the end of the shipped preparation, with its front and two spots. */
const plate = () => {
  const doc = acetanilide();
  const params = { of: 'pure', lanes: ['product', 'aniline'], seen: 'ultraviolet lamp' };
  const step = { id: 'plate', op: 'thinLayer', opVersion: 1, params, time: { typical_min: 10, attended: true } };
  const distance = (slot: string, digits: string, item?: string): Body => ({
    k: 'reading',
    place: { step: 'plate', slot, ...(item === undefined ? {} : { item }) },
    digits,
    unit: 'cm',
  });
  const entries = [distance('front', '5.0'), distance('spot', '2.1', 'A'), distance('spot', '31', 'B')];
  return benchState({ ...doc, steps: [...doc.steps, step] }, entriesOf(entries)).steps.at(-1)?.outcome;
};
const all = [
  ...plans,
  plate(),
  chain.charge,
  benchResults(chain),
  foreseen,
  bench,
  benches,
  halfTakenOn,
  classResults(benches),
  recipes,
  waste,
  gas,
  normalized,
].flatMap((plan) => everyWorked(plan));

test('every working, evaluated from its own text, gives its number', () => {
  expect(all.length).toBeGreaterThan(1000);
  for (const worked of all) {
    const again = evaluate(worked) / si[worked.q.dim];
    const scale = Math.max(Math.abs(worked.q.value), 1e-9);
    expect([worked.formula, Math.abs(again - worked.q.value) / scale < 1e-9]).toEqual([worked.formula, true]);
  }
});

test('every formula of the catalogue that the plan uses was seen', () => {
  const seen = new Set(all.map(({ formula }) => formula));
  expect(Object.keys(formulaCatalogue).filter((formula) => !seen.has(formula as Worked['formula']))).toEqual([]);
});

test('a printed working can be followed on a calculator', () => {
  const mass = computePlan(acetanilide()).charge.product?.mass as Worked;
  const { numbers, result } = renderWorking(mass);
  const value = numbers.split('·').reduce((product, part) => product * parseFloat(part), 1) / 1000;
  expect(value.toFixed(2)).toBe(parseFloat(result).toFixed(2));
});
