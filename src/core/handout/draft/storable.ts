/**
 * Words as a document can hold them: on one line, without signs that stand for nothing.
 *
 * @param longest UTF-16 units; what is beyond is left out
 */
export const storable = (words: string, longest = Infinity): string =>
  words
    .replace(/[\p{Cc}\p{Cs}\s]+/gu, ' ')
    .trim()
    .slice(0, longest)
    // Half of a sign at the end.
    .replace(/[\uD800-\uDBFF]$/, '');
