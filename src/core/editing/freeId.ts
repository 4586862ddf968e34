import { slug } from '../slug';

/** An id made of a name that nothing else has. */
export function freeId(name: string, taken: readonly { readonly id: string }[], otherwise = 'line'): string {
  const base = slug(name, 32) || otherwise;
  let id = base;
  for (let i = 2; taken.some((one) => one.id === id); i += 1) id = `${base}-${i}`;
  return id;
}
