import { existsSync, readFileSync, writeFileSync } from 'node:fs';

/** A value as the golden files keep it: numbers to ten figures, a worked value without its working, no document. */
export function bare(value: unknown): unknown {
  if (typeof value === 'number') return Number.isFinite(value) ? Number(value.toExponential(9)) : String(value);
  if (Array.isArray(value)) return value.map(bare);
  if (value === null || typeof value !== 'object') return value;
  if (value instanceof Map) return bare(Object.fromEntries(value));
  const { q, unit, u } = value as { q?: { value: number }; unit?: string; u?: number };
  if (q !== undefined) return `${String(bare(q.value))} ${unit ?? ''}${u === undefined ? '' : ` ± ${String(bare(u))}`}`;
  // Step, kind and round of a loss stand in its key.
  const parts = 'key' in value && 'what' in value ? ['step', 'what', 'round'] : [];
  return Object.fromEntries(
    Object.entries(value)
      .filter(([key, one]) => one !== undefined && typeof one !== 'function' && !parts.includes(key))
      .map(([key, one]) => [key, bare(one)]),
  );
}

/**
 * Compares with a golden file. GOLDEN=write writes it anew: the commit that does so says why the numbers changed.
 *
 * @param name of the file in tests/golden
 */
export function expectGolden(name: string, value: unknown): void {
  const file = `tests/golden/${name}.json`;
  const text = lines(bare(value) as object);
  if (process.env['GOLDEN'] === 'write') writeFileSync(file, text);
  expect(existsSync(file)).toBe(true);
  // As objects, so that a difference is shown where it is.
  expect(JSON.parse(text)).toEqual(JSON.parse(readFileSync(file, 'utf8')));
}

/** JSON with a line for each key, and for each item of a list: what changed is seen by the step, the line or the operation it is of. */
function lines(value: object): string {
  const keys = Object.entries(value).map(([key, one]) => {
    const items = Array.isArray(one) && one.length > 0 ? one.map((item) => `  ${JSON.stringify(item)}`) : undefined;
    return ` ${JSON.stringify(key)}: ${items ? `[\n${items.join(',\n')}\n ]` : JSON.stringify(one)}`;
  });
  return `{\n${keys.join(',\n')}\n}\n`;
}
