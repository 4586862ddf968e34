import { draftSchema } from '../record/draftSchema';
import { madeAt, placeId, portionPlace } from '../worktop/placeId';
import { placesOf } from './placesOf';
import { predictProcess } from './predictProcess';
import { computePlan } from '../plan/plan';
import { shippedPreparations } from '../../../tests/support/preparations';
import type { Preparation } from '../document/document';

const long = 'a-name-that-takes-all-the-forty-letters-';

test.each(shippedPreparations())('%s: every place has one name on the record, and is found by it', (_, doc) => {
  const placeOf = placesOf(doc);
  const places = [
    ...predictProcess(computePlan(doc)).steps.flatMap(({ shelf }) => Object.keys(shelf)),
    ...doc.lines.map(({ id }) => portionPlace(id)),
  ];
  for (const place of places) expect([place, placeOf(placeId(place))]).toEqual([place, place]);
  const ids = new Set(places.map(placeId));
  expect(ids.size).toBe(new Set(places).size);
  for (const id of ids) {
    const instant = '2026-03-03T13:00:00.000Z';
    const body = { k: 'move', from: id, to: 'beside', what: 'upper', step: 'a', round: 1, n: 2 };
    const [log, of] = ['01ARZ3NDEKTSV4RRFFQ69G5FAV', { at: instant, deviceAt: instant, device: 'tablet', saw: 0 }];
    expect(() => draftSchema.validateSync({ id: log, v: 2, log, body, ...of })).not.toThrow();
  }
});

test('names that are cut alike are told apart, and a vessel is never taken for what a step makes', () => {
  const [one, other] = [madeAt(`${long}1`.slice(-40), 'to'), madeAt(`${long}2`.slice(-40), 'to')];
  expect(placeId(one)).not.toBe(placeId(other));
  expect(placeId(one).length).toBeLessThanOrEqual(40);
  expect(placeId('filter-cake')).not.toBe(placeId(madeAt('filter', 'cake')));
  expect(placeId(portionPlace('a'))).not.toBe('portion-a');
});

test('a portion under its old name is found, unless two lines were cut to the same', () => {
  const lines = (...ids: readonly string[]) =>
    ({ lines: ids.map((id) => ({ id })), steps: [] }) as unknown as Pick<Preparation, 'lines' | 'steps'>;
  expect(placesOf(lines('aniline'))('portion-aniline')).toBe(portionPlace('aniline'));
  const cut = `portion-${long}`.slice(0, 40);
  expect(placesOf(lines(long))(cut)).toBe(portionPlace(long));
  expect(placesOf(lines(`${long}1`, `${long}2`))(cut)).toBe(cut);
  expect(placesOf(lines('aniline'))('beaker-2')).toBe('beaker-2');
});
