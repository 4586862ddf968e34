import fc from 'fast-check';
import { acetanilide } from '../support/preparations';
import { scripted, stepLine } from '../support/scripted';

test('a failing property prints what was done to a document, not the document', () => {
  const doc = scripted(acetanilide(), [stepLine(3, { op: 'wash', params: { line: 'water' }, uses: { in: 'funnel' } })]);
  const said = fc.stringify(doc);
  expect(said).toContain('3: wash {"line":"water"} {"in":"funnel"}');
  expect(said.length).toBeLessThan(200);
  // For everything else it is the document.
  expect(JSON.stringify(doc)).toBe(JSON.stringify(acetanilide()));
});
