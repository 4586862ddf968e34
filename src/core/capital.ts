/**
 * A text with a capital at its beginning.
 *
 * @example capital('conical flask') // → 'Conical flask'
 */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
