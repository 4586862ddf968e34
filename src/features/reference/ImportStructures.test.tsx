/** @jest-environment jsdom */
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { SWRConfig } from 'swr';
import { api, ApiError } from '@/api/client';
import { ImportStructures } from './ImportStructures';
import { click, fill, words } from '../../../tests/support/screen';
import type { StructureCandidate } from '@/core/reference/candidate';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { readStructures: jest.fn(), saveReference: jest.fn(), referenceEntries: jest.fn() },
}));
beforeEach(() => jest.resetAllMocks());

const good = (line: number, name: string, change: object = {}): StructureCandidate => ({
  line,
  ok: true,
  name,
  smiles: 'CCO',
  formula: 'C2H6O',
  groups: { alcohol: 1 },
  ...change,
});

async function bring(candidates: readonly StructureCandidate[]) {
  jest.mocked(api.readStructures).mockResolvedValue(candidates);
  const taken = {
    id: 'toluene',
    name: 'Toluene',
    kind: 'substance' as const,
    synonyms: [],
    groups: {},
    pictograms: [],
    own: false,
    confirmed: false,
  };
  jest.mocked(api.referenceEntries).mockResolvedValue([taken]);
  render(
    <SWRConfig value={{ provider: () => new Map() }}>
      <ImportStructures />
    </SWRConfig>,
  );
  await act(() => Promise.resolve());
  const file = { name: 'list.smi', size: 1, text: () => Promise.resolve('x') };
  fireEvent.change(screen.getByLabelText(/A MOL file/), { target: { files: [file] } });
  await waitFor(() => expect(api.readStructures).toHaveBeenCalled());
}

test('refused lines are named; known structures are left out unless chosen; the rest is stored', async () => {
  await bring([
    good(1, 'Spirit'),
    { line: 2, ok: false, reason: 'cannot be read', text: 'C1CC' },
    good(3, 'Old', { same: { id: 'ethanol', name: 'Ethanol' } }),
  ]);
  expect(words(await screen.findByRole('alert'))).toContain('line 2 C1CC cannot be read');
  expect((screen.getByLabelText('Take line 3') as HTMLInputElement).checked).toBe(false);
  jest.mocked(api.saveReference).mockResolvedValue({} as never);
  click('Store 1 substance');
  expect(words(await screen.findByRole('status'))).toContain('1 substance stored');
  expect(api.saveReference).toHaveBeenCalledWith(
    expect.objectContaining({
      fresh: true,
      entry: expect.objectContaining({ id: 'spirit', name: 'Spirit', notDriedWith: ['CaCl2', 'KOH'] }) as object,
    }),
  );
});

test('a name that is missing, taken or used twice stops the storing until it is mended', async () => {
  await bring([good(1, ''), good(2, 'Toluene'), good(3, 'Same'), good(4, 'same')]);
  const store = await screen.findByRole('button', { name: 'Store 4 substances' });
  expect((store as HTMLButtonElement).disabled).toBe(true);
  expect(screen.getByText('needs a name')).toBeTruthy();
  expect(screen.getAllByText('this name is taken')).toHaveLength(3);
  fill('Name of line 1', 'First');
  fill('Name of line 2', 'Second');
  fill('Name of line 4', 'Fourth');
  expect((store as HTMLButtonElement).disabled).toBe(false);
});

test('when storing breaks off, what was stored is not offered again', async () => {
  await bring([good(1, 'First'), good(2, 'Second')]);
  jest
    .mocked(api.saveReference)
    .mockResolvedValueOnce({} as never)
    .mockRejectedValueOnce(new ApiError('offline', 'The server cannot be reached.'));
  fireEvent.click(await screen.findByRole('button', { name: 'Store 2 substances' }));
  expect(words(await screen.findByRole('status'))).toContain('The server cannot be reached.');
  expect(screen.getByRole('button', { name: 'Store 1 substance' })).toBeTruthy();
});

test('an empty file and a failing server are met in words', async () => {
  await bring([]);
  expect(words(await screen.findByRole('status'))).toContain('There is no structure in it.');
});
