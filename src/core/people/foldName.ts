/**
 * A name as the database compares names: without accents, case and space around it. Two that fold to the same cannot both be had.
 *
 * @example foldName(' Sänderling') // → 'sanderling'
 */
export function foldName(name: string): string {
  return name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase().trim();
}
