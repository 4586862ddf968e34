import fc from 'fast-check';
import { differencesBetween } from '@/core/versions/differences';
import { mergeVersions } from '@/core/versions/merge';
import { sameValue } from '@/core/versions/sameValue';
import { edits } from '../support/randomEdits';
import { fullDocument } from '../support/fullDocument';
import { acetanilide } from '../support/preparations';
import type { Preparation } from '@/core/document/document';

type Steps = readonly (readonly [number, number])[];
const some = fc.array(fc.tuple(fc.nat(edits.length - 1), fc.nat(10_000)), { maxLength: 8 });
const bases = fc.constantFrom(acetanilide, fullDocument);
const after = (doc: Preparation, steps: Steps) =>
  steps.reduce<Preparation>((now, [which, n]) => edits[which]?.(now, n) ?? now, doc);
/** Documents as they are stored: absent keys are not there. */
const plain = (doc: Preparation) => JSON.parse(JSON.stringify(doc)) as Preparation;

test('two versions are the same when, and only when, nothing is told of them', () => {
  fc.assert(
    fc.property(bases, some, (base, steps) => {
      const [before, now] = [base(), after(base(), steps)];
      return (differencesBetween(before, now).length === 0) === sameValue(before, now);
    }),
  );
});

test('nothing beside a change, and the same change twice, are that change', () => {
  fc.assert(
    fc.property(bases, some, (base, steps) => {
      const [before, now] = [base(), after(base(), steps)];
      for (const merged of [
        mergeVersions(before, now, before),
        mergeVersions(before, before, now),
        mergeVersions(before, now, now),
      ]) {
        expect(merged.conflicts).toEqual([]);
        expect(plain(merged.doc)).toEqual(plain(now));
      }
    }),
  );
});

test('two changes are joined to the same whoever is first, or asked about; what only one changed is kept', () => {
  fc.assert(
    fc.property(bases, some, some, (base, mine, theirs) => {
      const [before, a, b] = [base(), after(base(), mine), after(base(), theirs)];
      const [one, other] = [mergeVersions(before, a, b), mergeVersions(before, b, a)];
      expect(one.conflicts.length).toBe(other.conflicts.length);
      const ids = (doc: Preparation) => doc.lines.map(({ id }) => id).sort();
      if (one.conflicts.length === 0) expect(ids(one.doc)).toEqual(ids(other.doc));
      if (sameValue(before.title, b.title)) expect(one.doc.title).toBe(a.title);
    }),
  );
});
