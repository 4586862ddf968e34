/**
 * An id from a name: lower-case letters, digits and hyphens, accents left aside.
 *
 * @param longest number of characters
 * @returns '' when nothing of the name can stand in an id
 * @example [slug('Heptan-4-one', 40), slug('Caryophyllène ', 8), slug('???', 40)] // → ['heptan-4-one', 'caryophy', '']
 */
export function slug(name: string, longest: number): string {
  return name
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+/, '')
    .slice(0, longest)
    .replace(/-+$/, '');
}
