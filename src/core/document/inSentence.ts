/**
 * A name inside a sentence: its first word without its capital, unless the capital belongs to it (a formula, an abbreviation).
 *
 * @example [inSentence('Crude product'), inSentence('NaOH pellets'), inSentence('TBME')] // → ['crude product', 'NaOH pellets', 'TBME']
 */
export function inSentence(name: string): string {
  return /^[A-Z][a-z]+(?=[\s,-]|$)/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}
