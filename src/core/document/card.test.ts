import { cardOf, wordsOf } from './card';
import { acetanilide, shipped } from '../../../tests/support/preparations';

test('a card says what is made, from how much, in how long, by which techniques', () => {
  const card = cardOf(acetanilide());
  expect(card).toMatchObject({ makes: 'Acetanilide', scale: '2.00 mL Aniline', steps: acetanilide().steps.length });
  expect(card.techniques.map(({ op }) => op)).toEqual([...new Set(acetanilide().steps.map(({ op }) => op))]);
  expect(card.minutes).toBe(acetanilide().steps.reduce((sum, { time }) => sum + time.typical_min, 0));
});

test('steps beside each other take no longer than the longer way', () => {
  const doc = acetanilide();
  const [first, second, ...rest] = doc.steps;
  if (!first || !second) throw new Error('no steps');
  const side = {
    ...doc,
    steps: [first, second, ...rest.map((step, i) => (i === 0 ? { ...step, after: [first.id] } : step))],
  };
  expect(cardOf(side).minutes).toBe(cardOf(doc).minutes - second.time.typical_min);
});

test('it is found by title, substances and techniques', () => {
  const doc = shipped('methylcyclohexanone');
  const words = wordsOf(doc.title, cardOf(doc));
  for (const word of ['methylcyclohexanone', 'hypochlorite', 'extraction', 'distillation'])
    expect(words).toContain(word);
});
