import { inSentence } from '../document/inSentence';
import type { StepContext } from './operation';

/** Name of the vessel that a step names for a use, inside a sentence, with its article; nothing where it names none. */
function named({ step, bench: { doc } }: StepContext, slot: string): string | undefined {
  const name = doc.vessels.find(({ id }) => id === step.uses?.[slot])?.name;
  return name === undefined ? undefined : `the ${inSentence(name)}`;
}

/** The vessel that a step names for a use, inside a sentence, with its article; else the words given. */
export const vesselAt = (context: StepContext, slot: string, otherwise: string): string =>
  named(context, slot) ?? `the ${otherwise}`;

/**
 * A vessel behind a preposition: " in the separatory funnel"; nothing where the step names none.
 *
 * @param where "in", "into", "to"
 */
export function behind(context: StepContext, where: string, slot = 'in'): string {
  const vessel = named(context, slot);
  return vessel === undefined ? '' : ` ${where} ${vessel}`;
}
