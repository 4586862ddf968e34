import { ownReactions } from './ownReactions';
import { ownWorkUps } from './ownWorkUps';
import type { Own } from './ownDocument';

export { ownDocument } from './ownDocument';

/** Preparations as an author would bring them: formulas, structures, hazard statements and steps, nothing else. */
export const ownPreparations: Readonly<Record<string, Own>> = { ...ownReactions, ...ownWorkUps };
