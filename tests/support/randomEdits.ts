import { addLine, changeLine, removeLine, setReference } from '@/core/editing/edit';
import {
  addReaction,
  addTerm,
  balance,
  moveReaction,
  moveTerm,
  removeReaction,
  removeTerm,
  setExtent,
  setRun,
} from '@/core/editing/reactions';
import { addStage, changeStage, removeStage } from '@/core/editing/stages';
import { addStep } from '@/core/editing/addStep';
import { duplicateStep, moveStep, removeStep, setUse, setWaits } from '@/core/editing/steps';
import { addUsualBlock, usualBlocks } from '@/core/editing/blocks/usualBlocks';
import { blockOf } from '@/core/editing/blocks/block';
import { putBlock } from '@/core/editing/blocks/putBlock';
import { addVessel, addVesselAt, removeVessel } from '@/core/editing/vessels';
import { findOperation, operations } from '@/core/operations/registry';
import { roles, vesselKinds } from '@/core/document/document';
import type { Preparation } from '@/core/document/document';

const pick = <T>(all: readonly T[], n: number): T | undefined => all[n % Math.max(1, all.length)];

/** Edits by number: which one, and of what. */
export const edits: readonly ((doc: Preparation, n: number) => Preparation)[] = [
  (doc, n) => addLine(doc, `Substance ${n % 7}`, roles[n % roles.length] ?? 'aid').doc,
  (doc, n) => removeLine(doc, pick(doc.lines, n)?.id ?? ''),
  (doc, n) => {
    const line = pick(doc.lines, n);
    return line ? changeLine(doc, line.id, { role: roles[(n >> 3) % roles.length] ?? 'aid' }) : doc;
  },
  (doc, n) => {
    const line = pick(doc.lines, n);
    return line ? setReference(doc, line.id) : doc;
  },
  (doc, n) => addReaction(doc, `Reaction ${n % 3}`),
  (doc, n) => removeReaction(doc, pick(doc.reactions, n)?.id ?? ''),
  (doc, n) => {
    const reaction = pick(doc.reactions, n);
    const known = pick(doc.substances, n >> 2);
    if (!reaction) return doc;
    const side = n % 2 === 0 ? 'left' : 'right';
    return addTerm(
      doc,
      reaction.id,
      side,
      known && n % 3 > 0 ? { known: known.id } : { added: { name: `New ${n % 5}` } },
    );
  },
  (doc, n) => {
    const reaction = pick(doc.reactions, n);
    const term = reaction && pick(reaction.terms, n >> 2);
    return reaction && term ? removeTerm(doc, reaction.id, term) : doc;
  },
  (doc, n) => balance(doc, pick(doc.reactions, n)?.id ?? ''),
  (doc, n) => {
    const [reaction, step] = [pick(doc.reactions, n), pick(doc.steps, n >> 2)];
    return reaction && step ? setRun(doc, reaction.id, step.id, n % 3 > 0) : doc;
  },
  (doc, n) => {
    const [step, on] = [pick(doc.steps, n), pick(doc.steps, n >> 2)];
    return step && on ? setWaits(doc, step.id, on.id, n % 3 > 0) : doc;
  },
  (doc, n) => {
    const reaction = pick(doc.reactions, n);
    const run = reaction?.runs[0];
    return reaction && run
      ? setExtent(doc, reaction.id, run.step, n % 2 ? { by: 'conversion', percent: { typical: '80' } } : undefined)
      : doc;
  },
  (doc, n) => {
    const substance = pick(doc.substances, n);
    return substance && doc.stages.length < 20 ? addStage(doc, substance.id) : doc;
  },
  (doc, n) => removeStage(doc, pick(doc.stages, n)?.id ?? ''),
  (doc, n) => changeStage(doc, pick(doc.stages, n)?.id ?? '', { measure: n % 2 ? 'mass' : 'volume' }),
  (doc, n) => {
    const added = addStep(doc, operations[n % operations.length]?.name ?? 'charge', n % (doc.steps.length + 1));
    return added.ok ? added.doc : doc;
  },
  (doc, n) => removeStep(doc, pick(doc.steps, n)?.id ?? ''),
  (doc, n) => (doc.steps.length < 90 ? duplicateStep(doc, pick(doc.steps, n)?.id ?? '') : doc),
  (doc, n) => moveStep(doc, pick(doc.steps, n)?.id ?? '', (n % 9) - 4),
  (doc, n) => (doc.vessels.length < 30 ? addVessel(doc, vesselKinds[n % vesselKinds.length] ?? 'beaker') : doc),
  (doc, n) => {
    const reaction = pick(doc.reactions, n);
    const term = reaction && pick(reaction.terms, n >> 2);
    return reaction && term ? moveTerm(doc, reaction.id, term, n % 2 ? 1 : -1) : doc;
  },
  (doc, n) => moveReaction(doc, pick(doc.reactions, n)?.id ?? '', n % 2 ? 1 : -1),
  (doc, n) => {
    const block = pick(usualBlocks, n);
    const added = block && addUsualBlock(doc, block, n % (doc.steps.length + 1));
    return added?.ok ? added.doc : doc;
  },
  (doc, n) => {
    const from = n % Math.max(1, doc.steps.length);
    const ids = doc.steps.slice(from, from + 1 + (n % 4)).map(({ id }) => id);
    const added = putBlock(doc, blockOf(doc, ids, 'Block'), (n >> 2) % (doc.steps.length + 1));
    return added.ok ? added.doc : doc;
  },
  (doc, n) => {
    const step = pick(doc.steps, n);
    const use = Object.keys(findOperation(step?.op ?? '')?.vessels ?? {})[0];
    if (!step || use === undefined || doc.vessels.length >= 30) return doc;
    return addVesselAt(doc, step.id, use, { kind: pick(vesselKinds, n) ?? 'beaker', capacity_mL: 50 });
  },
  (doc, n) => removeVessel(doc, pick(doc.vessels, n)?.id ?? ''),
  (doc, n) => {
    const step = pick(doc.steps, n);
    const use = Object.keys(findOperation(step?.op ?? '')?.vessels ?? {})[0];
    return step && use ? setUse(doc, step.id, use, pick(doc.vessels, n >> 3)?.id) : doc;
  },
];
