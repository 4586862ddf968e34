import { has } from './named';
import type { Preparation } from '../document/document';

/**
 * Step in which a reaction comes to its end where nobody says so: the last of those that let it run in the reaction vessel, before
 * anything else than charging and cooling is done to it.
 *
 * @param vessel that the reaction is in, where it is known
 */
export function usualRun({ steps }: Pick<Preparation, 'steps'>, vessel: string | undefined): string | undefined {
  let last: string | undefined;
  for (const step of steps) {
    const { id, uses } = step;
    const here = uses?.['in'] === undefined || vessel === undefined || uses['in'] === vessel;
    if (has(step, 'reacts') && here) last = id;
    // What leaves the vessel leaves the reaction.
    else if (last !== undefined && uses?.['to'] !== undefined) break;
    else if (last !== undefined && has(step, 'isolates')) break;
  }
  return last;
}
