import fc from 'fast-check';
import type { Field, Fields } from '@/core/operations/declare/fields';
import type { Preparation } from '@/core/document/document';
import type { Step } from '@/core/document/steps';

type Known = Pick<Preparation, 'lines' | 'stages' | 'substances'>;

/** Any parameters that fields allow, naming what a preparation has. */
export function anyParams(fields: Fields, doc: Known): fc.Arbitrary<Step['params']> {
  const optional = Object.keys(fields).filter((key) => fields[key]?.optional);
  const required = Object.keys(fields).filter((key) => !optional.includes(key));
  return fc.record(Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, anyValue(field, doc)])), {
    requiredKeys: required,
  });
}

function anyValue(field: Field, doc: Known): fc.Arbitrary<unknown> {
  const one = anyOne(field, doc);
  if (!field.many) return one;
  const [minLength, maxLength] = field.many;
  if (field.kind === 'number' && field.rising)
    return fc
      .uniqueArray(one as fc.Arbitrary<number>, { minLength, maxLength })
      .map((list) => list.sort((a, b) => a - b));
  return fc.array(one, { minLength, maxLength });
}

function anyOne(field: Field, doc: Known): fc.Arbitrary<unknown> {
  switch (field.kind) {
    case 'line':
      return fc.constantFrom(...doc.lines.map(({ id }) => id));
    case 'stage':
      return fc.constantFrom(...doc.stages.map(({ id }) => id));
    case 'substance':
      return fc.constantFrom(...doc.substances.map(({ id }) => id));
    case 'flag':
      return fc.boolean();
    case 'text':
      return fc.string({ unit: 'grapheme', minLength: 1, maxLength: Math.min(20, field.longest) });
    case 'number':
      return field.whole
        ? fc.integer({ min: field.least, max: field.most })
        : fc.double({ min: field.least, max: field.most, noNaN: true });
    case 'choice':
      return fc.constantFrom(...Object.keys(field.of));
    case 'rows':
      return anyParams(field.of, doc);
  }
}

/** Vessels for any of the places that an operation has for them. */
export function anyUses(
  slots: object,
  { vessels }: Pick<Preparation, 'vessels'>,
): fc.Arbitrary<NonNullable<Step['uses']>> {
  const vessel = fc.constantFrom(...vessels.map(({ id }) => id));
  return fc
    .subarray(Object.keys(slots))
    .chain((used) => fc.record(Object.fromEntries(used.map((name) => [name, vessel]))));
}
