import fc from 'fast-check';
import { computePlan } from '@/core/plan/plan';
import { molarMass } from '@/core/compound/molarMass';
import { mainExtents, smallPreparation } from '../support/preparations';
import type { Plan } from '@/core/plan/planTypes';
import type { Preparation } from '@/core/document/document';
import type { Species } from '../support/preparations';

const M = (formula: string) => {
  const result = molarMass(formula);
  if (!result.ok) throw new Error(result.why);
  return result.value.q.value;
};
const limiting = (plan: Plan) => mainExtents(plan)?.limiting.id;
const grams = (plan: Plan) => plan.charge.product?.mass?.q.value ?? NaN;
const line = (plan: Plan, id: string) => {
  const found = plan.lines.find(({ facts }) => facts.line.id === id);
  if (!found) throw new Error(id);
  return found;
};
const mmol = (digits: string) => ({ by: 'amount', digits, unit: 'mmol' }) as const;

// 2:1, 1:2 and 3:2 by hand: coefficients, amounts in mmol, limiting reagent, extent, excess of the other in per cent.
test.each([
  { ν: [2, 1], n: ['20.0', '10.9'], who: 'a', ξ: 10, excess: 9 },
  { ν: [2, 1], n: ['20.0', '9.0'], who: 'b', ξ: 9, excess: 11.111111111 },
  { ν: [1, 2], n: ['10.0', '15.0'], who: 'b', ξ: 7.5, excess: 33.333333333 },
  { ν: [1, 2], n: ['7.0', '15.0'], who: 'a', ξ: 7, excess: 7.1428571429 },
  { ν: [3, 2], n: ['30.0', '21.0'], who: 'a', ξ: 10, excess: 5 },
  { ν: [3, 2], n: ['33.0', '20.0'], who: 'b', ξ: 10, excess: 10 },
])('$ν with $n mmol: $who limits', ({ ν, n, who, ξ, excess }) => {
  const reactants = ν.map((coefficient, i) => ({ formula: 'C2H6O', coefficient, entered: mmol(n[i] as string) }));
  const plan = computePlan(smallPreparation(reactants, { formula: 'C4H8O2', coefficient: 1 }));
  expect(limiting(plan)).toBe(who);
  expect(mainExtents(plan)?.limiting.extent.q.value).toBeCloseTo(ξ / 1000, 12);
  const other = line(plan, who === 'a' ? 'b' : 'a');
  expect(other.extent?.excess.q.value).toBeCloseTo(excess / 100, 9);
  expect(grams(plan)).toBeCloseTo((ξ / 1000) * M('C4H8O2'), 9);
  // Losing the flip amount makes the two extents equal.
  const [νOther, nOther] = who === 'a' ? [ν[1], n[1]] : [ν[0], n[0]];
  expect((Number(nOther) / 1000 - (other.flip?.amount?.q.value ?? NaN)) / (νOther as number)).toBeCloseTo(ξ / 1000, 12);
});

test('pyrrole, by hand: 1.76 mL dione against 1.44 mL aniline is 15.0 to 15.8 mmol, 0.07 mL aniline flips it', () => {
  const plan = computePlan(
    smallPreparation(
      [
        { formula: 'C6H10O2', coefficient: 1, entered: { by: 'volume', digits: '1.76', unit: 'mL' }, density: '0.973' },
        { formula: 'C6H7N', coefficient: 1, entered: { by: 'volume', digits: '1.44', unit: 'mL' }, density: '1.022' },
      ],
      { formula: 'C12H13N', coefficient: 1 },
    ),
  );
  expect(limiting(plan)).toBe('a');
  expect(line(plan, 'a').total.amount?.q.value).toBeCloseTo(0.015, 4);
  expect(line(plan, 'b').total.amount?.q.value).toBeCloseTo(0.0158, 4);
  expect(line(plan, 'b').flip?.volume?.q.value).toBeCloseTo(0.07, 2);
  expect(grams(plan)).toBeCloseTo(2.57, 2);
});

test('hypochlorite oxidation, by hand: 57.5 mL of 1.50 M is 1.15 equiv; aged to 0.98 M it limits at 56.4 mmol and 6.32 g', () => {
  const run = (strength: string) =>
    computePlan(
      smallPreparation(
        [
          { formula: 'C7H14O', coefficient: 1, entered: { by: 'mass', digits: '8.56', unit: 'g' } },
          {
            formula: 'NaOCl',
            coefficient: 1,
            entered: { by: 'volume', digits: '57.5', unit: 'mL' },
            strength: { by: 'molarity', digits: strength },
          },
        ],
        { formula: 'C7H12O', coefficient: 1 },
      ),
    );
  const [fresh, aged] = [run('1.50'), run('0.98')];
  expect([limiting(fresh), limiting(aged)]).toEqual(['a', 'b']);
  expect(line(fresh, 'b').equivalents?.q.value).toBeCloseTo(1.15, 2);
  expect(grams(fresh)).toBeCloseTo(8.41, 2);
  expect(line(aged, 'b').total.amount?.q.value).toBeCloseTo(0.0564, 4);
  expect(grams(aged)).toBeCloseTo(6.32, 2);
});

test('the bottle counts: a hydrate weighs its water, an assay its impurity, a base with two hydroxides delivers two', () => {
  const anhydrous = computePlan(
    smallPreparation([{ formula: 'CuSO4', coefficient: 1, entered: { by: 'mass', digits: '15.961', unit: 'g' } }], {
      formula: 'CuO',
      coefficient: 1,
    }),
  );
  const hydrate = computePlan(
    smallPreparation(
      [{ formula: 'CuSO4·5H2O', coefficient: 1, entered: { by: 'mass', digits: '24.968', unit: 'g' } }],
      { formula: 'CuO', coefficient: 1 },
    ),
  );
  expect(grams(hydrate)).toBeCloseTo(grams(anhydrous), 3);
  const assay = computePlan(
    smallPreparation(
      [
        {
          formula: 'HCl',
          coefficient: 1,
          entered: { by: 'volume', digits: '10.0', unit: 'mL' },
          density: '1.18',
          strength: { by: 'massFraction', digits: '37' },
        },
      ],
      { formula: 'NaCl', coefficient: 1 },
    ),
  );
  // c = 10·(% w/w)·ρ/M for this acid, 11.97 mol/L.
  expect((line(assay, 'a').total.amount?.q.value ?? NaN) / 0.01).toBeCloseTo((10 * 37 * 1.18) / 36.46, 2);
  const base = smallPreparation([{ formula: 'Ca(OH)2', coefficient: 2, entered: mmol('5.0') }], {
    formula: 'H2O',
    coefficient: 2,
  });
  const two = { ...base, lines: base.lines.map((one) => ({ ...one, delivers: { substance: 'a', count: 2 } })) };
  expect(mainExtents(computePlan(two))?.limiting.extent.q.value).toBeCloseTo(0.005, 12);
});

// Exact rationals as oracle: amounts as integers of nmol, extents compared by cross multiplication in BigInt.
const reactant = fc.record({ n: fc.integer({ min: 1, max: 10 ** 9 }), ν: fc.integer({ min: 1, max: 9 }) });
const several = fc.array(reactant, { minLength: 1, maxLength: 6 });
const digitsOf = (nmol: number) => (nmol / 1e6).toFixed(6);
const build = (
  reactants: readonly { n: number; ν: number }[],
  νp = 1,
  way: (n: number) => Species['entered'] = (n) => mmol(digitsOf(n)),
): Preparation =>
  smallPreparation(
    reactants.map(({ n, ν }) => ({ formula: 'C6H7N', coefficient: ν, entered: way(n), density: '1.022' })),
    { formula: 'C8H9NO', coefficient: νp, density: '1.1' },
  );

test('limiting reagent and yield agree with exact rationals', () => {
  fc.assert(
    fc.property(several, fc.integer({ min: 1, max: 9 }), (reactants, νp) => {
      let best = 0;
      reactants.forEach(({ n, ν }, i) => {
        const now = reactants[best] as { n: number; ν: number };
        if (BigInt(n) * BigInt(now.ν) < BigInt(now.n) * BigInt(ν)) best = i;
      });
      const plan = computePlan(build(reactants, νp));
      const { n, ν } = reactants[best] as { n: number; ν: number };
      expect(limiting(plan)).toBe(String.fromCharCode(97 + best));
      expect(grams(plan) / (((n * 1e-9) / ν) * νp * M('C8H9NO'))).toBeCloseTo(1, 10);
    }),
  );
});

const close = (a: number, b: number) => expect(Math.abs(a / b - 1)).toBeLessThan(1e-11);

test('reordering the lines changes neither who limits nor the yield', () => {
  fc.assert(
    fc.property(several, fc.infiniteStream(fc.nat()), (reactants, keys) => {
      const doc = build(reactants);
      const order = doc.lines.map((one) => ({ one, key: keys.next().value as number })).sort((a, b) => a.key - b.key);
      const shuffled = computePlan({ ...doc, lines: order.map(({ one }) => one) });
      const plan = computePlan(doc);
      expect(limiting(shuffled)).toBe(limiting(plan));
      close(grams(shuffled), grams(plan));
    }),
  );
});

test('entering the same amount in another unit or another way changes nothing', () => {
  const ways: readonly ((n: number) => Species['entered'])[] = [
    (n) => ({ by: 'amount', digits: (n / 1e9).toFixed(9), unit: 'mol' }),
    (n) => ({ by: 'amount', digits: (n / 1e3).toFixed(3), unit: 'µmol' }),
    (n) => ({ by: 'mass', digits: String(n * 1e-9 * M('C6H7N')), unit: 'g' }),
    (n) => ({ by: 'mass', digits: String(n * 1e-6 * M('C6H7N')), unit: 'mg' }),
    (n) => ({ by: 'volume', digits: String((n * 1e-9 * M('C6H7N')) / 1.022), unit: 'mL' }),
  ];
  fc.assert(
    fc.property(several, fc.constantFrom(...ways), (reactants, way) => {
      const [plain, other] = [computePlan(build(reactants)), computePlan(build(reactants, 1, way))];
      close(grams(other), grams(plain));
      if (!mainExtents(plain)?.tie) expect(limiting(other)).toBe(limiting(plain));
    }),
  );
});

test('doubling all coefficients halves the extent and leaves limiting reagent and yield', () => {
  fc.assert(
    fc.property(several, (reactants) => {
      const once = computePlan(build(reactants));
      const twice = computePlan(
        build(
          reactants.map(({ n, ν }) => ({ n, ν: 2 * ν })),
          2,
        ),
      );
      expect(limiting(twice)).toBe(limiting(once));
      close(grams(twice), grams(once));
      close(
        (mainExtents(twice)?.limiting.extent.q.value ?? NaN) * 2,
        mainExtents(once)?.limiting.extent.q.value ?? NaN,
      );
    }),
  );
});

test('scaling by k scales the yield by k, and 1/k brings it back', () => {
  fc.assert(
    fc.property(several, fc.integer({ min: 2, max: 64 }), (reactants, k) => {
      const doc = build(reactants);
      const [once, up] = [computePlan(doc), computePlan({ ...doc, pin: { at: 'factor', digits: String(k) } })];
      close(grams(up), k * grams(once));
      expect(limiting(up)).toBe(limiting(once));
      const scaledUp = build(reactants.map(({ n, ν }) => ({ n: n * k, ν })));
      const back = computePlan({
        ...scaledUp,
        pin: { at: 'line', line: 'a', ...mmol(digitsOf(reactants[0]?.n ?? 0)), over: 'bench' },
      });
      close(grams(back), grams(once));
    }),
  );
});

test('a tie is called one whichever way the equal amounts were typed', () => {
  const doc = smallPreparation(
    [
      { formula: 'C6H7N', coefficient: 2, entered: { by: 'mass', digits: String(0.3 * M('C6H7N')), unit: 'g' } },
      { formula: 'C2H6O', coefficient: 1, entered: { by: 'amount', digits: '0.15', unit: 'mol' } },
    ],
    { formula: 'C8H9NO', coefficient: 1 },
  );
  expect(mainExtents(computePlan(doc))?.tie).toBe(true);
});
