import { planOf } from '@/core/process/planOf';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { boilsAway } from '@/core/worktop/volatile';
import { kindOf } from '@/core/worktop/kinds';
import { taken } from '../support/library';
import { documentOfSolid, solidCases } from '../support/scenarios/solids';
import type { SolidCase } from '../support/scenarios/solids';

/** What stands elsewhere than it should, in words. */
function faultsOf(one: SolidCase): readonly string[] {
  const { steps } = planOf(documentOfSolid(one)).process.prediction;
  const last = steps.at(-1);
  const shelf = last?.shelf ?? {};
  if (last?.unforeseen) return last.remarks;
  const there = (place: string, id: string) => (shelf[place] ? (wholeOf(shelf[place])[id] ?? 0) : 0);
  return Object.entries(one.onPaper).flatMap(([id, [least, most]]) => {
    const share = there('paper', id) / (there('paper', id) + there('filtrate', id));
    return share >= least && share <= most ? [] : [`${(100 * share).toFixed(0)} % of ${id} on the paper`];
  });
}

test.each(solidCases.map((one) => [one.title, one] as const))('%s', (_, one) => {
  expect(faultsOf(one)).toEqual([]);
});

test('a liquid is no crystals: what melts below the temperature runs through, and that is said', () => {
  const one: SolidCase = {
    title: 'an ester that is liquid, filtered off cold',
    lines: {
      ester: ['reactant', '2.0 g', { substance: 'methyl-benzoate' }],
      w: ['solvent', '20 mL', { substance: 'water' }],
    },
    at_C: 3,
    by: 'suction',
    onPaper: { 'methyl-benzoate': [0, 0.1] },
  };
  expect(faultsOf(one)).toEqual([]);
  const last = planOf(documentOfSolid(one)).process.prediction.steps.at(-1);
  expect(last?.remarks.join(' ')).toMatch(/liquid at 3\u202f°C: it runs through/);
});

test('what melts in a warm hand boils off at its boiling point, what melts hot does not', () => {
  const kind = (id: string) => kindOf(taken(id).substance);
  expect([
    boilsAway(kind('tert-butanol'), 100),
    boilsAway(kind('tert-butanol'), 60),
    boilsAway(kind('naphthalene'), 300),
  ]).toEqual([true, false, false]);
});
