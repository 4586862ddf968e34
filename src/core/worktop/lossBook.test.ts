import { LossBook, nothingBooked } from './lossBook';
import { lossAt } from './loss';
import type { Loss } from './loss';

const worked: Omit<Loss['mass'], 'q'> = { figures: 3, unit: 'g', formula: 'asTyped', inputs: {}, certain: 'modelled' };

test('a loss says what it is, also the second of its kind in a step', () => {
  expect(lossAt('pour', 'transfer')).toEqual({ key: 'pour/transfer', step: 'pour', what: 'transfer' });
  const book = new LossBook('pour', 'pure', nothingBooked);
  const mass = (grams: number) => ({ ...worked, q: { dim: 'mass' as const, value: grams } });
  for (const grams of [0.3, 0.2]) book.add('transfer', { label: 'left behind', mass: mass(grams) });
  book.add('transfer-paper', { label: 'kept by the paper', mass: mass(0.1) });
  expect(book.losses.map(({ key, what, round }) => [key, what, round])).toEqual([
    ['pour/transfer', 'transfer', undefined],
    ['pour/transfer-2', 'transfer', 2],
    ['pour/transfer-paper', 'transfer-paper', undefined],
  ]);
  // What comes back is of the kind that is named, not of one whose name begins alike; the latest first.
  book.regain('transfer', 0.25, mass);
  expect(book.losses.map(({ what, mass: { q } }) => [what, q.value])).toEqual([
    ['transfer', expect.closeTo(0.25, 12)],
    ['transfer-paper', 0.1],
  ]);
});
