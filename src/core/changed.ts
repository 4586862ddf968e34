/** A partial change in which `undefined` removes an optional key. */
export type Change<T> = { readonly [K in keyof T]?: T[K] | undefined };

/** An object with some keys changed; one that becomes `undefined` is left out. */
export function changed<T extends object>(target: T, change: Change<T>): T {
  return Object.fromEntries(Object.entries({ ...target, ...change }).filter(([, value]) => value !== undefined)) as T;
}
