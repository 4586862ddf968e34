/** Letter of the nth of several, from 0 on: A to Z. */
export const itemOf = (index: number): string => String.fromCharCode(65 + index);

/**
 * An event of an earlier version that had the number of its item in the name: "tube-2-yes".
 *
 * @param of what the items were called
 */
export function readNumbered(of: string, name: string): { readonly name: string; readonly item: string } | undefined {
  const [, called, number = '', event = ''] = /^([a-z]+)-(\d{1,2})-([a-z]+)$/.exec(name) ?? [];
  const index = Number(number) - 1;
  return called === of && index >= 0 && index < 26 ? { name: event, item: itemOf(index) } : undefined;
}
