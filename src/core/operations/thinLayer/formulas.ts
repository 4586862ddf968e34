import type { FormulaText } from '../../quantity/formulaText';

/** Workings that only a thin-layer chromatogram has. */
export const thinLayerFormulas = {
  retentionFactor: {
    name: 'Retention factor',
    result: 'Rf',
    expression: 'd / d_f',
    source: 'distance of the spot over that of the front, both from the start',
  },
} as const satisfies Record<string, FormulaText>;
