import { blankPreparation } from '../document/blank';
import { cardOf, searchWords } from './card';
import { planOf } from '../process/planOf';
import { acetanilide, shipped } from '../../../tests/support/preparations';

test('a card says what is made, from how much, in how long, by which techniques', () => {
  const card = cardOf(acetanilide());
  expect(card).toMatchObject({ makes: 'Acetanilide', scale: '2.00 mL Aniline', steps: acetanilide().steps.length });
  expect(card.techniques.map(({ op }) => op)).toEqual([...new Set(acetanilide().steps.map(({ op }) => op))]);
  // The one number that the plan shows, too.
  expect(card.minutes).toBe(Math.round(planOf(acetanilide()).process.timeline.total_min));
});

test('a blank page has a card', () => {
  expect(cardOf(blankPreparation('Nothing yet'))).toMatchObject({ steps: 0, minutes: 0, techniques: [] });
});

test('it is found by title, substances and techniques', () => {
  const doc = shipped('methylcyclohexanone');
  const words = searchWords(doc.title, cardOf(doc));
  for (const word of ['methylcyclohexanone', 'hypochlorite', 'extraction', 'distillation'])
    expect(words).toContain(word);
});
