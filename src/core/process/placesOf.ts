import { findOperation } from '../operations/registry';
import { madeAt, placeId, portionPlace } from '../worktop/placeId';
import type { Preparation } from '../document/document';

/**
 * The place that an id on a record means, by a table of all places that the preparation can have. Before there was {@link placeId}, a
 * portion stood under `portion-` and its line, cut off after 40 characters: such an id is taken for the one line that it can mean.
 * What the bench noted by itself is a place of its own name.
 */
export function placesOf(doc: Pick<Preparation, 'lines' | 'steps'>): (id: string) => string {
  const known = tables.get(doc) ?? tableOf(doc);
  tables.set(doc, known);
  return known;
}

// A tape asks for the same document at every pouring.
const tables = new WeakMap<object, (id: string) => string>();

function tableOf(doc: Pick<Preparation, 'lines' | 'steps'>): (id: string) => string {
  const made = doc.steps.flatMap(({ id, op }) =>
    Object.entries(findOperation(op)?.vessels ?? {}).flatMap(([use, { numbered }]) =>
      numbered ? cuts.map((n) => madeAt(id, `${use}${n}`)) : [madeAt(id, use)],
    ),
  );
  const portions = doc.lines.map(({ id }) => portionPlace(id));
  const table = new Map([...made, ...portions].map((place) => [placeId(place), place]));
  const earlier = new Map<string, readonly string[]>();
  for (const { id } of doc.lines) {
    const cut = `portion-${id}`.slice(0, 40);
    earlier.set(cut, [...(earlier.get(cut) ?? []), portionPlace(id)]);
  }
  return (id) => {
    const [old, another] = earlier.get(id) ?? [];
    return table.get(id) ?? (old !== undefined && another === undefined ? old : id);
  };
}

const cuts = [1, 2, 3, 4, 5, 6, 7, 8, 9];
