/**
 * What a JSON file of this folder holds. The compiler widens its literals; a test judges every entry by the schema that users' own
 * entries must meet.
 */
export const shaped = <T>(file: unknown): readonly T[] => file as readonly T[];
