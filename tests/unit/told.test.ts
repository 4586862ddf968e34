import { operations } from '@/core/operations/registry';
import { sayings } from '@/core/handout/sayings';

test('every operation says how a text tells it, in a way of saying that the reader knows', () => {
  expect(operations.filter(({ told }) => told.by.length === 0).map(({ name }) => name)).toEqual([]);
  const known = new Set(sayings.map(({ key }) => key));
  const unknown = operations.flatMap(({ name, told }) =>
    told.by.flatMap(({ by }) => (known.has(by) ? [] : [name, by])),
  );
  expect(unknown).toEqual([]);
});

test('of several operations that share a way of saying none stands level with another', () => {
  const level = new Map<string, string[]>();
  for (const { name, told } of operations)
    for (const { by, rank = 0 } of told.by) level.set(`${by} ${rank}`, [...(level.get(`${by} ${rank}`) ?? []), name]);
  expect([...level].filter(([, names]) => new Set(names).size > 1)).toEqual([]);
});
