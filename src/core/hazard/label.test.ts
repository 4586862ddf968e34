import fc from 'fast-check';
import { expectedLabel } from '../checks/expectedLabel';
import { hazardStatements, splitStatement, statementText } from '../reference/statements';
import { labelFaults } from '../checks/labelFaults';
import { pictogramIds } from '../reference/pictograms';
import { shippedSolutions, shippedSubstances } from '@/data/reference';

const codes = Object.keys(hazardStatements);
const some = fc.uniqueArray(fc.constantFrom(...codes), { maxLength: 8 });

test('a label made of what follows from its statements has no fault; one symbol less or more has', () => {
  fc.assert(
    fc.property(some, fc.constantFrom(...pictogramIds), (statements, id) => {
      const { needed, optional, signals } = expectedLabel(statements);
      const label = { signal: signals[0] ?? 'none', pictograms: needed, statements };
      expect(labelFaults(label)).toEqual([]);
      if (needed.includes(id)) {
        expect(labelFaults({ ...label, pictograms: needed.filter((one) => one !== id) })).toHaveLength(1);
      } else if (!optional.includes(id)) {
        expect(labelFaults({ ...label, pictograms: [...needed, id] })).toHaveLength(1);
      }
    }),
  );
});

test('the order of statements decides nothing, and one more never takes danger away', () => {
  fc.assert(
    fc.property(some, fc.constantFrom(...codes), (statements, more) => {
      const label = expectedLabel(statements);
      expect(expectedLabel([...statements].reverse())).toEqual(label);
      if (label.signals.join() === 'danger') expect(expectedLabel([...statements, more]).signals).toEqual(['danger']);
    }),
  );
});

test('the skull displaces the exclamation mark, always', () => {
  fc.assert(
    fc.property(some, (statements) => {
      const { needed } = expectedLabel([...statements, 'H301']);
      expect(needed).toContain('06');
      expect(needed).not.toContain('07');
    }),
  );
});

test('codes: suffix letters where they exist, routes joined, nothing else', () => {
  expect(['H361d', 'H360FD', 'H350i', 'H302+H312+H332', 'H315+H319'].every((code) => splitStatement(code))).toBe(true);
  expect(['H225d', 'H361x', 'H225+H301', 'H2', 'h225', '', 'EUH999', 'H301+'].map(splitStatement)).toEqual(
    Array(8).fill(undefined),
  );
  expect(statementText('H301+H311')).toBe('toxic if swallowed; toxic in contact with skin');
  expect(statementText('H999')).toBe('not a hazard statement');
});

test('every statement of the library has words', () => {
  for (const { hazards } of [...shippedSubstances, ...shippedSolutions])
    for (const code of hazards?.statements ?? []) expect(statementText(code)).not.toBe('not a hazard statement');
});
