/**
 * Whether a text is an instant in UTC with milliseconds, one that there is: no 30 February, no 25 o'clock.
 *
 * @example isInstant('2026-03-29T01:30:00.123Z') // → true
 * @example isInstant('2026-99-99T99:99:99.999Z') // → false
 * Source: ISO 8601-1, as ECMAScript writes it.
 */
export function isInstant(text: string): boolean {
  const time = Date.parse(text);
  return !Number.isNaN(time) && new Date(time).toISOString() === text;
}
