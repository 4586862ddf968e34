import { addLine, addLineFrom, changeSubstance } from './edit';
import { addTerm } from './reactions';
import type { Added } from './edit';
import type { FromReference } from './fromReference';
import type { Preparation, LineRole } from '../document/document';
import type { Term } from '../document/reaction';
import type { TermOf } from './reactions';

/** A substance that somebody chose: one of the preparation, an entry of the reference, or a new one as far as it is known. */
export type Chosen = TermOf | { readonly from: FromReference };

/** Adds a line of a chosen substance. */
export function addLineOf(doc: Preparation, chosen: Chosen, role: LineRole): Added {
  if ('from' in chosen) return addLineFrom(doc, chosen.from, role);
  if ('known' in chosen)
    return addLine(doc, doc.substances.find(({ id }) => id === chosen.known)?.name ?? chosen.known, role);
  const { doc: added, line } = addLine(doc, chosen.added.name, role);
  const substance = added.lines.find(({ id }) => id === line)?.substance ?? '';
  const isNew = doc.substances.every(({ id }) => id !== substance);
  return { line, doc: isNew ? changeSubstance(added, substance, chosen.added) : added };
}

/** Writes a chosen substance on a side of a reaction. */
export const addTermOf = (doc: Preparation, reaction: string, side: Term['side'], chosen: Chosen): Preparation =>
  addTerm(doc, reaction, side, 'from' in chosen ? { added: chosen.from.substance } : chosen);
