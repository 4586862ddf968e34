/** @jest-environment jsdom */
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { api, ApiError } from '@/api/client';
import { click, fill, words } from '../../../tests/support/screen';
import { RosterScreen } from './RosterScreen';
import type { Roster } from '@/core/people/class';

jest.mock('next/navigation', () => ({ useRouter: () => ({ replace: () => undefined, refresh: () => undefined }) }));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { saveRoster: jest.fn(), changePin: jest.fn() },
}));
const saveRoster = jest.mocked(api.saveRoster);
const changePin = jest.mocked(api.changePin);

const roster: Roster = {
  classId: 'c',
  name: 'Spring',
  section: 'B2',
  joinCode: 'SHORE7',
  benches: [
    { id: 'a', name: 'Ruff', members: ['A. Reed', 'B. Sedge'] },
    { id: 'b', name: 'Knot', members: [] },
  ],
};
const lines = /^Benches and members/;
const open = () => render(<RosterScreen identity={{ role: 'demonstrator', id: 'x', name: 'x' }} first={roster} />);
const text = () => (screen.getByLabelText(lines) as HTMLTextAreaElement).value;
const table = (content: string) => {
  const file = Object.assign(new File([content], 'roster.csv'), { text: () => Promise.resolve(content) });
  fireEvent.change(document.querySelector('input[type=file]')!, { target: { files: [file] } });
};

beforeEach(() => {
  saveRoster.mockReset();
  changePin.mockReset();
});

test('members and new benches are typed a line each; what is new and what stays is told before it is stored', async () => {
  open();
  expect(text()).toBe('Ruff: A. Reed, B. Sedge\nKnot');
  fill(lines, 'ruff: C. Rush\nGodwit: D. Fern; E. Moss');
  expect(screen.getByText('New: Godwit. Each gets a record and a PIN.')).toBeTruthy();
  expect(words(document.querySelector('.banner-note'))).toMatch(/^Knot stays as before/);
  const benches = [
    { id: 'a', name: 'Ruff', members: ['C. Rush'] },
    { id: 'b', name: 'Knot', members: [] },
    { id: 'g', name: 'Godwit', members: ['D. Fern', 'E. Moss'] },
  ];
  saveRoster.mockResolvedValue({
    roster: { ...roster, section: 'B3', benches },
    added: [{ name: 'Godwit', pin: '4242' }],
  });
  fill('Section', ' B3 ');
  click('Store the roster');
  await screen.findByText('Stored.');
  expect(saveRoster.mock.calls).toEqual([
    [
      'c',
      {
        section: 'B3',
        benches: [
          { name: 'ruff', members: ['C. Rush'] },
          { name: 'Godwit', members: ['D. Fern', 'E. Moss'] },
        ],
      },
    ],
  ]);
  // The roster as it is now stands in the field, and the new PIN is told this once.
  expect(text()).toBe('Ruff: C. Rush\nKnot\nGodwit: D. Fern, E. Moss');
  expect(words(screen.getByRole('region', { name: 'New PINs' }))).toContain('4242');
  click('Done');
  expect(screen.queryByText(/4242/)).toBeNull();
});

test('a table fills the form and is not stored by itself; what is wrong with it is told and changes nothing', async () => {
  open();
  table('section,bench,member\nB2,,A. Reed\n');
  expect(words(await screen.findByRole('alert'))).toBe('Line 2: the bench is missing.');
  expect(text()).toBe('Ruff: A. Reed, B. Sedge\nKnot');
  table('section;bench;member\nB4;Knot;F. Dune\nB4;Knot;G. Shell\n');
  await waitFor(() => expect(text()).toBe('Knot: F. Dune, G. Shell'));
  expect((screen.getByLabelText('Section') as HTMLInputElement).value).toBe('B4');
  expect(screen.queryByRole('alert')).toBeNull();
  expect(saveRoster).not.toHaveBeenCalled();
});

test('a new PIN is told on a card; a refusal in words, and what was typed stays', async () => {
  open();
  changePin.mockResolvedValue({ name: 'Ruff', pin: '7070' });
  click('New PIN for Ruff');
  await waitFor(() => expect(words(screen.getByRole('region', { name: 'New PINs' }))).toContain('7070'));
  expect(changePin).toHaveBeenCalledWith('c', 'a');
  saveRoster.mockRejectedValue(new ApiError('refused', 'Two benches are called Knot.'));
  fill(lines, 'Knot\nKNOT');
  click('Store the roster');
  expect(words(await screen.findByRole('alert'))).toBe('Two benches are called Knot.');
  expect(text()).toBe('Knot\nKNOT');
  fill(lines, '   ');
  expect((screen.getByRole('button', { name: 'Store the roster' }) as HTMLButtonElement).disabled).toBe(true);
});

test('saved as a table it is read back as it was', async () => {
  open();
  const address = screen.getByRole('link', { name: 'Save as a table' }).getAttribute('href') ?? '';
  const csv = decodeURIComponent(address.slice(address.indexOf(',') + 1));
  expect(csv.split('\r\n')[1]).toBe('B2,Ruff,A. Reed');
  fill(lines, 'Plover');
  table(csv);
  await waitFor(() => expect(text()).toBe('Ruff: A. Reed, B. Sedge\nKnot'));
});
