import { jsonSchemaOf } from '../operations/declare/jsonSchema';
import { operations } from '../operations/registry';
import type { JsonSchema } from '../operations/declare/jsonSchema';

interface Published extends JsonSchema {
  readonly $defs: Readonly<Record<string, JsonSchema>> & {
    readonly step: JsonSchema & { readonly properties: object };
  };
}

/** The published schema of a preparation with every operation's name, version and parameters, as they are declared. */
export function withOperations(schema: Published): Published {
  const { step } = schema.$defs;
  const names = operations.map(({ name }) => name);
  return {
    ...schema,
    $defs: {
      ...schema.$defs,
      step: {
        ...step,
        properties: { ...step.properties, op: { enum: names }, opVersion: { type: 'integer' } },
        allOf: operations.flatMap(({ name, title, versions }) => [
          {
            if: { properties: { op: { const: name } }, required: ['op'] },
            then: { description: title, properties: { opVersion: { minimum: 1, maximum: versions.length } } },
          },
          ...versions.map(({ fields }, i) => ({
            if: { properties: { op: { const: name }, opVersion: { const: i + 1 } }, required: ['op', 'opVersion'] },
            then: { properties: { params: jsonSchemaOf(fields) } },
          })),
        ]),
      },
    },
  };
}
