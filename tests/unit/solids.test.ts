import { planOf } from '@/core/process/planOf';
import { cannot, predictProcess } from '@/core/process/predictProcess';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { documentOfSolid, solidCases } from '../support/scenarios/solids';
import type { SolidCase } from '../support/scenarios/solids';

/** What stands elsewhere than it should, in words. */
function faultsOf(one: SolidCase): readonly string[] {
  const { steps } = predictProcess(planOf(documentOfSolid(one)).plan);
  const last = steps.at(-1);
  const shelf = last?.shelf ?? {};
  if (last?.remarks.some((says) => says.includes(cannot))) return last.remarks;
  const there = (place: string, id: string) => (shelf[place] ? (wholeOf(shelf[place])[id] ?? 0) : 0);
  return Object.entries(one.onPaper).flatMap(([id, [least, most]]) => {
    const share = there('paper', id) / (there('paper', id) + there('filtrate', id));
    return share >= least && share <= most ? [] : [`${(100 * share).toFixed(0)} % of ${id} on the paper`];
  });
}

test.each(solidCases.map((one) => [one.title, one] as const))('%s', (_, one) => {
  expect(faultsOf(one)).toEqual([]);
});
