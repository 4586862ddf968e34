/**
 * JSON with sorted keys and without white space: the same value always gives the same text, so that it can be hashed.
 * Keys whose value is `undefined` are left out, as JSON does.
 *
 * @example canonicalJson({ b: 1, a: [true, null] }) // → '{"a":[true,null],"b":1}'
 */
export function canonicalJson(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonicalJson).join()}]`;
  if (value === null || typeof value !== 'object') return JSON.stringify(value) ?? 'null';
  const entries = Object.entries(value)
    .filter(([, item]) => item !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1));
  return `{${entries.map(([key, item]) => `${JSON.stringify(key)}:${canonicalJson(item)}`).join()}}`;
}
