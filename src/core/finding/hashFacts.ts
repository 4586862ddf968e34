import { canonicalJson } from '../canonicalJson';

/**
 * Short hash of plain JSON, independent of the order of keys. Not for security: it only tells whether the facts under a
 * finding are still the same. FNV-1a, 32 bit, run from two offsets.
 *
 * @returns 16 hexadecimal digits
 */
export function hashFacts(value: unknown): string {
  const text = canonicalJson(value);
  return run(text, 0x811c9dc5) + run(text, 0x01000193);
}

function run(text: string, offset: number): string {
  let hash = offset;
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}
