import { has } from '../operations/named';
import type { Preparation } from '../document/document';

/**
 * Step in which the reaction comes to its end: the last of those that let it run in the reaction vessel, before anything else
 * than charging and cooling is done to it.
 */
export function reactionStep(doc: Preparation): string | undefined {
  const vessel = doc.lines.find(({ id }) => id === doc.reference)?.vessel;
  let last: string | undefined;
  for (const step of doc.steps) {
    const { id, uses } = step;
    const here = uses?.['in'] === undefined || vessel === undefined || uses['in'] === vessel;
    if (has(step, 'reacts') && here) last = id;
    // What leaves the vessel leaves the reaction.
    else if (last !== undefined && uses?.['to'] !== undefined) break;
    else if (last !== undefined && has(step, 'isolates')) break;
  }
  return last;
}
