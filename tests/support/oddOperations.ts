import { acetanilide } from './preparations';
import type { Preparation } from '@/core/document/document';

/** Operations that no shipped preparation uses, one step each. */
export const oddOperations = (): Preparation => {
  const steps = Object.entries({
    anhydrousSetUp: {},
    induction: { minutes: 10 },
    grinding: { minutes: 5, melt_C: 90 },
    closedVial: { minutes: 10, vent_min: 2 },
    gravityFiltration: {},
    evaporation: { of: 'pure', days: 5 },
    reactiveDistillation: { substance: 'acetanilide', ceiling_C: 110 },
    stand: { hours: 40, where: 'refrigerator', cover: 'stoppered', look: 'needles on the wall' },
    pouring: { manner: 'portions', minutes: 10, ceiling_C: 25 },
    parting: { keep: 'aqueous', organic: 'upper', by: 'pipette' },
    resuspending: { lines: ['ice-water'], minutes: 5, at_C: 20, aim: 'slurry', of: 'crude' },
    boilingDown: { to_mL: 20, way: 'open', of: 'crude' },
    thinLayer: { of: 'pure', lanes: ['mixture', 'aniline'], eluent: ['ice-water'], seen: 'ultraviolet lamp' },
    antisolvent: { of: 'pure', line: 'ice-water', minutes: 10, at_C: 20 },
    distillation: { of: 'pure', low_C: 150, high_C: 156, cuts_C: [90, 120, 180], column: 'packed' },
    sublimation: { of: 'pure', most_C: 90, minutes: 20, cold: 'water', pressure: 'reduced' },
  }).map(([op, params], i) => ({
    id: `odd-${i + 1}`,
    op,
    opVersion: 1,
    params,
    time: { typical_min: 5, attended: true },
  }));
  return { ...acetanilide(), steps };
};
