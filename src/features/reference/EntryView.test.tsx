/** @jest-environment jsdom */
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { SWRConfig } from 'swr';
import { api, ApiError } from '@/api/client';
import { crossChecks } from '@/core/checks/crossChecks';
import { EntryView } from './EntryView';
import { expectedBands, fittingVisualizers } from '@/core/reference/spectra';
import { solutionChecks } from '@/core/checks/solutionChecks';
import { standingsOf } from '@/core/reference/confirmation';
import { infraredBands, shippedSolutions, shippedSubstances, shippedVisualizers } from '@/data/reference';
import { click, fill, words } from '../../../tests/support/screen';
import type { EntryPage } from '@/core/editing/entryPage';
import type { ReferenceSubstance } from '@/core/reference/substance';
import type { Role } from '@/core/identity';

const refresh = jest.fn();
const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh }) }));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: {
    confirmReference: jest.fn(() => Promise.resolve()),
    withdrawReference: jest.fn(() => Promise.resolve({ shipped: true })),
    saveReference: jest.fn(() => Promise.resolve({})),
    // Still being drawn: the page does not wait for it.
    structure: () => new Promise(() => undefined),
  },
}));
beforeEach(() => jest.clearAllMocks());

const nothing = { version: 0, shipped: true, solutions: [], usedIn: [], bands: [], visualizers: [] };
function substancePage(id: string, change: Partial<EntryPage> = {}): EntryPage {
  const substance = shippedSubstances.find((one) => one.id === id) as ReferenceSubstance;
  const checks = crossChecks(substance, substance.formula);
  const picked = { kind: 'substance' as const, substance, checks, standings: standingsOf(substance, checks, []) };
  return {
    ...nothing,
    picked,
    bands: expectedBands(infraredBands, substance.groups),
    visualizers: fittingVisualizers(shippedVisualizers, substance.groups),
    ...change,
  };
}
function solutionPage(id: string): EntryPage {
  const solution = shippedSolutions.find((one) => one.id === id);
  const solute = shippedSubstances.find((one) => one.id === solution?.solute);
  const madeFrom = [...shippedSolutions, ...shippedSubstances].find((one) => one.id === solution?.madeFrom);
  if (!solution || !solute) throw new Error(id);
  const checks = solutionChecks(solution, solute);
  return {
    ...nothing,
    picked: { kind: 'solution', solution, solute, checks, standings: standingsOf(solution, checks, []) },
    ...(madeFrom ? { madeFrom } : {}),
  };
}
const open = (page: EntryPage, role: Role = 'coordinator') =>
  render(
    <SWRConfig value={{ provider: () => new Map() }}>
      <EntryView identity={{ role, id: 'x', name: role }} page={page} />
    </SWRConfig>,
  );
const rowOf = (name: RegExp) => words(screen.getByRole('row', { name }));

test('values stand with unit, mark and source; what is unknown is not listed', () => {
  open(substancePage('vanillin'));
  expect(rowOf(/^Melting point/)).toBe('Melting point81–83 °Cconfirmcommon handbook value');
  expect(rowOf(/^Formula/)).toContain('cross-checked');
  expect(rowOf(/^Molar mass/)).toContain('152.15g/molcomputed');
  expect(screen.queryByRole('row', { name: /^Density/ })).toBeNull();
  const agents = words(screen.getByRole('region', { name: 'Drying agents' }));
  expect(agents).toContain('calcium chloride not with a phenol, aldehyde');
  expect(agents).toContain('potassium carbonate not with a phenol');
  expect(words(screen.getByRole('region', { name: 'Spectra and stains' }))).toContain(
    '1740–1680 cm⁻¹ C=O stretch (aldehyde; strong)',
  );
  expect(screen.queryByRole('region', { name: 'Vapour pressure' })).toBeNull();
});

test('a coordinator confirms a value with what stands there; a demonstrator only reads the mark', async () => {
  const { unmount } = open(substancePage('vanillin'));
  click('Confirm melting point: I compared it with a source');
  await waitFor(() => expect(refresh).toHaveBeenCalled());
  expect(api.confirmReference).toHaveBeenCalledWith(
    'vanillin',
    'melting',
    '{"digits":"81","high":"83","source":"common handbook value"}',
    true,
  );
  unmount();
  open(substancePage('vanillin'), 'demonstrator');
  expect(screen.queryByRole('button', { name: /^Confirm/ })).toBeNull();
});

test('a confirmation that comes too late is met in words', async () => {
  jest.mocked(api.confirmReference).mockRejectedValueOnce(new ApiError('stale', 'This value was changed meanwhile.'));
  open(substancePage('vanillin'));
  click('Confirm the hazard label: I compared it with a source');
  expect(words(await screen.findByRole('alert'))).toContain('changed meanwhile');
  expect(refresh).not.toHaveBeenCalled();
});

test('what does not fit is said in the open', () => {
  const page = substancePage('toluene');
  if (page.picked.kind !== 'substance') throw new Error();
  const wrong = { ...page.picked.substance, waste: 'halogenated' as const };
  const checks = crossChecks(wrong);
  open({ ...page, picked: { ...page.picked, substance: wrong, checks, standings: standingsOf(wrong, checks, []) } });
  expect(words(screen.getByRole('region', { name: 'Cross-checks' }))).toContain('Something does not fit');
});

test('boiling at another pressure and vapour pressure at another temperature follow; nonsense stays in its field', () => {
  open(substancePage('water'));
  const panel = () => words(screen.getByRole('region', { name: 'Vapour pressure' }));
  expect(panel()).toContain('boils at 100.0 °C');
  fill('Pressure, torr', '526');
  // The boiling point of water at 3000 m, a known pair: 526 torr, 90 °C.
  expect(panel()).toContain('boils at 90.0 °C');
  fill('Temperature, °C', '300');
  expect(words(screen.getByRole('alert'))).toContain('A temperature from −50 to 250.'.replace('−', '-'));
  fill('Temperature, °C', '150');
  expect(panel()).toContain('outside the range of the constants');
});

test('a recipe follows the volume wanted', () => {
  open(solutionPage('sodium-hydroxide-2m'));
  const made = () => words(screen.getByRole('region', { name: 'How it is made' }));
  expect(made()).toContain('20g Sodium hydroxide, made up with water to 250 mL');
  fill('Volume wanted', '100 mL');
  expect(made()).toContain('8.0g Sodium hydroxide');
  expect(rowOf(/^Concentration/)).toContain('cross-checked');
});

test('an own version is edited and stored with its base; unchanged values keep their source', async () => {
  open(substancePage('vanillin', { version: 3 }));
  click('Make an own version');
  const density = screen.getByLabelText('Density, g/mL');
  fill('Source of what you enter now', 'sheet of the bottle');
  fill('Density, g/mL', '1.06 @ 20');
  fireEvent.blur(density);
  click('Store');
  await waitFor(() => expect(push).toHaveBeenCalledWith('/reference/vanillin'));
  const sent = jest.mocked(api.saveReference).mock.calls[0]?.[0];
  expect(sent).toMatchObject({ base: 3, fresh: false, entry: { id: 'vanillin', name: 'Vanillin' } });
  expect((sent?.entry as ReferenceSubstance).values).toMatchObject({
    density: { digits: '1.06', at_C: 20, source: 'sheet of the bottle' },
    melting: { digits: '81', high: '83', source: 'common handbook value' },
  });
});

test('a refused entry keeps what was typed and names each fault', async () => {
  jest
    .mocked(api.saveReference)
    .mockRejectedValueOnce(
      new ApiError('refused', 'The entry was refused. Nothing was stored.', [
        { path: 'formula', reason: 'the structure holds C8H8O3' },
      ]),
    );
  open(substancePage('vanillin'));
  click('Make an own version');
  fill('Formula, hydrate water included', 'C8H8O4');
  click('Store');
  expect(words(await screen.findByRole('alert'))).toContain('formula the structure holds C8H8O3');
  expect((screen.getByLabelText('Formula, hydrate water included') as HTMLInputElement).value).toBe('C8H8O4');
  expect(push).not.toHaveBeenCalled();
  click('Cancel');
  expect(screen.getByRole('button', { name: 'Make an own version' })).toBeTruthy();
});

test('an own version is taken back only when asked twice, and by a coordinator', async () => {
  const own = substancePage('vanillin', { version: 2, own: { author: 'demonstrator', at: '2026-03-03T13:00:00Z' } });
  const { unmount } = open(own, 'demonstrator');
  expect(screen.queryByRole('button', { name: 'Back to the shipped values' })).toBeNull();
  unmount();
  open(own);
  click('Back to the shipped values');
  click('No');
  expect(api.withdrawReference).not.toHaveBeenCalled();
  click('Back to the shipped values');
  click('Yes, the shipped values again');
  await waitFor(() => expect(refresh).toHaveBeenCalled());
  expect(api.withdrawReference).toHaveBeenCalledWith('vanillin', 2);
});

test('the hazard fields say at once where a label contradicts itself', () => {
  open(substancePage('vanillin'));
  click('Make an own version');
  const part = screen.getByRole('region', { name: 'Hazards' });
  const statements = within(part).getByLabelText(/^Statements/);
  fill(/^Statements/, 'H225 H319');
  fireEvent.blur(statements);
  expect(words(part)).toContain('The symbol flammable (GHS02) follows from the statements and is missing.');
  expect(words(part)).toContain('The signal word is warning, the statements ask for danger.');
  click('flammable');
  expect(words(part)).not.toContain('is missing');
});
