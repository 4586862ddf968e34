import { namedBy } from '../operations/named';
import type { Preparation } from '../document/document';

/** Substances that something in a preparation names. */
function namedIn(doc: Preparation): ReadonlySet<string> {
  return new Set(
    [
      ...doc.lines.flatMap(({ substance, delivers, solvent, contains = [] }) => [
        substance,
        delivers?.substance,
        solvent,
        ...contains.map((one) => one.substance),
      ]),
      ...doc.reactions.flatMap(({ product, terms }) => [product, ...terms.map(({ substance }) => substance)]),
      ...doc.stages.map(({ substance }) => substance),
      ...doc.substances.flatMap(({ solubility = [] }) => solubility.map(({ solvent }) => solvent)),
      ...doc.steps.flatMap((step) => namedBy(step, 'substance')),
    ].filter((id) => id !== undefined),
  );
}

/** A preparation without the substances that nothing names any more. */
export function pruned(doc: Preparation): Preparation {
  const named = namedIn(doc);
  return doc.substances.every(({ id }) => named.has(id))
    ? doc
    : { ...doc, substances: doc.substances.filter(({ id }) => named.has(id)) };
}
