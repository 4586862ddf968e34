import { operations } from '@/core/operations/registry';
import { expectGolden } from '../support/golden';
import { fullParams } from '../support/fullParams';

const long = (count: number) => 'x'.repeat(count);
const many = (count: number, one: unknown) => Array.from({ length: count }, () => one);
/** Values that a parameter may be bent to: at and beyond every bound there is, and of every other kind. */
const bent: readonly unknown[] = [
  undefined,
  null,
  ...[-81, -80, -1, 0, 0.05, 0.1, 0.5, 1, 1.5, 14, 14.1, 20, 21, 30, 31, 60, 61, 100, 101, 200, 201, 400, 401],
  ...[1440, 1441, 5000, 5001, 1e9, Number.NaN, Number.POSITIVE_INFINITY],
  ...['', 'a', 'A', 'a-1', '-a', 'å', ' a', 'a b', '5', 'upper', 'ice', 'net', 'yield', 'positive', 'present'],
  ...[40, 41, 60, 61, 80, 81, 120, 121, 200, 201].map(long),
  ...[true, false, {}, []],
  ...[1, 2, 5, 6, 7, 8, 9, 10, 11, 12, 13].flatMap((count) => [many(count, 'a'), many(count, 50)]),
  [null],
  [long(60)],
  [long(61)],
  [''],
  many(12, { band: 'a', expected: 'present' }),
  many(13, { band: 'a', expected: 'present' }),
  [{ band: 'a' }],
  [{ band: long(81), expected: 'present' }],
  [{ band: 'a', expected: 'maybe' }],
  [{ band: 'a', expected: 'absent', more: 1 }],
];

test('parameters are accepted and refused as they always were', () => {
  expect(Object.keys(fullParams).sort()).toEqual(operations.map(({ name }) => name).sort());
  const verdicts = operations.map(({ name, params }) => {
    const full = fullParams[name] ?? {};
    const accepts = (changed: object) => params.isValidSync(changed);
    expect([name, accepts(full)]).toEqual([name, true]);
    const keys = [...Object.keys(full), 'unknown'].map((key) => {
      const verdict = bent.map((value) => {
        const changed: Record<string, unknown> = { ...full, [key]: value };
        if (value === undefined) delete changed[key];
        return accepts(changed) ? '+' : '-';
      });
      return [key, verdict.join('')];
    });
    return [name, Object.fromEntries(keys)];
  });
  expectGolden('parameters', Object.fromEntries(verdicts));
});

test('what a step names, and what is left of it without a line, is what it was', () => {
  const named = operations.map(({ name, refs, without }) => {
    const full = fullParams[name] ?? {};
    const of = (kind: string) => refs(full).flatMap((ref) => (ref.kind === kind ? [ref.id] : []));
    const [lines, stages, substances] = [of('line'), of('stage'), of('substance')];
    const left = lines.map((line) => [line, without(full, { kind: 'line', id: line }) ?? 'no step']);
    return [name, { lines, stages, substances, left }];
  });
  expectGolden('parameter-references', Object.fromEntries(named));
});
