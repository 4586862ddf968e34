// What stands before the first word of a chemical name: locants, and letters and syllables that say where or how.
const locants = /^(?:(?:\d[\d,'′]*|tert|sec|cis|trans|iso|[NOSompRZE]|\([RSEZ]\))-)+/;

/**
 * A name inside a sentence: its first word without its capital, unless the capital belongs to it (a formula, an abbreviation).
 *
 * @example [inSentence('Crude product'), inSentence('NaOH pellets'), inSentence('TBME'), inSentence('tert-Butyl methyl ether')] // → ['crude product', 'NaOH pellets', 'TBME', 'tert-butyl methyl ether']
 */
export function inSentence(name: string): string {
  const [before = ''] = locants.exec(name) ?? [];
  const word = name.slice(before.length);
  return /^[A-Z][a-z]+(?=[\s,–-]|$)/.test(word) ? before + word.charAt(0).toLowerCase() + word.slice(1) : name;
}
