import { finding } from '../../finding/finding';
import { findOperation } from '../../operations/registry';
import { inSentence } from '../../document/inSentence';
import { namedBy, unsaidIn } from '../../operations/named';
import { lineName } from '../../document/lineName';
import { stepsAfter } from '../../document/order';
import { weighingOf } from '../stageAhead';
import { circling, referenceOf } from '../../document/reactions';
import type { Finding } from '../../finding/finding';
import { stepTitle } from '../../operations/stepTitle';
import { unchosen } from '../../document/unchosen';
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
  for (const { id: item, name } of circling(doc))
    found.push(finding('missing.beginning', 'stop', { field: 'equation', item }, { name }));
  for (const { id: line, entered } of doc.lines)
    if (entered.by === 'words' && entered.text === unchosen)
      found.push(finding('missing.choice', 'stop', { line, field: 'entered' }, { name: lineName(doc, line) }));
  for (const step of doc.steps) {
    for (const [slot, { named, label }] of Object.entries(findOperation(step.op)?.vessels ?? {}))
      if (named && step.uses?.[slot] === undefined)
        found.push(
          finding(
            'missing.vessel',
            'caution',
            { step: step.id, field: `uses/${slot}` },
            { step: stepTitle(doc, step), what: inSentence(label) },
          ),
        );
    const open = unsaidIn(step);
    if (open.length > 0)
      found.push(
        finding(
          'missing.words',
          'caution',
          { step: step.id },
          { step: stepTitle(doc, step), what: open.map(inSentence).join(', ') },
        ),
      );
  }
  for (const { id: line, supply } of doc.lines) {
    const stage = doc.stages.find(({ id }) => id === supply?.stage);
    const takes = doc.steps.find((step) => namedBy(step, 'line').includes(line));
    const measuring = stage && weighingOf(doc, stage.id);
    if (!stage || !takes || (measuring && stepsAfter(doc.steps, measuring.id).has(takes.id))) continue;
    const args = { name: lineName(doc, line), stage: inSentence(stage.name) };
    found.push(finding('missing.supply', 'caution', { line, field: 'supply' }, args));
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
