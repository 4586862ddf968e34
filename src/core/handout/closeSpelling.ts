/** Letters that one word must be changed in to become another; stops counting above `most`. */
function distance(a: string, b: string, most: number): number {
  let row = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= b.length; j += 1)
      next.push(
        Math.min(
          (row[j] ?? most) + 1,
          (next[j - 1] ?? most) + 1,
          (row[j - 1] ?? most) + (a[i - 1] === b[j - 1] ? 0 : 1),
        ),
      );
    if (Math.min(...next) > most) return most + 1;
    row = next;
  }
  return row[b.length] ?? most + 1;
}

/** The one name of one word that a word is nearly spelt like; nothing when there is none or more than one. */
export function closeSpelling(words: ReadonlyMap<number, readonly string[]>, word: string): string | undefined {
  const most = word.length < 9 ? 1 : 2;
  if (word.length < 6) return undefined;
  const found = new Map<string, number>();
  for (let length = word.length - most; length <= word.length + most; length += 1)
    for (const name of words.get(length) ?? []) {
      // Nobody mistypes the first letter of all.
      if (name[0] !== word[0]) continue;
      const far = distance(word, name, most);
      if (far <= most) found.set(name, far);
    }
  const nearest = Math.min(...found.values());
  const best = [...found].filter(([, far]) => far === nearest).map(([name]) => name);
  return best.length === 1 ? best[0] : undefined;
}
