import { recipe } from './recipe';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import type { ReferenceSolution } from './solution';

const byId = (id: string) => [...shippedSolutions, ...shippedSubstances].find((one) => one.id === id);
const of = (id: string, mL: number) => {
  const solution = byId(id) as ReferenceSolution;
  return recipe(solution, { digits: String(mL), value: mL }, byId(solution.madeFrom ?? ''));
};

test('from a solid: the mass of the dissolved amount', () => {
  // 2.0 mol/L · 0.25 L · 39.997 g/mol
  expect(of('sodium-hydroxide-2m', 250)?.mass?.q.value).toBeCloseTo(20.0, 2);
  expect(of('sodium-hydroxide-2m', 250)?.volume).toBeUndefined();
});

test('from a pure liquid: its volume too', () => {
  const made = of('acetic-acid-6m', 100);
  expect(made?.mass?.q.value).toBeCloseTo(36.03, 2);
  expect(made?.volume?.q.value).toBeCloseTo(36.03 / 1.049, 2);
});

test('from a stronger solution: the dissolved amount is kept', () => {
  for (const { id, molarity, madeFrom } of shippedSolutions) {
    const from = byId(madeFrom ?? '');
    if (!from || !('solute' in from)) continue;
    const volume = of(id, 500)?.volume?.q.value ?? NaN;
    expect(volume * Number(from.molarity.digits)).toBeCloseTo(500 * Number(molarity.digits), 9);
    expect(volume).toBeLessThan(500);
  }
});

test('what is used as bought has no recipe', () => {
  expect(of('hydrochloric-acid-37', 100)).toBeUndefined();
});

// The nominal concentration and the listed mass fraction with density are two ways to the same mass.
test('the mass by concentration agrees with the mass by mass fraction and density within 2 %', () => {
  for (const { id, massPercent, density } of shippedSolutions) {
    const mass = of(id, 100)?.mass?.q.value;
    if (mass === undefined) continue;
    const other = (100 * Number(density.digits) * Number(massPercent.digits)) / 100;
    expect([id, Math.abs(mass / other - 1) < 0.021]).toEqual([id, true]);
  }
});
