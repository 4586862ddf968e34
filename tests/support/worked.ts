import type { Worked } from '@/core/quantity/worked';

/** A temperature as it was read. */
export const readTemperature = (value: number): Worked<'temperature'> => ({
  q: { dim: 'temperature', value },
  figures: 4,
  unit: '°C',
  formula: 'asRead',
  inputs: {},
  certain: 'measured',
});
