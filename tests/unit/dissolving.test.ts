import fc from 'fast-check';
import { gramsOf } from '@/core/worktop/matter/matter';
import { planOf } from '@/core/process/planOf';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { documentOfSolid } from '../support/scenarios/solids';
import type { Job } from '../support/jobs/job';

const solids = [
  'sodium-chloride',
  'benzoic-acid',
  'naphthalene',
  'sucrose',
  'silica-gel',
  'sodium-benzoate',
  'benzil',
  'vanillin',
  'ethyl-4-aminobenzoate',
  'potassium-carbonate',
  'triethylammonium-chloride',
];
const solvents = [
  'water',
  'ethanol',
  'toluene',
  'diethyl-ether',
  'acetone',
  'hexane',
  'dichloromethane',
  'acetic-acid',
];

/** What lies on the paper of two solids, g, and all that there is, with what left as a gas. */
function filtered(two: readonly string[], solvent: string, mL: number, order = two) {
  const lines: Job['lines'] = {
    ester: ['reactant', '0.10 g', { substance: 'ethyl-benzoate' }],
    ...Object.fromEntries(order.map((id) => [id, ['reagent in excess', '2.0 g', { substance: id }] as const])),
    solvent: ['solvent', `${mL} mL`, { substance: solvent }],
  };
  const { steps } = planOf(documentOfSolid({ title: 'Two', lines, onPaper: {} })).process.prediction;
  const { shelf = {} } = steps.at(-1) ?? {};
  const paper = shelf['paper']?.phases.solid ?? {};
  const left = steps.flatMap(({ streams }) => streams).reduce((sum, { matter }) => sum + gramsOf(matter), 0);
  const all = Object.values(shelf).reduce((sum, content) => sum + gramsOf(wholeOf(content)), left);
  return { lies: two.map((id) => paper[id] ?? 0), all };
}

test('whatever two solids meet a liquid: nothing is lost, more of the liquid never leaves more of them, their order changes nothing', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.constantFrom(...solids), { minLength: 2, maxLength: 2 }),
      fc.constantFrom(...solvents),
      fc.integer({ min: 5, max: 60 }),
      (two, solvent, mL) => {
        const [less, more] = [filtered(two, solvent, mL), filtered(two, solvent, mL * 3)];
        const turned = filtered(two, solvent, mL, [...two].reverse());
        less.lies.forEach((grams, i) => {
          expect(more.lies[i]).toBeLessThanOrEqual(grams + 1e-9);
          expect(turned.lies[i]).toBeCloseTo(grams, 9);
        });
        expect(turned.all).toBeCloseTo(less.all, 9);
      },
    ),
    { numRuns: 60 },
  );
});
