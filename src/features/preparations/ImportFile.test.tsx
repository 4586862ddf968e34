/** @jest-environment jsdom */
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { api, ApiError } from '@/api/client';
import { ImportFile } from './ImportFile';
import { words } from '../../../tests/support/screen';

const mockPush = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: mockPush }) }));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { createPreparation: jest.fn() },
}));

const create = jest.mocked(api.createPreparation);
const file = (text: string) => Object.assign(new File([text], 'dienone.json'), { text: () => Promise.resolve(text) });
const choose = (chosen: File) =>
  fireEvent.change(screen.getByLabelText(/Bring in a preparation/), { target: { files: [chosen] } });

beforeEach(() => {
  create.mockReset();
  mockPush.mockReset();
});

test('a good file is stored and opened', async () => {
  create.mockResolvedValue({ id: 'new', version: 1 });
  render(<ImportFile />);
  choose(file('{"format":"mozle-preparation"}'));
  await waitFor(() => expect(mockPush).toHaveBeenCalledWith('/preparations/new'));
  expect(create).toHaveBeenCalledWith('{"format":"mozle-preparation"}');
});

test('a refusal names the file, each line and each reason, and another try is possible', async () => {
  create.mockRejectedValueOnce(
    new ApiError('refused', 'The file was refused. Nothing was stored.', [
      { line: 12, path: 'lines.2.role', reason: 'must be one of reactant, solvent' },
      { line: 40, path: '', reason: 'is missing' },
    ]),
  );
  render(<ImportFile />);
  choose(file('{}'));
  const alert = words(await screen.findByRole('alert'));
  expect(alert).toContain('dienone.json');
  expect(alert).toContain('line 12 lines.2.role must be one of reactant, solvent');
  expect(alert).toContain('line 40  is missing');
  create.mockResolvedValue({ id: 'new', version: 1 });
  choose(file('{}'));
  await waitFor(() => expect(mockPush).toHaveBeenCalled());
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a file that is far too large is not even sent', async () => {
  render(<ImportFile />);
  const large = file('x');
  Object.defineProperty(large, 'size', { value: 5_000_000 });
  choose(large);
  expect(words(await screen.findByRole('alert'))).toContain('larger than 1 MB. Nothing was stored.');
  expect(create).not.toHaveBeenCalled();
});

test('a dropped file is taken like a chosen one', async () => {
  create.mockResolvedValue({ id: 'new', version: 1 });
  const { container } = render(<ImportFile />);
  fireEvent.drop(container.querySelector('.drop')!, { dataTransfer: { files: [file('{}')] } });
  await waitFor(() => expect(mockPush).toHaveBeenCalled());
});
