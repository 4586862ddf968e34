import { isUnknownBase } from '@/core/worktop/acidBase';
import { kindOf } from '@/core/worktop/kinds';
import { planOf } from '@/core/process/planOf';
import { documentOfScenario } from '../support/scenarios/scenario';

test.each<readonly [formula: string, unknown: boolean]>([
  ['NaH', true],
  ['LiAlH4', true],
  ['NaNH2', true],
  ['C4H9Li', true],
  ['CH3MgBr', true],
  ['Na', true],
  ['NaCl', false],
  ['NaOH', false],
  ['Na2CO3', false],
  ['MgSO4', false],
  ['Al2O3', false],
  ['C7H8', false],
])('%s: a base that nobody knows is %s', (formula, unknown) => {
  expect(isUnknownBase(kindOf({ id: 'one', name: 'One', formula }))).toBe(unknown);
});

test('where a base stands that nobody knows, no pH is said', () => {
  const remarks = (base: string, amount: string) =>
    planOf(
      documentOfScenario({
        title: 'Acid to a base',
        own: base === 'sodium-hydroxide' ? {} : { [base]: { name: 'Butyllithium', formula: 'C4H9Li', form: 'liquid' } },
        lines: {
          acid: ['reactant', '1.0 g', { substance: 'benzoic-acid' }],
          base: ['reagent in excess', amount, { substance: base }],
          water: ['solvent', '50 mL', { substance: 'water' }],
          hcl: ['reagent in excess', '20 mL', { substance: 'hydrogen-chloride', bottle: 'hydrochloric-acid-2m' }],
        },
        steps: {
          ...Object.fromEntries(
            ['acid', 'base', 'water'].map((line) => [line, ['charge', { line }, { in: 'flask' }] as const]),
          ),
          set: ['neutralization', { of: 'product', line: 'hcl', low_pH: 1, high_pH: 2 }, { in: 'flask' }],
        },
      }),
    )
      .process.prediction.steps.at(-1)
      ?.remarks.join(' ') ?? '';
  expect(remarks('sodium-hydroxide', '1.0 g')).toMatch(/pH/);
  expect(remarks('sodium-hydroxide', '1.0 g')).not.toMatch(/No pH can be foreseen/);
  expect(remarks('butyl', '1.0 g')).toMatch(/No pH can be foreseen: .*butyllithium is not known here/);
  expect(remarks('butyl', '1.0 g')).not.toMatch(/brings it to pH/);
});
