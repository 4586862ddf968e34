import type { FormulaText } from '../../quantity/formulaText';

/** Workings that only a melting range has. */
export const meltingRangeFormulas = {
  ramp: {
    name: 'Heating rate near the melt',
    result: 'β',
    expression: '(T_2 − T_1) / t',
    source: 'two readings and the time between them',
  },
  correctedTemperature: {
    name: 'Corrected temperature',
    result: 'T',
    expression: 'T_read + ΔT',
    source: 'correction of the apparatus, recorded for the class',
  },
} as const satisfies Record<string, FormulaText>;
