import { searchEntries } from './search';
import type { EntrySummary } from './search';

const entry = (id: string, name: string, change: Partial<EntrySummary> = {}): EntrySummary => ({
  id,
  kind: 'substance',
  name,
  synonyms: [],
  groups: {},
  pictograms: [],
  own: false,
  confirmed: false,
  ...change,
});

const entries = [
  entry('hydrochloric-acid-2m', 'Hydrochloric acid, 2 M', { kind: 'solution', formula: 'HCl' }),
  entry('2-naphthol', '2-Naphthol', { formula: 'C10H8O', synonyms: ['β-naphthol', 'naphthalen-2-ol'] }),
  entry('naphthalene', 'Naphthalene', { formula: 'C10H8' }),
  entry('acetone', 'Acetone', { formula: 'C3H6O', groups: { ketone: 1 }, synonyms: ['propan-2-one'] }),
  entry('propan-2-ol', 'Propan-2-ol', { formula: 'C3H8O' }),
  entry('tert-butanol', 'tert-Butyl alcohol', { formula: 'C4H10O' }),
];
const found = (text: string) => searchEntries(entries, text).map(({ id }) => id);

test('an empty search files all by name, locants and prefixes left aside', () => {
  expect(found('')).toEqual([
    'acetone',
    'tert-butanol',
    'hydrochloric-acid-2m',
    'naphthalene',
    '2-naphthol',
    'propan-2-ol',
  ]);
});

test('the same name stands before one that begins so, and that before one that holds it', () => {
  expect(found('naphthalene')[0]).toBe('naphthalene');
  expect(found('naphth')).toEqual(['naphthalene', '2-naphthol']);
  expect(found('thol')).toEqual(['2-naphthol']);
});

test('synonyms, accents, minus signs and words in any order', () => {
  expect(found('Propan−2−one')).toEqual(['acetone']);
  expect(found('acid 2 m')).toEqual(['hydrochloric-acid-2m']);
  expect(found('2 m hydrochloric')).toEqual(['hydrochloric-acid-2m']);
});

test('a formula finds the same atoms in any order; an element alone is rather a name', () => {
  expect(found('OH8C10')).toEqual(['2-naphthol']);
  expect(found('C3H6O')).toEqual(['acetone']);
  expect(found('A')).toContain('acetone');
});

test('a group finds what has it, singular or plural', () => {
  expect(found('ketones')).toEqual(['acetone']);
  expect(found('nothing at all')).toEqual([]);
});
