import fc from 'fast-check';
import { computePlan } from '../plan/plan';
import { exploreDistillation } from './distillation';
import { exploreExtraction } from './extraction';
import { exploreMelting } from './melting';
import { exploreRecrystallization } from './recrystallization';
import { fenskeStages } from '../models/distillation/fenske';
import { predictProcess } from '../process/predictProcess';
import { seedsOf } from './seeds';
import { washPlan } from '../models/washing/washPlan';
import { shipped } from '../../../tests/support/preparations';
import { liquidOf } from '../../../tests/support/liquids';

const extraction = {
  P: 10,
  pH: 7,
  into: 'solvent',
  aqueous_mL: 100,
  added_mL: 60,
  organic_mL: 60,
  portions: 3,
  inWater: 0,
} as const;

test('an extraction of a neutral substance is the closed form, whatever the pH', () => {
  const { chosen, byPH, byPortions, limit } = exploreExtraction(extraction);
  expect(chosen).toBeCloseTo((100 / (100 + 10 * 20)) ** 3, 12);
  expect(byPH).toEqual([]);
  expect(byPortions.map(({ left }) => left)).toEqual([...byPortions.map(({ left }) => left)].sort((a, b) => b - a));
  expect(limit).toBeCloseTo(Math.exp(-6), 12);
});

test('an acid at its pKa extracts with half its P; what goes into the solvent and what goes into water are turned round', () => {
  const acid = { ...extraction, kind: 'acid', pKa: 4.2, pH: 4.2 } as const;
  expect(exploreExtraction(acid).D).toBeCloseTo(5, 9);
  fc.assert(
    fc.property(fc.double({ min: 0.05, max: 50, noNaN: true }), (P) => {
      const one = { ...extraction, P, portions: 1, added_mL: 100, organic_mL: 100 };
      const out = exploreExtraction(one).chosen;
      const back = exploreExtraction({ ...one, into: 'water' }).chosen;
      expect(out + back).toBeCloseTo(1, 9);
    }),
  );
});

test('water that dissolves some of the solvent extracts less', () => {
  const { chosen, withMutual } = exploreExtraction({ ...extraction, inWater: 0.06 });
  expect(withMutual).toBeGreaterThan(chosen);
});

test('cuts add up to the distillate, recoveries to one less what stays; more stages win more, fewer than Fenske cannot', () => {
  const told: number[] = [];
  const answer = exploreDistillation(
    {
      pair: { lighter: liquidOf('cyclohexane', 84.16), heavier: liquidOf('toluene', 92.14) },
      lighter_mL: 25,
      heavier_mL: 25,
      stages: 6,
      reflux: 5,
      torr: 760,
      limits_C: [85, 107],
    },
    (done) => told.push(done),
  );
  const sum = (pick: (cut: (typeof answer.cuts)[number]) => number) =>
    answer.cuts.reduce((total, cut) => total + pick(cut), 0);
  expect(sum(({ volume_mL }) => volume_mL)).toBeCloseTo(answer.curve.at(-1)?.volume_mL ?? NaN, 6);
  expect(sum(({ recovery }) => recovery.lighter)).toBeLessThanOrEqual(1 + 1e-9);
  expect(sum(({ recovery }) => recovery.lighter)).toBeGreaterThan(0.99);
  const won = answer.byStages.map(({ lighter }) => lighter);
  won.forEach((share, i) => expect(share).toBeGreaterThanOrEqual((won[i - 1] ?? 0) - 1e-9));
  expect(told.at(-1)).toBeCloseTo(1, 9);
  // The first drop is no purer than total reflux with as many stages would make it.
  const alpha = 2.54;
  const first = answer.cuts[0]?.lighter ?? 0;
  expect(fenskeStages(first, 0.496, alpha)).toBeLessThan(6);
});

test('recrystallization: the textbook recovery without a rinse, nothing from too little solvent undissolved', () => {
  const points = [
    { T: 0, s: 0.005 },
    { T: 100, s: 0.05 },
  ];
  const base = {
    points,
    mass_g: 2,
    volume_mL: 60,
    hot_C: 100,
    cold_C: 0,
    rinse_mL: 0,
    impurity_g: 0,
    impuritySolubility: 1,
  };
  const answer = exploreRecrystallization(base);
  expect(answer.least_mL).toBeCloseTo(40, 9);
  expect(answer.recovery).toBeCloseTo(1 - (1.5 * 0.005) / 0.05, 9);
  expect(() => exploreRecrystallization({ ...base, hot_C: 110 })).toThrow('no solubility is known at 110');
  expect(exploreRecrystallization({ ...base, volume_mL: 30 }).undissolved_g).toBeCloseTo(0.5, 9);
});

test('an observed clear point leads back to the impurity that gives it; above the melting point to none', () => {
  const solid = { T_m: 114, fusion: 21, seen: 0.25 };
  const { clear_C } = exploreMelting({ ...solid, impurity: 0.04 });
  expect(exploreMelting({ ...solid, impurity: 0, observed_C: clear_C }).estimate).toBeCloseTo(0.04, 9);
  expect(exploreMelting({ ...solid, impurity: 0, observed_C: 115 }).estimate).toBeUndefined();
});

const seeds = (name: string) => {
  const plan = computePlan(shipped(name));
  return seedsOf(plan, predictProcess(plan));
};

test('explorers begin with the numbers of the preparation', () => {
  expect(seeds('cyclohexane-toluene').distillation).toMatchObject({
    lighter: 'cyclohexane',
    lighter_mL: 25,
    stages: 6,
  });
  expect(seeds('acid-base-neutral').extraction).toMatchObject({ into: 'water', added_mL: 30, portions: 2, pH: 8.3 });
  expect(seeds('methylcyclohexanone').extraction).toMatchObject({ into: 'solvent', added_mL: 60, portions: 3 });
  const { recrystallization } = seeds('acetanilide');
  expect(recrystallization?.volume_mL).toBeCloseTo(50, -0.5);
  expect(recrystallization?.mass_g).toBeCloseTo(2.56, 1);
});

test('the wash planner finds in the extract what the sheet washes out', () => {
  const { washing } = seeds('methylcyclohexanone');
  const plan = washPlan({
    impurities: washing?.impurities ?? [],
    product: { ketone: 1 },
    layer_mL: washing?.layer_mL ?? 1,
  });
  expect(washing?.impurities.map(({ name }) => name)).toContain('4-Methylcyclohexanol');
  expect(plan.washes.at(-1)?.treatment).toBe('brine');
});
