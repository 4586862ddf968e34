import { implied } from '@/core/worktop/kinds';
import { molarVolume_L } from '@/core/models/molarVolume';
import { planOf } from '@/core/process/planOf';
import { predictProcess } from '@/core/process/predictProcess';
import { jobDocument } from '../support/jobs/job';
import type { Job } from '../support/jobs/job';

/** Litres of carbon dioxide that leave while acid and carbonate come together in some order. */
function litres(order: readonly ('acid' | 'base')[], base: string, amount: string): number {
  const lines: Job['lines'] = {
    vanillin: ['material', '0.10 g', { vessel: 'beaker' }],
    acid: [
      'reagent in excess',
      '25 mL',
      { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m', vessel: 'beaker' },
    ],
    base: ['reagent in excess', amount, { substance: base, vessel: 'beaker' }],
  };
  const doc = jobDocument({
    title: 'Fizzing',
    reactions: {},
    reference: 'vanillin',
    lines,
    vessels: { beaker: ['beaker', 250] },
    stages: { vanillin: ['Vanillin', 'vanillin', { by: 'content', line: 'vanillin' }] },
    steps: Object.fromEntries(
      ['vanillin', ...order].map((line) => [line, ['charge', { line }, { in: 'beaker' }] as const]),
    ),
  });
  const { steps } = predictProcess(planOf(doc).plan);
  const grams = steps
    .flatMap(({ streams }) => streams)
    .reduce((sum, { matter }) => sum + (matter[implied.carbonDioxide.id] ?? 0), 0);
  return (grams / implied.carbonDioxide.M) * molarVolume_L;
}

// 50 mmol of acid.
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
  const lines: Job['lines'] = {
    acid: ['reactant', '2.0 g', { substance: 'citric-acid', vessel: 'beaker' }],
    base: ['reagent in excess', '2.0 g', { substance: 'sodium-bicarbonate', vessel: 'beaker' }],
    water: ['solvent', '20 mL', { vessel: 'beaker' }],
  };
  const doc = jobDocument({
    title: 'Dry',
    reactions: {},
    reference: 'acid',
    lines,
    vessels: { beaker: ['beaker', 250] },
    stages: { acid: ['Acid', 'citric-acid', { by: 'content', line: 'acid' }] },
    steps: Object.fromEntries(
      Object.keys(lines).map((line) => [line, ['charge', { line }, { in: 'beaker' }] as const]),
    ),
  });
  const gas = predictProcess(planOf(doc).plan).steps.map(({ streams }) =>
    streams.reduce((sum, { matter }) => sum + (matter[implied.carbonDioxide.id] ?? 0), 0),
  );
  expect(gas.slice(0, 2)).toEqual([0, 0]);
  expect(gas[2]).toBeGreaterThan(0.9);
});
