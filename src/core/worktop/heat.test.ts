import fc from 'fast-check';
import { computePlan } from '../plan/plan';
import { heatCapacityOf, leftToCool, timeConstant_s } from './heat';
import { kindsOf } from './madeKinds';
import { factsOf } from '../plan/facts';
import { Places } from './places';
import { predictProcess } from '../process/predictProcess';
import { room_C } from './matter/shelf';
import { documentOfScenario } from '../../../tests/support/scenarios/scenario';
import { scenarios } from '../../../tests/support/scenarios';
import type { Shelf } from './matter/shelf';

const doc = documentOfScenario(scenarios[0]!);
const kind = kindsOf(factsOf(doc));
const capacity = (matter: Readonly<Record<string, number>>) => heatCapacityOf(kind, matter);
/** Vessels that hold something warm or cold. */
const benchOf = (contents: Readonly<Record<string, readonly [grams: number, at_C: number]>>): Shelf =>
  Object.fromEntries(
    Object.entries(contents).map(([place, [grams, temperature_C]]) => [
      place,
      { phases: { liquid: { water: grams } }, temperature_C },
    ]),
  );

class Bench extends Places {
  pourIce(place: string, grams: number): void {
    this.put(place, 'liquid', this.asIce({ water: grams }));
  }

  heat(): number {
    return Object.keys(this.shelf).reduce(
      (sum, place) => sum + capacity(this.whole(place)) * this.content(place).temperature_C,
      0,
    );
  }
}

test('what is poured together keeps its heat: nothing of it is made or lost but what the room takes', () => {
  const one = fc.tuple(fc.double({ min: 0.5, max: 200, noNaN: true }), fc.double({ min: -80, max: 100, noNaN: true }));
  fc.assert(
    fc.property(one, one, fc.double({ min: 0.01, max: 1, noNaN: true }), (a, b, share) => {
      const bench = new Bench('mix', benchOf({ a, b }), capacity);
      const before = bench.heat();
      const part = Object.fromEntries(Object.entries(bench.phase('a', 'liquid')).map(([id, g]) => [id, g * share]));
      bench.put('b', 'liquid', bench.take('a', 'liquid', part));
      expect(bench.heat()).toBeCloseTo(before, 6);
      const [low, high] = [Math.min(a[1], b[1]), Math.max(a[1], b[1])];
      expect(bench.content('b').temperature_C).toBeGreaterThanOrEqual(low - 1e-9);
      expect(bench.content('b').temperature_C).toBeLessThanOrEqual(high + 1e-9);
    }),
  );
});

test('ice cools by what it takes to melt, and never below its melting point', () => {
  const bench = new Bench('ice', benchOf({ some: [100, 20], much: [100, 20] }), capacity);
  bench.pourIce('some', 10);
  // 100 g of water from 20 °C give 8360 J; 3340 J melt it, the rest is shared by 110 g.
  expect(bench.content('some').temperature_C).toBeCloseTo((100 * 4.18 * 20 - 3340) / (110 * 4.18), 6);
  bench.pourIce('much', 100);
  expect(bench.content('much').temperature_C).toBe(0);
});

test('an empty vessel takes the temperature of what comes into it', () => {
  const bench = new Bench('pour', benchOf({ hot: [50, 80] }), capacity);
  bench.pour('hot', 'beaker');
  expect(bench.content('beaker').temperature_C).toBe(80);
});

test('what stands comes nearer to the room, never past it, and in two halves as in one', () => {
  const shelf = benchOf({ hot: [50, 90], cold: [50, 0] });
  const of = (minutes: number, from = shelf) => leftToCool(from, kind, { minutes, held: new Set() });
  const twice = of(10, of(10));
  for (const place of ['hot', 'cold']) {
    expect(twice[place]?.temperature_C).toBeCloseTo(of(20)[place]?.temperature_C ?? NaN, 9);
    expect(Math.abs((of(5)[place]?.temperature_C ?? NaN) - room_C)).toBeLessThan(
      Math.abs((shelf[place]?.temperature_C ?? NaN) - room_C),
    );
  }
  expect(of(1e5)['hot']?.temperature_C).toBeCloseTo(room_C, 6);
  // A step that keeps it where it is lets nothing cool.
  expect(leftToCool(shelf, kind, { minutes: 60, held: new Set(['hot']) })['hot']?.temperature_C).toBe(90);
  // Twice as wide in each direction, twice as long.
  expect(timeConstant_s(kind, { water: 400 }) / timeConstant_s(kind, { water: 50 })).toBeCloseTo(2, 6);
});

test('through a procedure: hot while it is held, warm when the next thing comes in, cold after ice', () => {
  const at = (title: string, step: string) => {
    const found = scenarios.find((one) => one.title === title)!;
    const { steps } = predictProcess(computePlan(documentOfScenario(found)));
    return steps.find((one) => one.step.id === step)?.shelf['flask']?.temperature_C ?? NaN;
  };
  expect(at('ether onto a solution that was just heated', 'heat')).toBe(80);
  const warm = at('ether onto a solution that was just heated', 'ether');
  expect(warm).toBeGreaterThan(room_C + 10);
  expect(warm).toBeLessThan(80);
  expect(at('ether onto a solution that was cooled first', 'cool')).toBeLessThanOrEqual(0);
});
