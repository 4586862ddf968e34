import { hashFacts } from '../finding/hashFacts';

/** Place in which a step leaves what it makes while it names no vessel for it. */
export const madeAt = (step: string, use: string) => `${step}/${use}`;

/** Place of a portion of a line between balance and vessel. No id of a document can be this. */
export const portionPlace = (line: string) => `portion:${line}`;

/** Ids on a record have at most 40 characters; 16 of them are the hash, one stands before it. */
const longestName = 40 - 17;

/**
 * What the record calls a place. A vessel has its own id; a place that a step makes (`step/use`) and a portion of a line, whose names no
 * record takes, get a readable id that ends with a hash of the place, so that no two of them are one.
 *
 * @example placeId('flask') // → 'flask'
 */
export function placeId(place: string): string {
  if (!/[/:]/.test(place)) return place;
  const readable = place
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, longestName)
    .replace(/-$/, '');
  return `${readable}-${hashFacts(place)}`;
}
