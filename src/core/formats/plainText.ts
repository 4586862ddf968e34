const deepestJson = 40;

/**
 * Where JSON nests deeper than a level, as an offset; nothing when it does not. Scanned before parsing, since whatever reads the
 * parsed value recurses.
 */
export function tooDeepAt(text: string, deepest = deepestJson): number | undefined {
  let depth = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i += 1) {
    const char = text[i];
    if (quoted) {
      if (char === '\\') i += 1;
      else if (char === '"') quoted = false;
    } else if (char === '"') quoted = true;
    else if (char === '{' || char === '[') {
      depth += 1;
      if (depth > deepest) return i;
    } else if (char === '}' || char === ']') depth -= 1;
  }
  return undefined;
}

/** Half of a surrogate pair without its other half: no text that can be stored or sent. */
const lone = /[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/;

/**
 * Whether every text in a JSON value, keys too, can be written as UTF-8: no half of a surrogate pair, no NUL.
 *
 * @example isStorable({ a: ['é'] }) // → true
 * @example isStorable('\uD800') // → false
 */
export function isStorable(value: unknown): boolean {
  if (typeof value === 'string') return !lone.test(value) && !value.includes('\u0000');
  if (Array.isArray(value)) return value.every(isStorable);
  if (typeof value !== 'object' || value === null) return true;
  return Object.entries(value).every(([key, one]) => isStorable(key) && isStorable(one));
}
