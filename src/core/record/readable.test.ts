import fc from 'fast-check';
import { entriesOf, idOf, reading } from '../../../tests/support/record';
import { readable } from './readable';
import type { Entry } from './entry';

const entries = entriesOf(Array.from({ length: 12 }, (_, i) => reading('aniline', 'net', `2.${10 + i} g`)));
const strike = (target: string) =>
  entriesOf([{ k: 'void', target, reason: 'x' }]).map((one) => ({ ...one, id: idOf(99), seq: 99 }));

test('entries with which a computation breaks are left aside and named; all others count, in any order', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.nat(11)), fc.boolean(), (odd, turned) => {
      const bad = new Set(odd.map((i) => entries[i]?.id));
      const compute = (some: readonly Entry[]) => {
        if (some.some(({ id }) => bad.has(id))) throw new Error('broken');
        return some.length;
      };
      const given = turned ? entries.toReversed() : entries;
      const { value, unreadable } = readable(given, compute);
      expect(value).toBe(12 - bad.size);
      expect(new Set(unreadable.map(({ id }) => id))).toEqual(bad);
    }),
  );
});

test('of two that break together the one that is odd by itself is named', () => {
  const odd = entries.map((one, i) =>
    i === 3 ? { ...one, body: { ...one.body, unit: 7 } as unknown as Entry['body'] } : one,
  );
  const compute = (some: readonly Entry[]) => {
    const units = some.flatMap(({ body }) => (body.k === 'reading' ? [body.unit.trim()] : []));
    return units.length;
  };
  expect(readable(odd, compute)).toMatchObject({ value: 11, unreadable: [{ id: entries[3]?.id }] });
  // What is odd and breaks nothing stays.
  expect(readable(odd, (some) => some.length)).toMatchObject({ value: 12, unreadable: [] });
  const pair = (some: readonly Entry[]) => {
    const [third, fourth] = [entries[2]?.id, entries[3]?.id].map((id) => some.find((one) => one.id === id));
    if (third && fourth) return compute([third, fourth]) + some.length - 2;
    return some.length;
  };
  expect(readable(odd, pair)).toMatchObject({ value: 11, unreadable: [{ id: entries[3]?.id }] });
});

test('what has been struck is left aside without a word; two that break only together are taken apart', () => {
  const [third, fifth] = [entries[2]?.id ?? '', entries[4]?.id ?? ''];
  const pair = (some: readonly Entry[]) => {
    if ([third, fifth].every((id) => some.some((one) => one.id === id))) throw new Error('together');
    return some.length;
  };
  expect(readable(entries, pair)).toMatchObject({ value: 11, unreadable: [{ id: fifth }] });
  expect(readable([...entries, ...strike(fifth)], pair)).toMatchObject({ value: 12, unreadable: [] });
});

test('a computation that breaks with nothing at all is no entry’s fault', () => {
  const broken = () => {
    throw new Error('by itself');
  };
  expect(() => readable(entries, broken)).toThrow('by itself');
});
