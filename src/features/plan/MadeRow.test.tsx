/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { ChargeBoard } from './ChargeBoard';
import { cellWorked } from './cells';
import { editing } from '../../../tests/support/planEditing';
import { fullDocument } from '../../../tests/support/fullDocument';
import { jobDocument } from '../../../tests/support/jobs/job';
import { jobs } from '../../../tests/support/jobs';
import { words } from '../../../tests/support/screen';
import type { Preparation } from '@/core/document/document';

const rowOf = (doc: Preparation, name: RegExp) => {
  const { plan } = editing(doc, () => <ChargeBoard onAdd={() => undefined} />);
  return { row: words(screen.getByRole('row', { name })), plan: plan() };
};

test('an intermediate that is made in excess stands with its bar in the reaction that takes it on', () => {
  const { row, plan } = rowOf(jobDocument(jobs['carbinol-again']!), /^Phenylmagnesium bromide made before/);
  expect(row).toContain('C6H5BrMg');
  // 22.93 mmol of it for 19.76 mmol of the ketone.
  expect(cellWorked(plan, 'made/addition/reagent/excess')?.q.value).toBeCloseTo(22.93 / 19.76 - 1, 2);
  expect(row).toContain('+16');
  expect(row).not.toContain('limits');
});

test('an intermediate that limits says so', () => {
  expect(rowOf(fullDocument(), /made before/).row).toContain('limits');
});
