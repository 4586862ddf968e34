import type { ValidationError } from 'yup';
import * as field from './fields';
import { acetanilide } from '../../../../tests/support/preparations';
import { defineOperation } from './defineOperation';
import { withTodaysSteps } from '../../formats/upgradePreparation';
import { jsonSchemaOf } from './jsonSchema';
import { operations } from '../registry';
import { refsOf, withoutRef } from './refs';
import { schemaOf } from './schema';
import { slotOf } from '../../worktop/vessels';
import type { Fields } from './fields';

const fields = {
  line: field.line('Line'),
  first: field.optional(field.many(field.line('First'), [0, 2])),
  both: field.optional(field.many(field.line('Both'), [2, 2])),
  of: field.optional(field.goal('Of')),
  from: field.celsius('From', { below: 'to' }),
  to: field.celsius('To'),
  bands: field.many(field.rows('Bands', { band: field.text('Band', 5), in: field.substance('In') }), [1, 2]),
  way: field.choice('Way', { up: 'up', down: 'down' }),
} satisfies Fields;
const params = {
  line: 'a',
  first: ['b', 'c'],
  both: ['b', 'd'],
  of: 's',
  from: 10,
  to: 20,
  bands: [{ band: 'C=O', in: 'w' }],
  way: 'up',
} as const;

const faults = (value: object): readonly string[] => {
  try {
    schemaOf(fields).validateSync(value, { abortEarly: false });
    return [];
  } catch (error) {
    return (error as ValidationError).inner.map(({ path, message }) => `${path} ${message}`);
  }
};

test('what is wrong is said at its place, with the bound', () => {
  expect(faults(params)).toEqual([]);
  expect(faults({ ...params, from: -81 })).toEqual(['from must be at least -80']);
  expect(faults({ ...params, first: ['b', 'c', 'd'] })).toEqual(['first must have at most 2 lines']);
  expect(faults({ ...params, bands: [] })).toEqual(['bands must have at least 1 row']);
  expect(faults({ ...params, bands: [{ band: 'carbonyl', in: 'w' }] })).toEqual([
    'bands[0].band must be at most 5 characters',
  ]);
  expect(faults({ ...params, way: 'left' })).toEqual(['way must be up or down']);
  expect(faults({ ...params, more: 1 })).toEqual([expect.stringContaining('more')]);
  expect(faults({ ...params, line: undefined })).toEqual([expect.stringMatching(/^line .*required/)]);
});

test('what parameters name has its path, in rows and lists too', () => {
  expect(refsOf(fields, params)).toEqual([
    { kind: 'line', id: 'a', path: ['line'] },
    { kind: 'line', id: 'b', path: ['first', 0] },
    { kind: 'line', id: 'c', path: ['first', 1] },
    { kind: 'line', id: 'b', path: ['both', 0] },
    { kind: 'line', id: 'd', path: ['both', 1] },
    { kind: 'stage', id: 's', path: ['of'] },
    { kind: 'substance', id: 'w', path: ['bands', 0, 'in'] },
  ]);
});

test('without a line: a required one takes the step with it, an optional one goes, a list gets shorter or goes', () => {
  expect(withoutRef(fields, params, { kind: 'line', id: 'a' })).toBeUndefined();
  expect(withoutRef(fields, params, { kind: 'line', id: 'b' })).toEqual({ ...params, first: ['c'], both: undefined });
  expect(withoutRef(fields, { ...params, first: ['c'] }, { kind: 'line', id: 'c' })).toEqual({
    ...params,
    first: undefined,
  });
  expect(withoutRef(fields, params, { kind: 'line', id: 'x' })).toEqual(params);
});

test('the published description carries bounds, units and what is required', () => {
  expect(jsonSchemaOf(fields)).toMatchObject({
    required: ['line', 'from', 'to', 'bands', 'way'],
    additionalProperties: false,
    properties: {
      from: { description: 'From, °C', type: 'number', minimum: -80, maximum: 400 },
      first: { type: 'array', maxItems: 2, items: { allOf: [{ $ref: '#/$defs/id' }] } },
      way: { enum: ['up', 'down'] },
      bands: { minItems: 1, items: { required: ['band', 'in'] } },
    },
  });
});

test('a vessel of a numbered place is known by its number', () => {
  const cuts = operations.find(({ name }) => name === 'fractionation');
  expect(cuts && [slotOf(cuts.vessels, 'cut2'), slotOf(cuts.vessels, 'cut'), slotOf(cuts.vessels, 'to')]).toEqual([
    cuts?.vessels['cut'],
    undefined,
    undefined,
  ]);
});

/** Fields with those of their rows. */
const all = (of: Fields): readonly (readonly [string, Fields[string]])[] =>
  Object.entries(of).flatMap(([key, one]) => [[key, one] as const, ...(one.kind === 'rows' ? all(one.of) : [])]);

test.each(operations.map((one) => [one.name, one] as const))('%s is declared whole', (_, { fields: own, vessels }) => {
  const known = all(own);
  expect(known.filter(([, { label }]) => !/^\p{Lu}|^pH/u.test(label)).map(([key]) => key)).toEqual([]);
  expect(new Set(Object.values(own).map(({ label }) => label)).size).toBe(Object.keys(own).length);
  // Names with a unit in them are in that unit.
  for (const [key, one] of known) {
    const [, unit] = /_(C|min|mL|percent)$/.exec(key) ?? [];
    const meant = { C: '°C', min: 'min', mL: 'mL', percent: '%' }[unit ?? ''];
    if (one.kind === 'number' && meant !== undefined) expect([key, one.unit]).toEqual([key, meant]);
    if (one.kind === 'number' && one.below !== undefined) expect(own[one.below]?.kind).toBe('number');
    if (one.kind === 'choice') expect(Object.keys(one.of).length).toBeGreaterThan(1);
  }
  expect(known.filter(([, one]) => 'goal' in one).length).toBeLessThanOrEqual(1);
  expect(Object.values(vessels).filter(({ label }) => label.length < 3)).toEqual([]);
});

describe('an operation that has had other parameters', () => {
  const older = {
    name: 'older',
    version: 3,
    title: 'Older',
    phase: 'react' as const,
    sign: 'flask' as const,
    told: { by: [] },
    fields: { low_C: field.celsius('From'), high_C: field.celsius('To'), line: field.optional(field.line('Line')) },
    vessels: {},
    earlier: [
      {
        fields: { at: field.celsius('At') },
        upgrade: ({ at }: Record<string, unknown>) => ({ low_C: at, high_C: at }),
      },
      {
        fields: { low_C: field.celsius('From'), high_C: field.celsius('To') },
        upgrade: (params: Record<string, unknown>) => ({ ...params, line: 'water' }),
      },
    ],
    actual: () => undefined,
    sentence: () => '',
    asks: () => [],
  };
  const operation = defineOperation(older);
  const step = (opVersion: number, params: Record<string, unknown>) => ({
    ...{ id: 'one', op: 'older', opVersion, params },
    time: { typical_min: 1, attended: true },
  });

  test('judges each by its own version, and reads all as today’s', () => {
    const judges = (version: number, params: object) => operation.versions[version - 1]?.schema.isValidSync(params);
    expect([judges(1, { at: 20 }), judges(1, { low_C: 20, high_C: 30 }), judges(2, { at: 20 })]).toEqual([
      true,
      false,
      false,
    ]);
    expect(operation.upgrade({ at: 20 }, 1)).toEqual({ low_C: 20, high_C: 20, line: 'water' });
    expect(operation.upgrade({ low_C: 1, high_C: 2 }, 2)).toEqual({ low_C: 1, high_C: 2, line: 'water' });
    const now = { low_C: 1, high_C: 2 };
    expect(operation.upgrade(now, 3)).toBe(now);
    expect(operation.params.isValidSync(operation.upgrade({ at: 20 }, 1))).toBe(true);
  });

  test('opens documents of every version; what is stored stays as it was', () => {
    const doc = { ...acetanilide(), steps: [step(1, { at: 20 }), step(3, { low_C: 1, high_C: 2 })] };
    const opened = withTodaysSteps(doc, () => operation);
    expect(opened.steps.map(({ opVersion, params }) => [opVersion, params])).toEqual([
      [3, { low_C: 20, high_C: 20, line: 'water' }],
      [3, { low_C: 1, high_C: 2 }],
    ]);
    expect(doc.steps[0]?.params).toEqual({ at: 20 });
  });

  test('must say what every version had', () => {
    expect(() => defineOperation({ ...older, version: 2 })).toThrow('older has no parameters of some of its versions');
  });
});
