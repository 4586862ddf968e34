import { changeLine, changePin, changeStep, setPin } from './edit';
import { acetanilide } from '../../../tests/support/preparations';
import type { Pin } from '../document/document';

// Two fields that are filled in before the page has shown the first change: both were made of the same document.

test('two fields of a pin are filled one after the other: both hold', () => {
  const shown: Extract<Pin, { at: 'vessel' }> = { at: 'vessel', vessel: 'flask', digits: '25', percent: '50' };
  const doc = setPin(acetanilide(), shown);
  const both = changePin(changePin(doc, shown, { digits: '50' }), shown, { percent: '34' });
  expect(both.pin).toEqual({ ...shown, digits: '50', percent: '34' });
});

test('a pin that is of another kind by then becomes what was shown, with the change', () => {
  const shown: Extract<Pin, { at: 'product' }> = { at: 'product', digits: '2.00', unit: 'g', percent: '70' };
  const doc = setPin(acetanilide(), { at: 'factor', digits: '2' });
  expect(changePin(doc, shown, { percent: '80' }).pin).toEqual({ ...shown, percent: '80' });
});

test('a step and a line are changed as they stand by then', () => {
  const doc = acetanilide();
  const [step, line] = [doc.steps[0]!, doc.lines[0]!];
  const slower = changeStep(doc, step.id, ({ time }) => ({ time: { ...time, typical_min: 30 } }));
  const alone = changeStep(slower, step.id, ({ time }) => ({ time: { ...time, attended: false } }));
  expect(alone.steps[0]?.time).toMatchObject({ typical_min: 30, attended: false });
  const noted = changeLine(changeLine(doc, line.id, { note: 'one' }), line.id, ({ note }) => ({
    note: `${note ?? ''} and two`,
  }));
  expect(noted.lines[0]?.note).toBe('one and two');
});
