import { format } from '@/core/quantity/format';
import type { Dim } from '@/core/quantity/dims';

const text = (dim: Dim, unit: string, figures: number) => (value: number) => format({ dim, value }, unit, { figures });

/** Numbers of the explorers, as they are said. */
export const says = {
  share: (value: number) =>
    value > 0 && value < 1e-4 ? `below 0.01${'\u00a0'}%` : format({ dim: 'fraction', value }, '%', { figures: 2 }),
  mL: text('volume', 'mL', 3),
  grams: (value: number) => format({ dim: 'mass', value }, 'g', { decimals: 2 }),
  number: text('number', '', 3),
  degrees: (value: number) => format({ dim: 'temperature', value }, '°C', { decimals: 1 }),
  litres: (value: number) => format({ dim: 'volume', value: value * 1000 }, 'L', { figures: 2 }),
  solubility: text('density', 'g/100 mL', 3),
} as const;
