import { findOperation } from '../operations/registry';
import { inSentence } from '../document/inSentence';
import { madeAt, slotOf } from '../worktop/vessels';
import { stageAhead } from './stageAhead';
import type { Preparation } from '../document/document';

/** What a place is called: a vessel by its own name, what a step makes without one by what its slot declares. */
export function placeName(doc: Preparation, place: string): string {
  const vessel = doc.vessels.find(({ id }) => id === place);
  if (vessel) return vessel.name;
  const step = doc.steps.find(({ id }) => place.startsWith(madeAt(id, '')));
  if (!step) return 'Vessel';
  const use = place.slice(madeAt(step.id, '').length);
  const made = slotOf(findOperation(step.op)?.vessels ?? {}, use)?.made ?? 'Vessel';
  const stage = inSentence(stageAhead(doc, step)?.name ?? 'solid');
  return made.replace('{stage}', stage).replace('{n}', use.replace(/\D/g, ''));
}
