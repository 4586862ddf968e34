import { finding } from '../../finding/finding';
import { inSentence } from '../../document/inSentence';
import { namedBy } from '../../operations/named';
import { referenceOf } from '../../document/reactions';
import type { Finding } from '../../finding/finding';
import type { Preparation } from '../../document/document';

/**
 * What a preparation still lacks. Without what is marked stop no bench could begin, and it is stored but not issued; the rest leaves
 * results that nobody can tell.
 */
export function missingParts(doc: Preparation): readonly Finding[] {
  const found: Finding[] = [];
  if (doc.lines.length === 0) found.push(finding('missing.lines', 'stop', { field: 'lines' }));
  if (doc.steps.length === 0) found.push(finding('missing.steps', 'stop', { field: 'steps' }));
  if (doc.stages.length === 0) found.push(finding('missing.stages', 'stop', { field: 'stages' }));
  for (const reaction of doc.reactions) {
    const { id: item, name } = reaction;
    if (reaction.terms.length === 0)
      found.push(finding('missing.terms', 'stop', { field: 'equation', item }, { name }));
    const against = referenceOf(doc, reaction);
    if (against === undefined && doc.lines.length > 0)
      found.push(finding('missing.reference', 'stop', { field: 'reference', item }, { name }));
    if (reaction.runs.length === 0 && doc.steps.length > 0)
      found.push(finding('missing.run', 'caution', { field: 'runs', item }, { name }));
  }
  const measured = new Set(doc.steps.flatMap((step) => namedBy(step, 'stage')));
  for (const { id: item, name, origin } of doc.stages) {
    const args = { name: inSentence(name) };
    if (!origin) found.push(finding('missing.origin', 'caution', { field: 'origin', item }, args));
    if (!measured.has(item) && doc.steps.length > 0)
      found.push(finding('missing.measure', 'caution', { field: 'stages', item }, args));
  }
  return found;
}
