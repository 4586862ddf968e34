/** Grams of each substance, by its id in the preparation. Mass is what every operation conserves. */
export type Matter = Readonly<Record<string, number>>;

export const nothing: Matter = {};

// Loops over keys: these few functions run some ten thousand times at every keystroke on a plan.

/** Two portions of matter together. */
export function plus(a: Matter, b: Matter): Matter {
  const sum: Record<string, number> = { ...a };
  for (const id in b) sum[id] = (sum[id] ?? 0) + (b[id] ?? 0);
  return sum;
}

/** A share of everything. */
export function times(matter: Matter, share: number): Matter {
  const part: Record<string, number> = {};
  for (const id in matter) part[id] = (matter[id] ?? 0) * share;
  return part;
}

/**
 * What is left when a part is taken away. Rounding noise is dropped.
 *
 * @throws RangeError when more is taken than is there
 */
export function without(matter: Matter, part: Matter): Matter {
  const rest: Record<string, number> = { ...matter };
  for (const id in part) {
    const grams = part[id] ?? 0;
    const had = matter[id] ?? 0;
    const left = had - grams;
    if (left < -1e-9 * Math.max(1, had)) throw new RangeError(`${grams} g of ${id} taken where ${had} g are`);
    rest[id] = Math.max(0, left);
  }
  return rest;
}

/**
 * Mass of everything, g.
 *
 * @example gramsOf({ water: 40, salt: 2 }) // → 42
 */
export function gramsOf(matter: Matter): number {
  let sum = 0;
  for (const id in matter) sum += matter[id] ?? 0;
  return sum;
}
