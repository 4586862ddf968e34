import { findUnit } from '../quantity/units';
import { isInstant } from './instant';
import { numberOf } from './entry';
import type { Noted } from './entry';

/** Entries with which something can be computed, and those without which it can. */
export interface Readable<T, E extends Noted = Noted> {
  readonly value: T;
  /** Entries that had to be left aside and that nobody has struck yet, oldest first; a person sees to them. */
  readonly unreadable: readonly E[];
}

/**
 * Computes something from entries, whatever is stored: an entry with which the computation breaks is left aside and named, so
 * that it takes nothing else with it. Without such an entry this costs nothing.
 *
 * @throws what the computation throws without any entry
 */
export function readable<T, E extends Noted>(
  entries: readonly E[],
  compute: (entries: readonly E[]) => T,
): Readable<T, E> {
  const whole = attempt(entries, compute);
  if (whole.ok) return { value: whole.of, unreadable: [] };
  // An entry may break only together with a sound one: what is odd by itself is suspected first, and let in again if it is harmless.
  const inOrder = entries.toSorted((a, b) => compare(numberOf(a), numberOf(b)));
  let rest = inOrder.filter(isPlain);
  const unreadable: E[] = [];
  for (const odd of inOrder.filter((one) => !isPlain(one))) {
    if (attempt([...rest, odd], compute).ok) rest = [...rest, odd];
    else unreadable.push(odd);
  }
  for (;;) {
    const value = attempt(rest, compute);
    if (value.ok) return { value: value.of, unreadable: unreadable.filter(({ id }) => !isStruck(id, entries)) };
    if (rest.length === 0) throw value.error;
    // The shortest beginning that breaks ends on an entry that breaks it.
    let [sound, broken] = [0, rest.length];
    while (broken - sound > 1) {
      const middle = Math.floor((sound + broken) / 2);
      if (attempt(rest.slice(0, middle), compute).ok) sound = middle;
      else broken = middle;
    }
    const culprit = rest[broken - 1];
    if (!culprit) throw value.error;
    unreadable.push(culprit);
    rest = rest.filter((one) => one !== culprit);
  }
}

// Two that have no number yet stay as they are: a difference of infinities is none.
const compare = (a: number, b: number) => (a < b ? -1 : a > b ? 1 : 0);

function isStruck(id: string, entries: readonly Noted[]): boolean {
  return entries.some(({ body }) => body.k === 'void' && body.target === id);
}

/** Whether an entry has the form that every version of the app has asked for, as far as a computation rests on it. */
function isPlain({ at, body }: Noted): boolean {
  if (!isInstant(at)) return false;
  const { place, digits, unit } = body as { place?: unknown; digits?: unknown; unit?: unknown };
  if (body.k !== 'reading') return Object.values(body).every((value) => value !== null);
  return (
    typeof place === 'object' &&
    place !== null &&
    typeof digits === 'string' &&
    typeof unit === 'string' &&
    findUnit(unit) !== undefined
  );
}

type Attempt<T> = { readonly ok: true; readonly of: T } | { readonly ok: false; readonly error: unknown };

function attempt<T, E extends Noted>(entries: readonly E[], compute: (entries: readonly E[]) => T): Attempt<T> {
  try {
    return { ok: true, of: compute(entries) };
  } catch (error) {
    return { ok: false, error };
  }
}
