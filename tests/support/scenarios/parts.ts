// What scenarios are made of.

export const cold = { in: 'flask' } as const;
export const shake = { in: 'funnel' } as const;
export const solid = { acid: ['reactant', '2.0 g', { substance: 'benzoic-acid' }] } as const;
export const water = (amount: string) => ['solvent', amount, { substance: 'water' }] as const;
export const hold = (low_C: number, high_C: number, minutes = 20, more: object = {}) =>
  ['hold', { minutes, low_C, high_C, ...more }, cold] as const;
export const dry = (where: string, most_C = 60) =>
  ['drying', { of: 'product', where, minutes: 20, further_min: 10, most_C }, { in: 'paper' }] as const;
