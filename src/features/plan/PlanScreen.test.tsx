/** @jest-environment jsdom */
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { api } from '@/api/client';
import { IssueDoor } from '@/features/issuing/IssueDoor';
import { PlanScreen } from './PlanScreen';
import { acetanilide } from '../../../tests/support/preparations';
import { click, fill, words } from '../../../tests/support/screen';

let mockPath = '/preparations/one';
jest.mock('next/navigation', () => ({
  usePathname: () => mockPath,
  useRouter: () => ({ push: () => undefined, refresh: () => undefined }),
}));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: {
    saveVersion: jest.fn(),
    issueClass: jest.fn(),
    demonstrators: () =>
      Promise.resolve([
        { id: 'd1', name: 'R. Heron', belongs: true },
        { id: 'd2', name: 'S. Teal', belongs: false },
        { id: 'd3', name: 'T. Rail', belongs: false },
      ]),
    structure: () => Promise.resolve({ svg: '<svg></svg>', formula: '' }),
  },
}));

const open = (role: 'coordinator' | 'demonstrator' = 'coordinator') =>
  render(
    <PlanScreen
      identity={{ role, id: 'x', name: role }}
      stored={{ id: 'p', version: 1, doc: acetanilide() }}
      issue={<IssueDoor />}
    />,
  );
const row = (id: string) => words(document.querySelector(`tr[data-line="${id}"]`));

beforeEach(() => {
  localStorage.clear();
  mockPath = '/preparations/one';
});

test('the pinned cell moves everything else at every keystroke', () => {
  open();
  expect(row('product')).toContain('2.97g');
  fill('Pinned Aniline to measure', '4.00');
  expect(row('product')).toContain('5.93g');
  expect(row('anhydride')).toContain('5.00mL');
});

test('nonsense stays in its field with a reason; the last good value stays in force', () => {
  open();
  fill('Pinned Aniline to measure', '-2 mL');
  expect(words(screen.getByRole('alert'))).toContain('more than zero');
  expect(row('product')).toContain('2.97g');
  fireEvent.keyDown(screen.getByLabelText('Pinned Aniline to measure'), { key: 'Escape' });
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a working opens beneath its number and closes again', () => {
  open();
  const number = screen.getByRole('button', { name: /^Theoretical yield: 2\.97/ });
  fireEvent.click(number);
  const working = words(screen.getByRole('region', { name: 'Working: Product' }));
  expect(working).toContain('= 1·21.948 mmol·135.17 g/mol = 2.97 g');
  expect(working).toMatch(/2\.00 mL entered, Aniline/);
  fireEvent.click(number);
  expect(screen.queryByRole('region', { name: 'Working: Product' })).toBeNull();
});

test('the procedure has a room of its own, with the numbers of the pin', () => {
  mockPath = '/preparations/one/procedure';
  open();
  expect(screen.queryByRole('table')).toBeNull();
  const steps = () => within(screen.getByRole('list', { name: 'Steps of the procedure' })).getAllByRole('listitem');
  expect(words(steps()[0]!)).toContain('Weigh 2.04 g aniline by difference into the reaction flask.');
  expect(steps()).toHaveLength(21);
  fill('Aniline at each bench', '1.00');
  expect(words(steps()[0]!)).toContain('Weigh 1.02 g aniline by difference into the reaction flask.');
});

test('a stored version is issued, a changed one not before it is saved; the cards show the PINs', async () => {
  const issueClass = jest.mocked(api.issueClass);
  issueClass.mockResolvedValue({
    id: 'c',
    name: 'Summer module',
    title: 'Acetanilide',
    joinCode: 'ABC346',
    benches: [{ name: 'Ruff', pin: '1234' }],
  });
  open();
  fill('Benches', '4');
  const issue = screen.getByRole('button', { name: 'Issue to a class' }) as HTMLButtonElement;
  expect(issue.disabled).toBe(true);
  click('Undo');
  expect(issue.disabled).toBe(false);
  fireEvent.click(issue);
  const dialog = within(await screen.findByRole('dialog'));
  fireEvent.change(dialog.getByLabelText('Name of the class'), { target: { value: ' Summer module ' } });
  fireEvent.change(dialog.getByLabelText(/^Benches/), { target: { value: 'Ruff\n\n  Knot ' } });
  fireEvent.click(await dialog.findByLabelText('T. Rail'));
  fireEvent.click(dialog.getByRole('button', { name: 'Issue to 2 benches' }));
  await waitFor(() => expect(words(screen.getByRole('dialog'))).toContain('1234'));
  const benches = ['Ruff', 'Knot'].map((name) => ({ name, members: [] }));
  expect(issueClass).toHaveBeenCalledWith({
    name: 'Summer module',
    section: '',
    preparationId: 'p',
    benches,
    staff: ['d1', 'd3'],
  });
});

test('who may only read sees the same numbers and no way to change them', () => {
  open('demonstrator');
  expect((screen.getByLabelText('Pinned Aniline to measure') as HTMLInputElement).disabled).toBe(true);
  expect(screen.queryByRole('button', { name: /^Save/ })).toBeNull();
  expect(row('product')).toContain('2.97g');
});
