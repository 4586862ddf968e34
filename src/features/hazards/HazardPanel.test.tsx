/** @jest-environment jsdom */
import { render, screen, waitFor, within } from '@testing-library/react';
import { SWRConfig } from 'swr';
import { api } from '@/api/client';
import { canonicalJson } from '@/core/canonicalJson';
import { computePlan } from '@/core/plan/plan';
import { processPlan } from '@/core/process/processPlan';
import { HazardPanel } from './HazardPanel';
import { PlanViewContext, unlit } from '@/components/plan/planView';
import { acetanilide } from '../../../tests/support/preparations';
import { click, words } from '../../../tests/support/screen';
import type { Confirmation } from '@/core/reference/confirmation';
import type { Preparation } from '@/core/document/document';

jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { hazardConfirmations: jest.fn(() => Promise.resolve([])) },
}));

const toggle = jest.fn();

function panel(doc: Preparation = acetanilide(), open?: string) {
  const plan = computePlan(doc);
  const view = {
    id: 'p',
    plan,
    process: processPlan(plan),
    edit: () => undefined,
    canEdit: true,
    open,
    lit: unlit,
    toggle,
    editLine: () => undefined,
    step: undefined,
    selectStep: () => undefined,
    issuing: false,
    setIssuing: () => undefined,
    takeAway: () => undefined,
  };
  render(
    <SWRConfig value={{ provider: () => new Map() }}>
      <PlanViewContext.Provider value={view}>
        <HazardPanel />
      </PlanViewContext.Provider>
    </SWRConfig>,
  );
}

const item = (name: string) =>
  screen.getAllByRole('listitem').find((one) => words(one.querySelector('h3')).startsWith(name));

test('it counts, and shows each label with symbols in words and asks to compare it', async () => {
  panel();
  expect(words(screen.getByRole('region', { name: 'Hazards and waste' }))).toContain('3 of 8 substances marked danger');
  const aniline = item('Aniline') as HTMLElement;
  expect(words(aniline)).toContain('H301+H311+H331 toxic if swallowed; toxic in contact with skin; toxic if inhaled');
  expect(within(aniline).getByText('health hazard')).toBeTruthy();
  expect(words(aniline)).toContain('Compare with the supplier’s sheet.');
  expect(words(item('No statements listed') as HTMLElement)).toContain('Water');
  await waitFor(() => expect(api.hazardConfirmations).toHaveBeenCalled());
});

test('a label is confirmed when the very same one was, and not when it was changed', async () => {
  const doc = acetanilide();
  const { check: _, ...label } = doc.substances.find(({ id }) => id === 'aniline')?.hazards ?? ({} as never);
  const confirmation = (content: string): Confirmation => ({
    entry: 'aniline',
    field: 'hazards',
    content,
    by: 'coordinator',
    at: '2026-03-03T13:00:00Z',
    holds: true,
  });
  jest.mocked(api.hazardConfirmations).mockResolvedValueOnce([confirmation(canonicalJson(label))]);
  panel(doc);
  await waitFor(() => expect(words(item('Aniline') as HTMLElement)).toContain('confirmed by coordinator, 3 Mar 2026'));
  expect(words(item('Aniline') as HTMLElement)).not.toContain('Compare with');
  expect(words(item('Acetic anhydride') as HTMLElement)).toContain('Compare with');
});

test('by step, each caution stands at its step, in the order of the work', () => {
  panel();
  click('By step');
  const headings = screen.getAllByRole('heading', { level: 3 }).map(words);
  expect(headings.indexOf('Heating under reflux')).toBeGreaterThan(
    headings.indexOf('Addition in portions: acetic anhydride'),
  );
  const reflux = screen
    .getAllByRole('listitem')
    .find((one) => words(one.querySelector('h3')) === 'Heating under reflux');
  expect(words(reflux ?? null)).toContain('Never a closed system.');
  expect(words(reflux ?? null)).toContain(
    'Acetic acid, glacial; Acetic anhydride; Aniline: vapour can catch fire from 39 °C on.',
  );
});

test('waste by stream, for a bench and the class, each number with its working', () => {
  panel(acetanilide(), 'waste/aqueous/volume');
  click('Waste');
  const rows = screen.getAllByRole('row').map(words);
  expect(rows.find((one) => one.startsWith('Aqueous'))).toMatch(/53mL.*0\.42L.*Ice-water/);
  expect(words(screen.getByRole('region', { name: /^Working/ }))).toContain('Volume in the stream');
  // By vessel: the filtrate holds the acid, and goes where no base frees the aniline.
  expect(rows.find((one) => one.startsWith('Filtrate of the crude acetanilide'))).toMatch(
    /mmol acid.*Water with organics/,
  );
  click(/Aqueous.*volume of the class/);
  expect(toggle).toHaveBeenCalledWith('waste/aqueous/classVolume');
});

test('the panel defers to those who decide', () => {
  panel();
  expect(screen.getByText(/This is a reminder, not an authorization/)).toBeTruthy();
  expect(screen.getByRole('link', { name: /Hazard sheet/ }).getAttribute('href')).toBe('/preparations/p/hazards');
});
