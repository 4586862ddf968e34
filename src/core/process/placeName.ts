import { findOperation } from '../operations/registry';
import { inSentence } from '../document/inSentence';
import { lineName } from '../document/lineName';
import { madeAt, portionPlace } from '../worktop/placeId';
import { slotOf } from '../worktop/vessels';
import { stageAhead } from './stageAhead';
import type { Preparation } from '../document/document';

/** What a place is called: a vessel by its own name, what a step makes without one by what its slot declares. */
export const placeName = (doc: Preparation, place: string): string => knownPlace(doc, place) ?? 'Vessel';

/** The same, nothing for a place that the preparation does not know: a vessel that the bench noted by itself. */
export function knownPlace(doc: Preparation, place: string): string | undefined {
  const vessel = doc.vessels.find(({ id }) => id === place);
  if (vessel) return vessel.name;
  const line = doc.lines.find(({ id }) => place === portionPlace(id));
  if (line) return `Portion of ${inSentence(lineName(doc, line.id))}`;
  const step = doc.steps.find(({ id }) => place.startsWith(madeAt(id, '')));
  if (!step) return undefined;
  const use = place.slice(madeAt(step.id, '').length);
  const made = slotOf(findOperation(step.op)?.vessels ?? {}, use)?.made ?? 'Vessel';
  const stage = inSentence(stageAhead(doc, step)?.name ?? 'solid');
  return made.replace('{stage}', stage).replace('{n}', use.replace(/\D/g, ''));
}
