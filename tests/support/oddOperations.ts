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
  }).map(([op, params], i) => ({
    id: `odd-${i + 1}`,
    op,
    opVersion: 1,
    params,
    time: { typical_min: 5, attended: true },
  }));
  return { ...acetanilide(), steps };
};
