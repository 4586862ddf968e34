import { findUnit, toCanonical } from '../quantity/units';
import { placeName } from '../process/placeName';
import { placesOf } from '../process/placesOf';
import { portionPlace } from '../worktop/placeId';
import type { BenchState } from './benchState';
import type { Move, VesselNote } from '../record/entry';
import type { Preparation } from '../document/document';

/** What a vessel of the bench holds by the record alone. */
export interface VesselMass {
  /** As the worktop names it. */
  readonly place: string;
  /** As its label says, where it was noted; else the name of the place. */
  readonly label: string;
  /** g; absent where something was poured whose amount nobody measured. */
  readonly grams?: number;
}

/**
 * Mass of every vessel from what was measured and what was poured, by adding and taking away: each portion of a line that was measured, and
 * each pouring, all of a vessel or a part whose mass was read. A layer, or a part by volume, whose mass nobody knows leaves both vessels
 * without a number.
 */
export function vesselMasses(
  doc: Preparation,
  { record, charge }: Pick<BenchState, 'record' | 'charge'>,
): readonly VesselMass[] {
  const live = record.filter(({ status }) => status === 'live');
  const placeOf = placesOf(doc);
  const labels = new Map(
    live.flatMap(({ body }) => (body.k === 'vessel' ? [[placeOf((body as VesselNote).id), body.label] as const] : [])),
  );
  const held = new Map<string, number | undefined>([...labels.keys()].map((place) => [place, 0]));
  for (const [line, { total }] of charge.actual.rows) held.set(portionPlace(line), total.mass?.q.value);
  for (const { body } of live)
    if (body.k === 'move') pour(held, { ...body, from: placeOf(body.from), to: placeOf(body.to) });
  return [...held].map(([place, grams]) => ({
    place,
    label: labels.get(place) ?? placeName(doc, place),
    ...(grams === undefined ? {} : { grams }),
  }));
}

function pour(held: Map<string, number | undefined>, move: Move): void {
  const before = held.get(move.from);
  const grams = movedBy(move, before);
  const add = (place: string, by: number | undefined) => {
    const has = held.has(place) ? held.get(place) : 0;
    held.set(place, has === undefined || by === undefined ? undefined : has + by);
  };
  add(move.from, grams === undefined ? undefined : -grams);
  add(move.to, grams);
}

/** Mass that a pouring carried; nothing where it was not measured. */
function movedBy({ what, typed }: Move, before: number | undefined): number | undefined {
  if (typed) return findUnit(typed.unit)?.dim === 'mass' ? toCanonical(typed.digits, typed.unit) : undefined;
  return what === 'all' ? (before ?? 0) : undefined;
}
