import { confirmationOf, confirmedContent, fieldIds, standingsOf } from './confirmation';
import { crossChecks } from '../checks/crossChecks';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { solutionChecks } from '../checks/solutionChecks';
import type { Confirmation } from './confirmation';
import type { ReferenceSubstance } from './substance';

const toluene = shippedSubstances.find(({ id }) => id === 'toluene') as ReferenceSubstance;
const confirm = (entry: ReferenceSubstance, field: Confirmation['field'], holds = true): Confirmation => ({
  entry: entry.id,
  field,
  content: confirmedContent(entry, field) ?? '',
  by: 'coordinator',
  at: '2026-03-03T13:00:00.000Z',
  holds,
});

test('a field is confirmed, cross-checked or from memory, in this order; an empty one has no standing', () => {
  const checks = crossChecks(toluene, 'C7H8');
  const standings = standingsOf(toluene, checks, [confirm(toluene, 'density')]);
  expect(standings).toMatchObject({
    density: { is: 'confirmed', by: 'coordinator' },
    boiling: { is: 'cross-checked' },
    formula: { is: 'cross-checked' },
    refraction: { is: 'from memory' },
    hazards: { is: 'from memory' },
  });
  expect(standings.curves).toBeUndefined();
});

test('what is derived is computed, and a curve that only rises is not cross-checked by that', () => {
  const named = (id: string) => shippedSubstances.find((one) => one.id === id) as ReferenceSubstance;
  expect(standingsOf(named('acetone'), crossChecks(named('acetone')), []).drying).toEqual({ is: 'computed' });
  expect(standingsOf(named('acetanilide'), crossChecks(named('acetanilide')), []).curves).toEqual({
    is: 'from memory',
  });
});

test('a field in a relation that fails is not cross-checked by another that holds', () => {
  const wrong = { ...toluene, values: { ...toluene.values, boiling: { digits: '120', source: 'x' } } };
  expect(standingsOf(wrong, crossChecks(wrong), []).boiling).toEqual({ is: 'from memory' });
});

test('a confirmation holds for its value alone, and can be taken back', () => {
  const changed = { ...toluene, values: { ...toluene.values, density: { digits: '0.866', at_C: 20, source: 'x' } } };
  const all = [confirm(toluene, 'density')];
  expect(confirmationOf(all, toluene, 'density')).toBeDefined();
  expect(confirmationOf(all, changed, 'density')).toBeUndefined();
  expect(confirmationOf([...all, confirm(toluene, 'density', false)], toluene, 'density')).toBeUndefined();
});

test('every field of an entry that is filled can be named in a confirmation', () => {
  for (const one of [...shippedSubstances, ...shippedSolutions]) {
    const checks = 'solute' in one ? solutionChecks(one, undefined) : crossChecks(one);
    for (const field of Object.keys(standingsOf(one, checks, []))) expect(fieldIds).toContain(field);
  }
});
