/** @jest-environment jsdom */
import { fireEvent, render, screen, within } from '@testing-library/react';
import { PlanScreen } from '../PlanScreen';
import { shipped } from '../../../../tests/support/preparations';
import { click, fill, words } from '../../../../tests/support/screen';
import type { Preparation } from '@/core/document/document';

let mockPath = '/preparations/one';
jest.mock('next/navigation', () => ({
  usePathname: () => mockPath,
  useRouter: () => ({ push: () => undefined, refresh: () => undefined }),
}));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { structure: () => Promise.resolve({ svg: '<svg></svg>', formula: '' }) },
}));

const open = (doc: Preparation, role: 'coordinator' | 'demonstrator' = 'coordinator') =>
  render(<PlanScreen identity={{ role, id: 'x', name: role }} stored={{ id: 'p', version: 1, doc }} />);
const panel = () => screen.getByRole('region', { name: 'Process' });
const head = () => words(panel().querySelector('.process-head'));
const findings = () => words(screen.getByRole('region', { name: 'Findings' }));
/** Middle of the range that is foreseen of a stage. */
const middle = (stage: string) => {
  const [, low, high] = new RegExp(`${stage}\\s*([\\d.]+)–([\\d.]+)`).exec(head()) ?? [];
  return (Number(low) + Number(high)) / 2;
};

beforeEach(() => {
  localStorage.clear();
  mockPath = '/preparations/p/process';
});
const inRoom = (room: string) => {
  mockPath = `/preparations/p${room}`;
};

test('the line of vessels: each step with its vessel, what it holds and what it costs', () => {
  open(shipped('methylcyclohexanone'));
  const columns = within(panel()).getByRole('list', { name: 'Vessels after each step' });
  expect(within(columns).getAllByRole('listitem').length).toBeGreaterThan(10);
  fireEvent.click(within(panel()).getByRole('button', { name: /Extraction/ }));
  const table = words(within(panel()).getByRole('region', { name: /^After step 8/ }));
  expect(table).toContain('tert-Butyl methyl ether');
  expect(table).toContain('In the funnel, round by round');
  expect(table).toMatch(/layer is on top/);
});

test('losses, time and assumptions stand behind their tabs', () => {
  open(shipped('ethoxynaphthalene'));
  click('Where it goes');
  expect(words(panel())).toContain('dissolved in the filtrate');
  click('Time');
  expect(words(panel())).toMatch(/attended/);
  click('Assumptions');
  expect(words(panel())).toContain('written in the preparation');
  expect(words(panel())).toContain('share that the cold liquor keeps');
});

test('an assumption that is typed moves the foreseen masses; nonsense does not', () => {
  open(shipped('ethoxynaphthalene'));
  const before = middle('Crude 2-ethoxynaphthalene');
  click('Assumptions');
  const conversion = 'conversion of the limiting reagent, %';
  fill(conversion, '60');
  expect(middle('Crude 2-ethoxynaphthalene')).toBeLessThan(before * 0.85);
  const low = middle('Crude 2-ethoxynaphthalene');
  fill(conversion, 'most of it');
  expect(words(screen.getByRole('alert'))).toContain('A number.');
  expect(middle('Crude 2-ethoxynaphthalene')).toBe(low);
});

test('one who may not edit reads the assumptions and the procedure without fields', () => {
  const { unmount } = open(shipped('ethoxynaphthalene'), 'demonstrator');
  click('Assumptions');
  expect(within(panel()).queryByRole('textbox')).toBeNull();
  unmount();
  inRoom('/procedure');
  open(shipped('ethoxynaphthalene'), 'demonstrator');
  expect(within(screen.getByRole('region', { name: 'Procedure' })).queryByRole('textbox')).toBeNull();
});

test('the pin moves everything that is foreseen', () => {
  open(shipped('dimethylphenylpyrrole'));
  const before = middle('Crude pyrrole');
  fill(/^Hexane-2,5-dione at each bench/, '3.42');
  expect(middle('Crude pyrrole')).toBeGreaterThan(before * 1.9);
});

test('numbers of a step are judged by its operation, and its time by the proof-reader', () => {
  inRoom('/procedure');
  open(shipped('cyclohexane-toluene'));
  fill('Stages', '40');
  expect(words(screen.getByRole('alert'))).toContain('must be at most 30');
  fill('Stages', '2');
  expect(screen.queryByRole('alert')).toBeNull();
  fill('Change receivers at, °C', '84, 106');
  expect(words(screen.getByRole('region', { name: 'Procedure' }))).toContain('84 and 106');
  const [takes] = screen.getAllByLabelText('Takes, min');
  fireEvent.change(takes as HTMLElement, { target: { value: '0' } });
  expect(findings()).toContain('has no duration');
});

test('vessels are filled as the procedure fills them, and judged', () => {
  open(shipped('methylcyclohexanone'));
  const vessels = screen.getByRole('region', { name: 'Vessels' });
  expect(words(vessels)).toMatch(/Distillation flask\s*[\d.]+\s*mL, \d+\s*% full/);
  expect(findings()).not.toContain('Reaction flask');
  fill('Capacity of the Reaction flask, mL', '100');
  expect(findings()).toContain('Reaction flask');
});

test('without a reaction the plan shows what is won instead of an equation', () => {
  inRoom('');
  open(shipped('acid-base-neutral'));
  const won = words(screen.getByRole('region', { name: 'What is won' }));
  expect(won).toContain('nothing is made');
  expect(won).toContain('Fluorene');
  expect(document.querySelector('tr[data-line="product"]')).toBeNull();
});

test('what is won from a material is recovered, at every stage; a trace is no line of its own', () => {
  open(shipped('eugenol'));
  click('Where it goes');
  expect(words(panel())).toContain('Clove oil, 14 % of what was taken');
  expect(words(panel())).not.toContain('% yield');
  expect(words(panel())).not.toMatch(/0\.000\d/);
});

test('a step chosen in the list is chosen in the drawing, and the other way round', () => {
  inRoom('/procedure');
  open(shipped('ethoxynaphthalene'));
  const columns = within(screen.getByRole('list', { name: 'Vessels after each step' })).getAllByRole('button');
  const [, second] = columns;
  if (!second) throw new Error('no second vessel');
  fireEvent.click(second);
  const rows = document.querySelectorAll('.procedure-steps > li');
  expect([...rows].findIndex((row) => row.classList.contains('step-chosen'))).toBe(1);
  const third = rows[2];
  if (!third) throw new Error('no third step');
  fireEvent.click(third);
  expect(columns.findIndex((one) => one.getAttribute('aria-expanded') === 'true')).toBe(2);
});
