import type { Field, Fields, NumberField, RefField } from './fields';
import type { LineRole } from '../../document/document';

/** Ids of what a preparation has, the likeliest first. */
export type Named = Readonly<Record<RefField['kind'], readonly string[]>> & {
  /** The likeliest for a field that asks for a role; where it says nothing, the first of its kind is taken. */
  readonly inRole?: (kind: RefField['kind'], role: LineRole) => string | undefined;
};

/** Parameters to begin with, or the kind of thing that has to be there before. */
export type Defaults =
  | { readonly ok: true; readonly params: Readonly<Record<string, unknown>> }
  | { readonly ok: false; readonly lacks: RefField['kind'] };

/** Written where a text is needed and nobody has said it yet. */
export const unsaid = '—';

/**
 * Parameters that the fields accept, with what may be left out left out: for a step that is being written. What is named is the likeliest
 * that there is.
 */
export function defaultsOf(fields: Fields, named: Named): Defaults {
  const params: Record<string, unknown> = {};
  for (const [key, field] of Object.entries(fields)) {
    if (field.optional && !('usually' in field)) continue;
    const value = valueOf(field, named);
    if (value === undefined) return { ok: false, lacks: field.kind as RefField['kind'] };
    params[key] = value;
  }
  return { ok: true, params: inOrder(fields, params) };
}

function valueOf(field: Field, named: Named): unknown {
  const one = oneOf(field, named);
  if (field.many === undefined || one === undefined) return one;
  return Array.from({ length: field.many[0] }, () => one);
}

function oneOf(field: Field, named: Named): unknown {
  switch (field.kind) {
    case 'number':
      return usual(field);
    case 'flag':
      return false;
    case 'text':
      return unsaid;
    case 'choice':
      return Object.keys(field.of)[0];
    case 'rows': {
      const row = defaultsOf(field.of, named);
      return row.ok ? row.params : undefined;
    }
    default:
      return (field.role && named.inRole?.(field.kind, field.role)) ?? named[field.kind][0];
  }
}

// What a first guess comes nearest to, by unit; it is shown, and meant to be changed.
const first: Readonly<Record<string, number>> = { min: 10, '°C': 20, mL: 10 };

function usual({ unit, least, most, whole, usual: said }: NumberField): number {
  if (said !== undefined) return said;
  const value = Math.min(most, Math.max(least, first[unit] ?? 1));
  return whole ? Math.ceil(value) : value;
}

// By so much a bound lies over the one under it.
const apart = 10;

/** What must be below another is. */
function inOrder(fields: Fields, params: Record<string, unknown>): Record<string, unknown> {
  const ordered = { ...params };
  for (const [key, field] of Object.entries(fields)) {
    if (field.kind !== 'number' || field.below === undefined) continue;
    const [low, high] = [ordered[key], ordered[field.below]];
    if (typeof low !== 'number' || typeof high !== 'number' || low < high) continue;
    const above = fields[field.below];
    const most = above?.kind === 'number' ? above.most : low + apart;
    ordered[field.below] = Math.min(most, low + apart);
  }
  return ordered;
}
