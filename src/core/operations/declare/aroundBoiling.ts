import type { Fields } from './fields';
import type { Operation } from '../operation';

/** The two fields of an operation that bound a temperature, the lower one first. */
export function windowOf(fields: Fields): { readonly low: string; readonly high: string } | undefined {
  for (const [low, field] of Object.entries(fields))
    if (field.kind === 'number' && field.unit === '°C' && field.below !== undefined) return { low, high: field.below };
  return undefined;
}

// So far a printed window usually reaches to either side of a boiling point, K.
const width_K = 5;

/** The window of an operation at which something boils, about its boiling point; nothing where it has none or nothing boils in it. */
export function aroundBoiling(
  { fields, conditions }: Operation,
  params: Readonly<Record<string, unknown>>,
  boiling_C: number | undefined,
): Readonly<Record<string, number>> {
  const window = windowOf(fields);
  if (!window || boiling_C === undefined || !Number.isFinite(boiling_C) || fields[window.low]?.optional) return {};
  if (!conditions?.(params).boiling) return {};
  return { [window.low]: Math.round(boiling_C) - width_K, [window.high]: Math.round(boiling_C) + width_K };
}
