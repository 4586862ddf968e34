import { acetanilide } from '../../../tests/support/preparations';
import { computePlan } from '@/core/plan/plan';
import { cellWorked } from './cells';
import { litBy, placeKey, unlit } from '@/components/plan/planView';

const plan = computePlan({ ...acetanilide(), pin: { at: 'factor', digits: '1.5' } });

test.each([
  ['aniline/measure', 'rounded'],
  ['aniline/mass', 'massFromVolume'],
  ['aniline/amount', 'amountFromMass'],
  ['aniline/equivalents', 'equivalents'],
  ['anhydride/extent', 'extent'],
  ['anhydride/excess', 'excess'],
  ['anhydride/class', 'classTotal'],
  ['product/mass', 'theoreticalMass'],
  ['scale/factor', 'factorTyped'],
  ['vessel/flask', 'fill'],
  ['waste/aqueous/volume', 'streamVolume'],
  ['waste/solid/mass', 'streamMass'],
  ['waste/aqueous/classVolume', 'classTotal'],
])('the cell %s shows %s', (key, formula) => expect(cellWorked(plan, key)?.formula).toBe(formula));

test('a cell that is not there has no working', () => {
  for (const key of [
    'nobody/mass',
    'aniline/colour',
    'vessel/nowhere',
    'waste/nowhere/mass',
    'waste/aqueous/colour',
    'product/excess',
    '',
    '/',
  ])
    expect(cellWorked(plan, key)).toBeUndefined();
});

test('the theoretical yield lights the limiting line all the way down, and not the one in excess', () => {
  const lit = litBy(cellWorked(plan, 'product/mass'));
  for (const column of ['measure', 'mass', 'amount', 'extent'])
    expect(lit.worked.has(cellWorked(plan, `aniline/${column}`)!)).toBe(true);
  for (const column of ['measure', 'mass', 'amount', 'extent'])
    expect(lit.worked.has(cellWorked(plan, `anhydride/${column}`)!)).toBe(false);
  expect(lit.places.has(placeKey({ at: 'line', id: 'aniline' }))).toBe(true);
  expect(lit.places.has(placeKey({ at: 'reference', id: 'aniline', field: 'density' }))).toBe(true);
  expect(lit.places.has(placeKey({ at: 'line', id: 'anhydride' }))).toBe(false);
});

test('before there is a procedure a waste stream lights the lines that end in it', () => {
  const bare = computePlan({ ...acetanilide(), steps: [] });
  const lit = litBy(cellWorked(bare, 'waste/aqueous/volume'));
  expect(lit.worked.has(cellWorked(bare, 'acid/volume')!)).toBe(true);
  expect(lit.worked.has(cellWorked(bare, 'charcoal/mass')!)).toBe(false);
});

test('an excess rests on both lines; nothing open lights nothing', () => {
  const lit = litBy(cellWorked(plan, 'anhydride/excess'));
  expect(['aniline', 'anhydride'].every((id) => lit.places.has(placeKey({ at: 'line', id })))).toBe(true);
  expect(litBy(undefined)).toBe(unlit);
});
