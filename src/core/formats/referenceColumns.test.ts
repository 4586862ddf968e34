import { crossChecks } from '../checks/crossChecks';
import { referenceHeader, referenceRows } from './referenceColumns';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { solutionChecks } from '../checks/solutionChecks';
import { standingsOf } from '../reference/confirmation';
import type { Picked } from '../editing/fromReference';

const all: readonly Picked[] = [
  ...shippedSubstances.map((substance): Picked => {
    const checks = crossChecks(substance);
    return { kind: 'substance', substance, checks, standings: standingsOf(substance, checks, []) };
  }),
  ...shippedSolutions.flatMap((solution): readonly Picked[] => {
    const solute = shippedSubstances.find(({ id }) => id === solution.solute);
    if (!solute) return [];
    const checks = solutionChecks(solution, solute);
    return [{ kind: 'solution', solution, solute, checks, standings: standingsOf(solution, checks, []) }];
  }),
];
const rows = all.flatMap(referenceRows);
const column = (name: (typeof referenceHeader)[number]) => referenceHeader.indexOf(name);

test('every row is as wide as the header and names its entry', () => {
  for (const row of rows) {
    expect(row).toHaveLength(referenceHeader.length);
    expect(row[column('id')]).not.toBe('');
    expect(row[column('value')]).not.toBe('');
  }
});

test('a number has its unit and says where it is from and how far it was checked', () => {
  const numbers = rows.filter((row) =>
    /point|Density|density|Enthalpy|capacity|concentration/.test(row[column('field')] ?? ''),
  );
  expect(numbers.length).toBeGreaterThan(400);
  for (const row of numbers) {
    expect([
      row.join(),
      row[column('unit')] !== '' && row[column('source')] !== '' && row[column('check')] !== '',
    ]).toEqual([row.join(), true]);
  }
});

test('no two rows of an entry say the same field twice, steps and points apart', () => {
  const repeated = /^pKa|^solubility in/;
  const keys = rows.filter((row) => !repeated.test(row[2] ?? '')).map((row) => `${row[0]}/${row[2]}`);
  expect(new Set(keys).size).toBe(keys.length);
});
