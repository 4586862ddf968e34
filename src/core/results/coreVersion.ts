/**
 * The version of everything that a result is computed by. It rises with every change that lets a record come to other results; a test
 * holds the golden files against it.
 */
export const coreVersion = '7';
