import { expectedLabel } from './expectedLabel';
import { pictograms } from '../reference/pictograms';
import type { HazardLabel } from '../reference/substance';
import type { PictogramId } from '../reference/pictograms';

const named = (id: string) => `${pictograms[id as PictogramId] ?? 'unknown'} (GHS${id})`;

/** Where a label contradicts itself: statements that do not exist, symbols or a signal word that do not follow from them. */
export function labelFaults(label: Pick<HazardLabel, 'signal' | 'pictograms' | 'statements'>): readonly string[] {
  const { needed, optional, signals, unknown } = expectedLabel(label.statements);
  const missing = needed.filter((id) => !label.pictograms.includes(id));
  const extra = label.pictograms.filter((id) => ![...needed, ...optional].includes(id as PictogramId));
  return [
    ...unknown.map((code) => `${code} is not a hazard statement`),
    ...missing.map((id) => `the symbol ${named(id)} follows from the statements and is missing`),
    ...extra.map((id) => `no statement asks for the symbol ${named(id)}`),
    ...(signals.includes(label.signal)
      ? []
      : [`the signal word is ${label.signal}, the statements ask for ${signals.join(' or ')}`]),
  ];
}
