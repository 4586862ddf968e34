import { acetanilide } from '../../../tests/support/preparations';
import { moveLine } from './edit';

test('a line takes the place of another, from above and from below; nothing else moves', () => {
  const doc = acetanilide();
  const ids = doc.lines.map(({ id }) => id);
  const [a, b, c] = ids;
  expect(moveLine(doc, a ?? '', c ?? '').lines.map(({ id }) => id)).toEqual([b, c, a, ...ids.slice(3)]);
  expect(moveLine(doc, c ?? '', a ?? '').lines.map(({ id }) => id)).toEqual([c, a, b, ...ids.slice(3)]);
  expect(moveLine(doc, 'nobody', a ?? '')).toBe(doc);
  expect(moveLine(doc, a ?? '', 'nobody')).toBe(doc);
});
