import type { Field, Fields } from './fields';

/** A JSON Schema, draft 7. */
export type JsonSchema = Readonly<Record<string, unknown>>;

/** JSON Schema of the parameters that have these fields. Ids are left to the schema's own definition `id`. */
export function jsonSchemaOf(fields: Fields): JsonSchema {
  const entries = Object.entries(fields);
  const required = entries.filter(([, { optional }]) => !optional).map(([key]) => key);
  return {
    type: 'object',
    properties: Object.fromEntries(entries.map(([key, field]) => [key, described(field)])),
    ...(required.length > 0 ? { required } : {}),
    additionalProperties: false,
  };
}

function described(field: Field): JsonSchema {
  const { label, help, many, optional } = field;
  const unit = field.kind === 'number' && field.unit !== '' ? `, ${field.unit}` : '';
  const one = oneOf(field, optional === undefined || many !== undefined);
  return {
    description: `${label}${unit}${help ? `. ${help}` : ''}`,
    ...(many ? { type: 'array', ...(many[0] > 0 ? { minItems: many[0] } : {}), maxItems: many[1], items: one } : one),
  };
}

function oneOf(field: Field, required: boolean): JsonSchema {
  switch (field.kind) {
    case 'line':
    case 'stage':
    case 'substance':
      // Beside a reference draft 7 reads nothing.
      return { allOf: [{ $ref: '#/$defs/id' }] };
    case 'flag':
      return { type: 'boolean' };
    case 'text':
      return { type: 'string', ...(required ? { minLength: 1 } : {}), maxLength: field.longest };
    case 'number':
      return { type: field.whole ? 'integer' : 'number', minimum: field.least, maximum: field.most };
    case 'choice':
      return { enum: Object.keys(field.of) };
    case 'rows':
      return jsonSchemaOf(field.of);
  }
}
