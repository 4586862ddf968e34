import fc from 'fast-check';
import { amountAsWritten, withLimiting } from '../editing/limiting';
import { computePlan } from '../plan/plan';
import { limitingChoices } from './limitingChoices';
import { readPreparation } from '../formats/readPreparation';
import { writePreparation } from '../formats/writePreparation';
import { acetanilide, shipped } from '../../../tests/support/preparations';
import type { Preparation } from '../document/document';

const reactionsOf = (doc: Preparation) => doc.reactions.map(({ id }) => id);
const documents = ['acetanilide', 'methylcyclohexanone', 'dimethylphenylpyrrole', 'ethoxynaphthalene'].map(shipped);
const extentsOf = (doc: Preparation, reaction: string) => computePlan(doc).exact.reactions.get(reaction)?.extents;

test('whichever reactant is chosen limits, every other one is in the excess that was asked for, and the rest stays', () => {
  fc.assert(
    fc.property(fc.nat(documents.length - 1), fc.integer({ min: 5, max: 300 }), fc.nat(3), (which, excess, n) => {
      const doc = documents[which] ?? acetanilide();
      const [reaction = ''] = reactionsOf(doc);
      const before = amountAsWritten(doc, reaction) ?? [];
      const chosen = before[n % before.length];
      if (!chosen) return;
      const next = withLimiting(doc, reaction, chosen.substance, excess);
      if (!next) return;
      const charge = extentsOf(next, reaction);
      expect(charge?.limiting.id).toBe(chosen.substance);
      for (const one of charge?.reactants ?? [])
        if (one.id !== chosen.substance) expect(one.excess.q.value * 100).toBeGreaterThan(excess * 0.998 - 0.1);
      const after = amountAsWritten(next, reaction) ?? [];
      for (const { substance, mol } of before)
        if (substance !== chosen.substance)
          expect(after.find((one) => one.substance === substance)?.mol).toBeCloseTo(
            mol,
            Math.ceil(3 - Math.log10(mol)),
          );
      expect(readPreparation(writePreparation(next)).ok).toBe(true);
    }),
  );
});

test('acetanilide: the anhydride left over goes with bicarbonate, the aniline with acid', () => {
  const doc = acetanilide();
  const [reaction = ''] = reactionsOf(doc);
  const choices = limitingChoices(doc, reaction, 10);
  expect(choices.map(({ substance, now }) => [substance, now])).toEqual([
    ['aniline', true],
    ['acetic-anhydride', false],
  ]);
  const [asIs, other] = choices;
  expect(asIs?.leftOvers.map(({ name, washes }) => [name, washes])).toEqual([
    ['Acetic anhydride', ['saturated sodium bicarbonate']],
  ]);
  expect(other?.leftOvers.map(({ name, washes }) => [name, washes])).toEqual([['Aniline', ['1 M hydrochloric acid']]]);
  // A tenth short of the aniline: the theory is that of the aniline over 1.1.
  expect((other?.theory?.q.value ?? 0) * 1.1).toBeCloseTo(asIs?.theory?.q.value ?? NaN, 1);
});

test('a reactant that is all there is of a stage, or not brought by a line, cannot be cut', () => {
  const doc = acetanilide();
  const [reaction = ''] = reactionsOf(doc);
  const lines = doc.lines.map((line) =>
    line.id === 'anhydride' ? { ...line, entered: { by: 'words', text: 'some' } as const } : line,
  );
  expect(limitingChoices({ ...doc, lines }, reaction, 10)).toEqual([]);
  expect(() => withLimiting(doc, reaction, 'anhydride', 0)).toThrow(RangeError);
});
