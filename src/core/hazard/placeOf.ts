import type { Place } from '../finding/finding';
import type { PlanSeen, Present, Scene } from './scene';

/** Where a caution stands: its step, and the line that brings one of the substances in. */
export function placeOf({ doc }: PlanSeen, { step, lines }: Scene, about: readonly Present[]): Place {
  const line = doc.lines.find(({ id, substance }) => lines.includes(id) && about.some((one) => one.id === substance));
  return { ...(step ? { step: step.id } : {}), ...(line && !step ? { line: line.id } : {}) };
}
