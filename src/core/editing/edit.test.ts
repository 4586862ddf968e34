import fc from 'fast-check';
import { acetanilide, dienone } from '../../../tests/support/preparations';
import { readPreparation } from '../formats/readPreparation';
import { writePreparation } from '../formats/writePreparation';
import { addLine, changeLine, changeSubstance, changeVessel, removeLine, setCoefficient, setPin } from './edit';
import { termsOf } from '../document/reactions';
import { blankPreparation } from '../document/blank';
import { roles } from '../document/document';
import type { Preparation } from '../document/document';

const good = (doc: Preparation) => {
  const read = readPreparation(writePreparation(doc));
  return read.ok ? true : read.faults;
};

test('an edit changes what it names and nothing else', () => {
  const doc = acetanilide();
  const changed = changeLine(doc, 'acid', { portions: 2, note: undefined });
  expect(changed.lines.find(({ id }) => id === 'acid')).toMatchObject({ portions: 2 });
  expect(changed.lines.filter(({ id }) => id !== 'acid')).toEqual(doc.lines.filter(({ id }) => id !== 'acid'));
  expect({ ...changed, lines: 0 }).toEqual({ ...doc, lines: 0 });
  expect(doc).toEqual(acetanilide());
});

test('undefined removes an optional key, so that the file stays as the format wants it', () => {
  const bare = changeLine(acetanilide(), 'anhydride', {
    excessReason: undefined,
    addition: undefined,
    vessel: undefined,
  });
  expect(Object.keys(bare.lines.find(({ id }) => id === 'anhydride') ?? {})).not.toEqual(
    expect.arrayContaining(['excessReason']),
  );
  expect(good(bare)).toBe(true);
  expect(good(changeSubstance(bare, 'aniline', { density: undefined, smiles: undefined }))).toBe(true);
});

test('a substance, a vessel, a coefficient and the pin are found by their ids', () => {
  const doc = acetanilide();
  expect(
    changeSubstance(doc, 'water', { name: 'Water, deionized' }).substances.find(({ id }) => id === 'water')?.name,
  ).toBe('Water, deionized');
  expect(changeVessel(doc, 'flask', { capacity_mL: 50 }).vessels[0]?.capacity_mL).toBe(50);
  expect(setPin(doc, { at: 'factor', digits: '2' }).pin).toEqual({ at: 'factor', digits: '2' });
  const twice = setCoefficient(doc, 'reaction', { substance: 'acetic-acid', side: 'right', coefficient: 2 });
  expect(termsOf(twice).map(({ coefficient }) => coefficient)).toEqual([1, 1, 1, 2]);
});

test('a new line gets ids of its own, and a reactant joins the equation', () => {
  const first = addLine(acetanilide(), 'Aniline', 'solvent');
  expect(first.line).toBe('aniline-2');
  expect(first.doc.reactions).toEqual(acetanilide().reactions);
  const second = addLine(first.doc, 'Aniline', 'reactant');
  expect(second.line).toBe('aniline-3');
  // The aniline that is there is meant, and stands in the equation already.
  expect(second.doc.reactions).toEqual(acetanilide().reactions);
  const third = addLine(first.doc, 'Toluidine', 'reactant');
  expect(termsOf(third.doc).at(-1)).toEqual({ substance: 'toluidine', side: 'left', coefficient: 1 });
  expect(addLine(acetanilide(), 'ξ ½ 水', 'aid').line).toBe('line');
});

test('removing a line takes its substance along only when nothing else needs it', () => {
  const doc = acetanilide();
  expect(removeLine(doc, 'charcoal').substances.map(({ id }) => id)).not.toContain('charcoal');
  // Water is also the hot rinse, acetic acid also a product of the equation.
  expect(removeLine(doc, 'hot-water').substances.map(({ id }) => id)).toContain('water');
  expect(removeLine(doc, 'acid').substances.map(({ id }) => id)).toContain('acetic-acid');
});

test('removing the reference, the pinned line or what another line refers to leaves a document that still holds', () => {
  const doc = removeLine(acetanilide(), 'aniline');
  expect(doc.reference).toBe('anhydride');
  expect(doc.pin).toEqual({ at: 'factor', digits: '1' });
  expect(termsOf(doc).map(({ substance }) => substance)).not.toContain('aniline');
  const relative = changeLine(dienone(), 'wash', { entered: { by: 'perMass', digits: '5', of: 'ethanol' } });
  expect(removeLine(relative, 'ethanol').lines.find(({ id }) => id === 'wash')?.entered).toMatchObject({
    of: 'product',
  });
});

test('the last line may go: what is half written is kept, with no reference and no pin on what is gone', () => {
  const doc = acetanilide();
  const one = doc.lines.slice(1).reduce((left, { id }) => removeLine(left, id), doc);
  expect(one.lines).toHaveLength(1);
  const none = removeLine(one, one.lines[0]?.id ?? '');
  expect([none.lines, none.reference, none.pin.at]).toEqual([[], undefined, 'factor']);
  expect(good(none)).toBe(true);
  expect(good(addLine(blankPreparation('New'), 'Aniline', 'reactant').doc)).toBe(true);
});

test('any sequence of adding and removing lines leaves a document that its own format accepts', () => {
  const step = fc.oneof(
    fc.record({
      name: fc.string({ minLength: 1, maxLength: 20 }).filter((text) => text.trim() !== ''),
      role: fc.constantFrom(...roles),
    }),
    fc.nat(30),
  );
  fc.assert(
    fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
      const doc = steps.reduce<Preparation>(
        (now, one) =>
          typeof one === 'number'
            ? removeLine(now, now.lines[one % now.lines.length]?.id ?? '')
            : addLine(now, one.name, one.role).doc,
        acetanilide(),
      );
      expect(good(doc)).toBe(true);
    }),
    { numRuns: 60 },
  );
});
