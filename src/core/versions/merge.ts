import { isObject, sameValue } from './sameValue';
import type { Preparation } from '../document/document';

/** A place that two people changed differently. */
export interface Conflict {
  /** Keys and ids from the document on. */
  readonly path: readonly string[];
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** Both changes in one document; where they touch the same place, theirs stands until somebody chooses. */
export interface Merged {
  readonly doc: Preparation;
  readonly conflicts: readonly Conflict[];
}

/** Which side stands at a place of conflict, by its path joined with a slash. */
export type Choices = ReadonlyMap<string, 'mine' | 'theirs'>;
export const conflictKey = ({ path }: Pick<Conflict, 'path'>): string => path.join('/');

/**
 * Joins two changed copies of one version. Things with ids are joined by them, keys by themselves; a list without ids is one place. Whether
 * the result is a sound document is for its reader to say.
 */
export function mergeVersions(
  base: Preparation,
  mine: Preparation,
  theirs: Preparation,
  choices: Choices = new Map(),
): Merged {
  const conflicts: Conflict[] = [];
  const doc = joined(base, mine, theirs, [], { conflicts, choices });
  return { doc: doc as Preparation, conflicts };
}

interface Work {
  readonly conflicts: Conflict[];
  readonly choices: Choices;
}

function joined(base: unknown, mine: unknown, theirs: unknown, path: readonly string[], work: Work): unknown {
  if (sameValue(mine, theirs) || sameValue(base, mine)) return theirs;
  if (sameValue(base, theirs)) return mine;
  if (hasIds(mine) && hasIds(theirs) && (base === undefined || hasIds(base)))
    return joinedItems(base ?? [], mine, theirs, path, work);
  if (isObject(mine) && isObject(theirs) && (isObject(base) || base === undefined) && sameKind(mine, theirs))
    return joinedKeys(base ?? {}, mine, theirs, path, work);
  const conflict = { path, mine, theirs };
  work.conflicts.push(conflict);
  return work.choices.get(conflictKey(conflict)) === 'mine' ? mine : theirs;
}

// A union is told apart by these: halves of two kinds make no whole.
const sameKind = (a: Readonly<Record<string, unknown>>, b: Readonly<Record<string, unknown>>) =>
  sameValue(a['by'], b['by']) && sameValue(a['at'], b['at']) && sameValue(a['op'], b['op']);

type Item = Readonly<Record<string, unknown>> & { readonly id: string };
const hasIds = (value: unknown): value is readonly Item[] =>
  Array.isArray(value) && value.every((one) => isObject(one) && typeof one['id'] === 'string');

function joinedKeys(
  base: Readonly<Record<string, unknown>>,
  mine: Readonly<Record<string, unknown>>,
  theirs: Readonly<Record<string, unknown>>,
  path: readonly string[],
  work: Work,
): unknown {
  const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  const entries = [...keys].map(
    (key) => [key, joined(base[key], mine[key], theirs[key], [...path, key], work)] as const,
  );
  return Object.fromEntries(entries.filter(([, value]) => value !== undefined));
}

/** Items by their ids, in the order of who moved something; what only the other has stands behind what it stood behind. */
function joinedItems(
  base: readonly Item[],
  mine: readonly Item[],
  theirs: readonly Item[],
  path: readonly string[],
  work: Work,
): readonly unknown[] {
  const find = (list: readonly Item[], id: string) => list.find((one) => one.id === id);
  const movedHere = !sameValue(orderOf(base, mine), orderOf(mine, base));
  const [first, second] = movedHere ? [mine, theirs] : [theirs, mine];
  const ids = first.map(({ id }) => id);
  for (const [i, { id }] of second.entries()) {
    if (ids.includes(id)) continue;
    const before = second.slice(0, i).findLast((one) => ids.includes(one.id));
    ids.splice(before ? ids.indexOf(before.id) + 1 : 0, 0, id);
  }
  return ids.flatMap((id) => {
    const result = joined(find(base, id), find(mine, id), find(theirs, id), [...path, id], work);
    return result === undefined ? [] : [result];
  });
}

/** Ids of a list that the other has too, in the list's order. */
const orderOf = (list: readonly Item[], other: readonly Item[]) =>
  list.map(({ id }) => id).filter((id) => other.some((one) => one.id === id));
