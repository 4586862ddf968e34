/** @jest-environment jsdom */
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { SWRConfig } from 'swr';
import { AddLine } from './AddLine';
import { api, ApiError } from '@/api/client';
import { computePlan } from '@/core/plan/plan';
import { crossChecks } from '@/core/checks/crossChecks';
import { PlanViewContext, unlit } from '@/components/plan/planView';
import { standingsOf } from '@/core/reference/confirmation';
import { shippedSubstances } from '@/data/reference';
import { acetanilide } from '../../../tests/support/preparations';
import { click, fill, words } from '../../../tests/support/screen';
import type { Picked } from '@/core/editing/fromReference';
import type { Preparation } from '@/core/document/document';

const summary = (id: string, name: string) => ({
  id,
  name,
  kind: 'substance' as const,
  synonyms: [],
  groups: {},
  pictograms: ['02'],
  own: false,
  confirmed: false,
});

jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { referenceEntries: jest.fn(), referenceEntry: jest.fn() },
}));

const picked = (id: string): Picked => {
  const substance = shippedSubstances.find((one) => one.id === id);
  if (!substance) throw new Error(id);
  const checks = crossChecks(substance);
  return { kind: 'substance', substance, checks, standings: standingsOf(substance, checks, []) };
};

function dialog() {
  const docs: Preparation[] = [];
  const added = jest.fn();
  const plan = computePlan(acetanilide());
  const view = {
    plan,
    edit: (_: string, change: (doc: Preparation) => Preparation) => docs.push(change(plan.doc)),
    canEdit: true,
    open: undefined,
    lit: unlit,
    toggle: () => undefined,
    editLine: () => undefined,
  };
  jest
    .mocked(api.referenceEntries)
    .mockResolvedValue([summary('toluene', 'Toluene'), summary('p-xylene', '1,4-Xylene')]);
  render(
    <SWRConfig value={{ provider: () => new Map() }}>
      <PlanViewContext.Provider value={view as never}>
        <AddLine onClose={() => undefined} onAdded={added} />
      </PlanViewContext.Provider>
    </SWRConfig>,
  );
  return { docs, added };
}
const field = () => screen.getByRole('combobox', { name: 'Substance or material' });

test('what is typed is found in the reference, chosen with the keys, and taken over with its data', async () => {
  const { docs, added } = dialog();
  jest.mocked(api.referenceEntry).mockResolvedValue(picked('toluene'));
  fill('Substance or material', 'tol');
  expect(words(await screen.findByRole('option', { name: /Toluene/ }))).toContain('flammable');
  fireEvent.keyDown(field(), { key: 'ArrowDown' });
  fireEvent.keyDown(field(), { key: 'Enter' });
  expect((field() as HTMLInputElement).value).toBe('Toluene');
  expect(screen.getByText(/From the reference, with density/)).toBeTruthy();
  click('Add');
  await waitFor(() => expect(added).toHaveBeenCalledWith('toluene'));
  const doc = docs[0] as Preparation;
  expect(doc.substances.at(-1)).toMatchObject({
    id: 'toluene',
    reference: 'toluene',
    smiles: 'Cc1ccccc1',
    waste: 'non-halogenated',
  });
  expect(doc.lines.at(-1)).toMatchObject({ substance: 'toluene', role: 'solvent', entered: { by: 'volume' } });
});

test('what is not there is added by its name alone, and says so', async () => {
  const { docs, added } = dialog();
  fill('Substance or material', 'Sea sand');
  expect(await screen.findByText('Not in the reference: it is added by its name alone.')).toBeTruthy();
  click('Add');
  await waitFor(() => expect(added).toHaveBeenCalledWith('sea-sand'));
  expect(docs[0]?.substances.at(-1)).toEqual({ id: 'sea-sand', name: 'Sea sand' });
});

test('an entry that cannot be read is met in words, and nothing is added', async () => {
  const { docs, added } = dialog();
  jest.mocked(api.referenceEntry).mockRejectedValue(new ApiError('offline', 'The server cannot be reached.'));
  fill('Substance or material', 'toluene');
  fireEvent.click(await screen.findByRole('option', { name: /Toluene/ }));
  click('Add');
  expect(words(await screen.findByRole('alert'))).toContain('The server cannot be reached.');
  expect([docs.length, added.mock.calls.length]).toEqual([0, 0]);
});
