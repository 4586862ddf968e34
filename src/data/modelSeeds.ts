import type { Seeds } from '@/core/explore/seeds';

/** What the models show when no preparation gives its own numbers: textbook cases from the library. */
export const modelSeeds: Seeds = {
  extraction: {
    substance: 'benzoic-acid',
    solvent: 'tbme',
    into: 'solvent',
    aqueous_mL: 100,
    organic_mL: 60,
    added_mL: 60,
    portions: 3,
    pH: 4.5,
  },
  distillation: {
    lighter: 'cyclohexane',
    heavier: 'toluene',
    lighter_mL: 25,
    heavier_mL: 25,
    stages: 6,
    reflux: 5,
    limits_C: [85, 107],
  },
  recrystallization: { substance: 'benzoic-acid', solvent: 'water', mass_g: 2.5, volume_mL: 85, cold_C: 0 },
  melting: { substance: 'benzoic-acid' },
};
