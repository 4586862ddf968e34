import { existsSync, readFileSync, writeFileSync } from 'node:fs';

/** A value as the golden files keep it: numbers to ten figures, a worked value without its working, no document. */
export function bare(value: unknown): unknown {
  if (typeof value === 'number') return Number.isFinite(value) ? Number(value.toExponential(9)) : String(value);
  if (Array.isArray(value)) return value.map(bare);
  if (value === null || typeof value !== 'object') return value;
  if (value instanceof Map) return bare(Object.fromEntries(value));
  const { q, unit, u } = value as { q?: { value: number }; unit?: string; u?: number };
  if (q !== undefined) return `${String(bare(q.value))} ${unit ?? ''}${u === undefined ? '' : ` ± ${String(bare(u))}`}`;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, one]) => one !== undefined && typeof one !== 'function')
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
  const text = `${JSON.stringify(bare(value), null, 1)}\n`;
  if (process.env['GOLDEN'] === 'write') writeFileSync(file, text);
  expect(existsSync(file)).toBe(true);
  // As objects, so that a difference is shown where it is.
  expect(JSON.parse(text)).toEqual(JSON.parse(readFileSync(file, 'utf8')));
}
