import type { Fields, RefField } from './fields';

/** Something that the parameters of a step name in the preparation. */
export interface Ref {
  readonly kind: RefField['kind'];
  readonly id: string;
  /** Keys and indices from the parameters on. */
  readonly path: readonly (string | number)[];
}

type Params = Readonly<Record<string, unknown>>;

/** Everything that parameters name, in the order of their fields. What a step has not is left out. */
export function refsOf(fields: Fields, params: Params, above: Ref['path'] = []): readonly Ref[] {
  return Object.entries(fields).flatMap(([key, field]): readonly Ref[] =>
    listed(params[key]).flatMap(([index, value]): readonly Ref[] => {
      const path = [...above, key, ...index];
      if (field.kind === 'rows') return refsOf(field.of, value as Params, path);
      const { kind } = field;
      if (kind !== 'line' && kind !== 'stage' && kind !== 'substance') return [];
      return typeof value === 'string' ? [{ kind, id: value, path }] : [];
    }),
  );
}

/** A value, or the values of a list, each with its index. */
function listed(value: unknown): readonly (readonly [index: readonly number[], value: unknown])[] {
  if (value === undefined) return [];
  return Array.isArray(value) ? value.map((one: unknown, i) => [[i], one] as const) : [[[], value]];
}

/**
 * What remains of parameters when a line, a stage or a substance leaves the preparation.
 *
 * @returns nothing when the step makes no sense without it
 */
export function withoutRef(fields: Fields, params: Params, { kind, id }: Pick<Ref, 'kind' | 'id'>): Params | undefined {
  const left: Record<string, unknown> = {};
  for (const [key, value] of Object.entries(params)) {
    const field = fields[key];
    const kept = field?.kind === kind ? valueWithout(value, id) : value;
    const least = field?.many?.[0] ?? 0;
    const goes = kept === undefined || (Array.isArray(kept) && kept.length < Math.max(1, least) && kept !== value);
    if (goes && !field?.optional) return undefined;
    if (!goes) left[key] = kept;
  }
  return left;
}

function valueWithout(value: unknown, id: string): unknown {
  if (!Array.isArray(value)) return value === id ? undefined : value;
  return value.includes(id) ? value.filter((one) => one !== id) : value;
}

/** Parameters in which everything that they name has another id. */
export function renamedRefs(fields: Fields, params: Params, idOf: (ref: Ref) => string): Params {
  return refsOf(fields, params).reduce<Params>((now, ref) => putAt(now, ref.path, idOf(ref)) as Params, params);
}

function putAt(value: unknown, [key, ...rest]: Ref['path'], put: string): unknown {
  if (key === undefined) return put;
  if (Array.isArray(value)) return value.map((one: unknown, i) => (i === key ? putAt(one, rest, put) : one));
  const held = value as Params;
  return { ...held, [key]: putAt(held[key], rest, put) };
}
