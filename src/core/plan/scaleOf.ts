import type { Plan } from './planTypes';

/** By how much a plan is larger than its document is written: for what scales with it and is no line of the charge. 1 where nothing fixes it. */
export const scaleOf = ({ factor }: Pick<Plan, 'factor'>): number => (factor.ok ? factor.value.q.value : 1);
