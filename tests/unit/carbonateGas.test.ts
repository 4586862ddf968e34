import { documentOfScenario } from '../support/scenarios/scenario';
import { implied } from '@/core/worktop/kinds';
import { molarVolume_L } from '@/core/models/molarVolume';
import { planOf } from '@/core/process/planOf';
import { cold, water } from '../support/scenarios/parts';
import type { Job } from '../support/jobs/job';

/** Carbon dioxide that leaves while things come into a flask one after the other, g at each. */
function gasOf(lines: Job['lines'], order = Object.keys(lines)): readonly number[] {
  const steps = Object.fromEntries(order.map((line) => [line, ['charge', { line }, cold] as const]));
  const { prediction } = planOf(documentOfScenario({ title: 'Fizzing', lines, steps })).process;
  return prediction.steps.map(({ streams }) =>
    streams.reduce((sum, { matter }) => sum + (matter[implied.carbonDioxide.id] ?? 0), 0),
  );
}

/** Litres of it while 50 mmol of acid and a carbonate come together in some order. */
function litres(order: readonly ('acid' | 'base')[], base: string, amount: string): number {
  const grams = gasOf(
    {
      vanillin: ['material', '0.10 g'],
      acid: ['reagent in excess', '25 mL', { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m' }],
      base: ['reagent in excess', amount, { substance: base }],
    },
    ['vanillin', ...order],
  );
  return (grams.reduce((sum, one) => sum + one, 0) / implied.carbonDioxide.M) * molarVolume_L;
}

test('soda into acid loses its gas on the way, by the acid alone, however much follows', () => {
  const wanted = 0.025 * molarVolume_L;
  for (const amount of ['50 mmol', '75 mmol', '100 mmol']) {
    expect(litres(['acid', 'base'], 'sodium-carbonate', amount)).toBeGreaterThan(0.75 * wanted);
    expect(litres(['acid', 'base'], 'sodium-carbonate', amount)).toBeLessThan(1.05 * wanted);
    expect(litres(['base', 'acid'], 'sodium-carbonate', amount)).toBeLessThan(0.1 * wanted);
  }
});

test('bicarbonate gives the gas of the smaller of both in either order', () => {
  for (const [amount, mol] of [
    ['30 mmol', 0.03],
    ['50 mmol', 0.05],
    ['100 mmol', 0.05],
  ] as const)
    for (const order of [['acid', 'base'] as const, ['base', 'acid'] as const]) {
      const gas = litres(order, 'sodium-bicarbonate', amount) / (mol * molarVolume_L);
      expect(gas).toBeGreaterThan(0.85);
      expect(gas).toBeLessThan(1.1);
    }
});

test('dry, a carbonate and a solid acid give nothing; water sets it off', () => {
  const gas = gasOf({
    acid: ['reactant', '2.0 g', { substance: 'citric-acid' }],
    base: ['reagent in excess', '2.0 g', { substance: 'sodium-bicarbonate' }],
    water: water('20 mL'),
  });
  expect(gas.slice(0, 2)).toEqual([0, 0]);
  expect(gas[2]).toBeGreaterThan(0.9);
});
