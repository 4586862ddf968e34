import { thinLayerFormulas } from './thinLayer/formulas';
import { meltingRangeFormulas } from './meltingRange/formulas';

/** Workings that a single operation has; those that several share, or that no operation owns, stand in the catalogue. */
export const operationFormulas = { ...meltingRangeFormulas, ...thinLayerFormulas } as const;
