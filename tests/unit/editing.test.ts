import fc from 'fast-check';
import { addLine, changeLine, removeLine, setReference } from '@/core/editing/edit';
import {
  addReaction,
  addTerm,
  balance,
  balanceOf,
  removeReaction,
  removeTerm,
  setExtent,
  toggleRun,
} from '@/core/editing/reactions';
import { addStage, changeStage, removeStage } from '@/core/editing/stages';
import { addStep, duplicateStep, moveStep, removeStep, setParam, setUse } from '@/core/editing/steps';
import { addVessel, removeVessel } from '@/core/editing/vessels';
import { benchState } from '@/core/bench/benchState';
import { blankPreparation } from '@/core/document/blank';
import { findOperation, operations } from '@/core/operations/registry';
import { missingParts } from '@/core/process/proof/missingParts';
import { planOf } from '@/core/process/planOf';
import { readPreparation } from '@/core/formats/readPreparation';
import { roles, vesselKinds } from '@/core/document/document';
import { writePreparation } from '@/core/formats/writePreparation';
import { fullDocument } from '../support/fullDocument';
import { acetanilide, shipped } from '../support/preparations';
import type { Preparation } from '@/core/document/document';

const faults = (doc: Preparation) => {
  const read = readPreparation(writePreparation(doc));
  return read.ok ? [] : read.faults;
};
const pick = <T>(all: readonly T[], n: number): T | undefined => all[n % Math.max(1, all.length)];

/** Edits by number: which one, and of what. */
const edits: readonly ((doc: Preparation, n: number) => Preparation)[] = [
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
    return reaction && step ? toggleRun(doc, reaction.id, step.id) : doc;
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
  (doc, n) => removeVessel(doc, pick(doc.vessels, n)?.id ?? ''),
  (doc, n) => {
    const step = pick(doc.steps, n);
    const use = Object.keys(findOperation(step?.op ?? '')?.vessels ?? {})[0];
    return step && use ? setUse(doc, step.id, use, pick(doc.vessels, n >> 3)?.id) : doc;
  },
];
const script = fc.array(fc.tuple(fc.nat(edits.length - 1), fc.nat(5000)), { minLength: 1, maxLength: 40 });

test('whatever is added, moved and taken away, the document is one that its reader takes and the plan can compute', () => {
  const start = fc.constantFrom<() => Preparation>(
    () => blankPreparation('New'),
    fullDocument,
    acetanilide,
    () => shipped('acid-base-neutral'),
  );
  fc.assert(
    fc.property(start, script, (begin, all) => {
      const doc = all.reduce((now, [which, n]) => edits[which]?.(now, n) ?? now, begin());
      const most = doc.lines.length <= 60 && doc.reactions.length <= 12 && doc.substances.length <= 80;
      if (!most) return;
      expect(faults(doc)).toEqual([]);
      const { plan, process } = planOf(doc);
      expect(plan.lines).toHaveLength(doc.lines.length);
      expect(process.findings.length + missingParts(doc).length).toBeGreaterThanOrEqual(0);
      expect(benchState(doc, []).steps).toHaveLength(doc.steps.length);
    }),
    { numRuns: 150 },
  );
});

test('every operation can be begun where a preparation has what it names, and says what is lacking elsewhere', () => {
  const doc = acetanilide();
  for (const { name } of operations) {
    const added = addStep(doc, name);
    expect([name, added.ok]).toEqual([name, true]);
    if (added.ok) expect([name, faults(added.doc)]).toEqual([name, []]);
    const bare = addStep(blankPreparation('New'), name);
    if (!bare.ok) expect(['line', 'stage', 'substance']).toContain(bare.lacks);
  }
});

test('a preparation written from a blank page is balanced, complete, and worked by a bench', () => {
  let doc = blankPreparation('Benzyl acetate');
  doc = addReaction(doc, 'Esterification');
  const reaction = doc.reactions[0]?.id ?? '';
  const write = (side: 'left' | 'right', name: string, formula: string) => {
    doc = addTerm(doc, reaction, side, { added: { name, formula, form: 'liquid' } });
  };
  write('left', 'Benzyl alcohol', 'C7H8O');
  write('left', 'Acetic anhydride', 'C4H6O3');
  write('right', 'Benzyl acetate', 'C9H10O2');
  expect(balanceOf(doc, doc.reactions[0] as Preparation['reactions'][number])).toEqual({ kind: 'none' });
  write('right', 'Acetic acid', 'C2H4O2');
  doc = balance(doc, reaction);
  expect(doc.reactions[0]).toMatchObject({ product: 'benzyl-acetate', terms: Array(4).fill({ coefficient: 1 }) });
  for (const name of ['Benzyl alcohol', 'Acetic anhydride']) doc = addLine(doc, name, 'reactant').doc;
  expect(doc.lines.map(({ substance, reaction: into }) => [substance, into])).toEqual([
    ['benzyl-alcohol', reaction],
    ['acetic-anhydride', reaction],
  ]);
  expect(doc.reference).toBe('benzyl-alcohol');
  doc = addStage(doc, 'benzyl-acetate');
  expect(doc.stages[0]?.origin).toEqual({ by: 'reaction', reaction });
  for (const op of ['reflux', 'weighing']) {
    const added = addStep(doc, op);
    if (added.ok) doc = added.doc;
  }
  doc = setParam(doc, doc.steps.find(({ op }) => op === 'reflux')?.id ?? '', 'minutes', 45);
  expect(faults(doc)).toEqual([]);
  expect(missingParts(doc).filter(({ severity }) => severity === 'stop')).toEqual([]);
  expect(benchState(doc, []).current?.operation.title).toBe('Charge');
});

test('moving a step past what it waits for lets it wait no longer; removing one hands its place on', () => {
  const doc = fullDocument();
  const up = moveStep(doc, 'quench', -20);
  expect(up.steps[0]).toMatchObject({ id: 'quench' });
  expect(up.steps[0]?.after).toBeUndefined();
  const gone = removeStep(doc, 'start');
  expect(gone.steps.find(({ id }) => id === 'quench')?.after).toEqual(['solvent', 'metal', 'cold']);
  expect(gone.reactions.find(({ id }) => id === 'insertion')?.runs).toEqual([]);
  expect(moveStep(doc, 'in', 0)).toEqual(doc);
});
