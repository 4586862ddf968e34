import { planOf } from '@/core/process/planOf';
import { documentOfScenario } from '../support/scenarios/scenario';
import { cold } from '../support/scenarios/parts';
import type { Job } from '../support/jobs/job';

type Line = Job['lines'][string];

/**
 * One thing into another, both at 20 °C, and by how much it gets warmer within a minute: enthalpies of neutralization, solution and
 * dilution as handbooks have them, over the heat that the mixture takes; glass and the room take a little. Written before the rule was.
 */
const mixed: readonly (readonly [title: string, there: Line, comes: Line, least_K: number, most_K: number])[] = [
  [
    'strong acid and strong base, 1 M',
    solution('hydrogen-chloride', '100 mL', '1.0'),
    solution('sodium-hydroxide', '100 mL', '1.0'),
    6,
    7.2,
  ],
  [
    'strong acid and strong base, 2 M',
    solution('hydrogen-chloride', '50 mL', '2.0'),
    solution('sodium-hydroxide', '50 mL', '2.0'),
    12,
    14,
  ],
  [
    'a base that is in excess changes nothing',
    solution('hydrogen-chloride', '50 mL', '1.0'),
    solution('sodium-hydroxide', '50 mL', '2.0'),
    6,
    7.2,
  ],
  [
    'acetic acid and strong base',
    solution('acetic-acid', '100 mL', '1.0'),
    solution('sodium-hydroxide', '100 mL', '1.0'),
    6,
    7.2,
  ],
  [
    'ammonia and strong acid',
    solution('ammonia', '50 mL', '2.0'),
    solution('hydrogen-chloride', '50 mL', '2.0'),
    11,
    13.2,
  ],
  [
    'an aromatic amine and strong acid',
    ['reactant', '4.55 mL', { substance: 'aniline' }],
    solution('hydrogen-chloride', '50 mL', '1.0'),
    4.5,
    8.5,
  ],
  [
    'sodium hydroxide into water',
    solvent('50 mL'),
    ['reagent in excess', '2.0 g', { substance: 'sodium-hydroxide' }],
    8.5,
    11,
  ],
  [
    'sodium hydroxide into acid',
    solution('hydrogen-chloride', '50 mL', '1.0'),
    ['reagent in excess', '2.0 g', { substance: 'sodium-hydroxide' }],
    20,
    24.5,
  ],
  [
    'sulfuric acid into water',
    solvent('50 mL'),
    ['reagent in excess', '5.0 mL', { substance: 'sulfuric-acid', bottle: 'sulfuric-acid-96' }],
    20,
    27,
  ],
  [
    'bicarbonate into acid: colder',
    solution('hydrogen-chloride', '50 mL', '1.0'),
    ['reagent in excess', '4.2 g', { substance: 'sodium-bicarbonate' }],
    -7.5,
    -4,
  ],
  [
    'ammonium chloride into water: colder',
    solvent('50 mL'),
    ['reagent in excess', '5.35 g', { substance: 'ammonium-chloride' }],
    -7.5,
    -5,
  ],
  [
    'table salt into water',
    solvent('50 mL'),
    ['reagent in excess', '5.0 g', { substance: 'sodium-chloride' }],
    -2,
    -0.7,
  ],
  [
    'calcium chloride into water',
    solvent('50 mL'),
    ['reagent in excess', '5.55 g', { substance: 'calcium-chloride' }],
    15,
    20,
  ],
  ['water into water', solvent('50 mL'), solvent('20 mL'), -0.2, 0.2],
  [
    'benzoic acid into ether',
    ['solvent', '50 mL', { substance: 'diethyl-ether' }],
    ['reactant', '2.0 g', { substance: 'benzoic-acid' }],
    -0.2,
    0.2,
  ],
  [
    'potash into ethanol of 96 %: it lies there',
    ['solvent', '50 mL', { substance: 'ethanol', bottle: 'ethanol-96' }],
    ['reagent in excess', '2.0 g', { substance: 'potassium-carbonate' }],
    -0.3,
    0.3,
  ],
  [
    'a little lye into much ethanol',
    ['solvent', '50 mL', { substance: 'ethanol' }],
    solution('sodium-hydroxide', '5.0 mL', '2.0'),
    -0.3,
    0.3,
  ],
  ['acetyl chloride into water', solvent('50 mL'), ['reactant', '2.0 mL', { substance: 'acetyl-chloride' }], 9, 15],
  ['sodium hydride into water', solvent('50 mL'), ['reactant', '0.50 g', { substance: 'sodium-hydride' }], 10, 15],
];

function solution(substance: string, amount: string, digits: string): Line {
  return ['reagent in excess', amount, { substance, strength: { by: 'molarity', digits } }];
}
function solvent(amount: string): Line {
  return ['solvent', amount, { substance: 'water' }];
}

test.each(mixed)('%s', (title, there, comes, least_K, most_K) => {
  const doc = documentOfScenario({
    title,
    lines: { there, comes },
    steps: { there: ['charge', { line: 'there' }, cold], comes: ['charge', { line: 'comes' }, cold] },
  });
  const steps = doc.steps.map((step) => ({ ...step, time: { typical_min: 1, attended: true } }));
  const last = planOf({ ...doc, steps }).process.prediction.steps.at(-1);
  const rise_K = (last?.shelf['flask']?.temperature_C ?? NaN) - 20;
  expect([rise_K.toFixed(1), rise_K >= least_K && rise_K <= most_K]).toEqual([rise_K.toFixed(1), true]);
});
