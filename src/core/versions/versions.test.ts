import { addLine, changeLine, removeLine } from '../editing/edit';
import { addStep } from '../editing/addStep';
import { moveStep, setParam } from '../editing/steps';
import { differencesBetween } from './differences';
import { conflictKey, mergeVersions } from './merge';
import { acetanilide } from '../../../tests/support/preparations';
import type { Preparation } from '../document/document';

const words = (before: Preparation, after: Preparation) =>
  differencesBetween(before, after).map(({ about, says }) => `${about}: ${says}`);
const reflux = (doc: Preparation) => doc.steps.find(({ op }) => op === 'reflux')?.id ?? '';

describe('differences in words', () => {
  const doc = acetanilide();

  it('are none between the same', () => {
    expect(differencesBetween(doc, acetanilide())).toEqual([]);
  });

  it('name the line and both amounts', () => {
    const more = changeLine(doc, 'aniline', { entered: { by: 'volume', digits: '2.40', unit: 'mL' } });
    expect(words(doc, more)).toEqual(['Aniline: amount: 2.00 → 2.40 mL']);
  });

  it('name the step by its number, the field and its unit', () => {
    expect(words(doc, setParam(doc, reflux(doc), 'minutes', 20))).toEqual([
      expect.stringMatching(/^Step 5, Heating under reflux.*: Time: 15 → 20 min$/),
    ]);
  });

  it('name what is added, taken away and moved', () => {
    expect(words(doc, addLine(doc, 'Sand', 'aid').doc)).toEqual(
      expect.arrayContaining([expect.stringMatching(/^Sand: added/)]),
    );
    expect(words(doc, removeLine(doc, 'charcoal'))).toEqual(
      expect.arrayContaining(['Charcoal, activated: taken away']),
    );
    expect(words(doc, moveStep(doc, doc.steps[1]?.id ?? '', -1))).toEqual([
      expect.stringMatching(/^Order of the steps: moved/),
    ]);
  });
});

describe('two who changed one version', () => {
  const base = acetanilide();
  const more = changeLine(base, 'aniline', { entered: { by: 'volume', digits: '2.40', unit: 'mL' } });
  const longer = setParam(base, reflux(base), 'minutes', 20);

  it('are joined where they touch different places, whoever comes first', () => {
    const one = mergeVersions(base, more, longer);
    expect(one.conflicts).toEqual([]);
    expect(one.doc).toEqual(setParam(more, reflux(base), 'minutes', 20));
    expect(mergeVersions(base, longer, more).doc).toEqual(one.doc);
  });

  it('are asked where they touch the same', () => {
    const less = changeLine(base, 'aniline', { entered: { by: 'volume', digits: '1.80', unit: 'mL' } });
    const { doc, conflicts } = mergeVersions(base, more, less);
    expect(conflicts.map(conflictKey)).toEqual(['lines/aniline/entered/digits']);
    expect(doc).toEqual(less);
    const chosen = mergeVersions(base, more, less, new Map([['lines/aniline/entered/digits', 'mine' as const]]));
    expect(chosen.doc).toEqual(more);
  });

  it('keep what each added, and one who takes away what the other changed is asked', () => {
    const added = addStep(base, 'weighing', 3);
    const other = addStep(base, 'meltingRange');
    if (!added.ok || !other.ok) throw new Error('not added');
    const both = mergeVersions(base, added.doc, other.doc);
    expect(both.conflicts).toEqual([]);
    expect(both.doc.steps.map(({ id }) => id)).toEqual([...added.doc.steps.map(({ id }) => id), other.step]);
    const gone = { ...base, steps: base.steps.filter(({ id }) => id !== reflux(base)) };
    expect(mergeVersions(base, gone, longer).conflicts.map(conflictKey)).toEqual([`steps/${reflux(base)}`]);
  });
});
