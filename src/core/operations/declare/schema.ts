import { array, boolean, number, object, string } from 'yup';
import type { Schema } from 'yup';
import type { Field, Fields, NumberField } from './fields';

/** Judges parameters. */
export type ParamsSchema = Schema;

const id = /^[a-z0-9][a-z0-9-]{0,39}$/;
const nouns = {
  line: 'line',
  stage: 'stage',
  substance: 'substance',
  number: 'number',
  text: 'entry',
  choice: 'choice',
  flag: 'mark',
  rows: 'row',
} as const satisfies Record<Field['kind'], string>;

/** Shape of the parameters that have these fields; strict: nothing is cast, nothing unknown passes. */
export function schemaOf(fields: Fields): ParamsSchema {
  const shape = Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, schemaOfField(field)]));
  return object(shape).noUnknown().required().strict(true);
}

function schemaOfField(field: Field): Schema {
  const whole = field.many ? listOf(field, field.many) : schemaOfOne(field);
  return field.optional ? whole : whole.required();
}

function listOf(field: Field, [least, most]: readonly [number, number]): Schema {
  const said = (count: number) =>
    `${count} ${count === 1 ? nouns[field.kind] : nouns[field.kind].replace(/y$/, 'ie') + 's'}`;
  return array(schemaOfOne(field).required())
    .min(least, `must have at least ${said(least)}`)
    .max(most, `must have at most ${said(most)}`);
}

function schemaOfOne(field: Field): Schema {
  switch (field.kind) {
    case 'line':
    case 'stage':
    case 'substance':
      return string().matches(id, 'must be 1 to 40 lower-case letters, digits or hyphens');
    case 'flag':
      return boolean();
    case 'text':
      return string().max(field.longest, `must be at most ${field.longest} characters`);
    case 'number':
      return numberOf(field);
    case 'choice':
      return string().oneOf(Object.keys(field.of), `must be ${oneOf(Object.keys(field.of))}`);
    case 'rows':
      return object(Object.fromEntries(Object.entries(field.of).map(([key, one]) => [key, schemaOfField(one)])))
        .noUnknown()
        .strict(true);
  }
}

function numberOf({ least, most, whole }: NumberField): Schema {
  const bounded = number().min(least, `must be at least ${least}`).max(most, `must be at most ${most}`);
  return whole ? bounded.integer('must be a whole number') : bounded;
}

const oneOf = (words: readonly string[]) =>
  words.length > 3
    ? `one of ${words.join(', ')}`
    : words.join(', ').replace(/, (?=[^,]*$)/, words.length > 2 ? ', or ' : ' or ');
