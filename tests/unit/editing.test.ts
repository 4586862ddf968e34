import fc from 'fast-check';
import { addLine } from '@/core/editing/edit';
import { addReaction, addTerm, balance, balanceOf } from '@/core/editing/reactions';
import { addStage } from '@/core/editing/stages';
import { addStep } from '@/core/editing/addStep';
import { moveStep, removeStep, setParam } from '@/core/editing/steps';
import { benchState } from '@/core/bench/benchState';
import { blankPreparation } from '@/core/document/blank';
import { operations } from '@/core/operations/registry';
import { missingParts } from '@/core/process/proof/missingParts';
import { planOf } from '@/core/process/planOf';
import { readPreparation } from '@/core/formats/readPreparation';
import { writePreparation } from '@/core/formats/writePreparation';
import { fullDocument } from '../support/fullDocument';
import { edits } from '../support/randomEdits';
import { acetanilide, shipped } from '../support/preparations';
import type { Preparation } from '@/core/document/document';

const faults = (doc: Preparation) => {
  const read = readPreparation(writePreparation(doc));
  return read.ok ? [] : read.faults;
};
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
