/** @jest-environment jsdom */
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { api, ApiError } from '@/api/client';
import { click, fill } from '../../../tests/support/screen';
import { SignIn } from './SignIn';

const mockRouter = { replace: jest.fn(), refresh: jest.fn() };
jest.mock('next/navigation', () => ({ useRouter: () => mockRouter }));
jest.mock('@/api/client', () => ({
  ...jest.requireActual<object>('@/api/client'),
  api: { signIn: jest.fn(), classDoor: jest.fn() },
}));

const signIn = jest.mocked(api.signIn);
const classDoor = jest.mocked(api.classDoor);
const door = { name: 'Spring module', benches: ['Avocet', 'Curlew'] };

beforeEach(() => {
  for (const mock of [signIn, classDoor, mockRouter.replace]) mock.mockReset();
  signIn.mockResolvedValue({ role: 'group', name: 'Curlew' });
  classDoor.mockResolvedValue(door);
});

test('a group finds its class, chooses its bench and starts with the PIN', async () => {
  render(<SignIn demo={false} />);
  fill('Join code of the class', 'shore7');
  click('Find the class');
  await screen.findByText('Spring module');
  expect(classDoor).toHaveBeenCalledWith('SHORE7');
  expect((screen.getByRole('button', { name: 'Choose your bench' }) as HTMLButtonElement).disabled).toBe(true);
  click('Curlew');
  fill('PIN of the bench', '2893');
  click('Start at Curlew');
  await waitFor(() => expect(mockRouter.replace).toHaveBeenCalledWith('/'));
  expect(signIn).toHaveBeenCalledWith({ as: 'group', joinCode: 'SHORE7', bench: 'Curlew', pin: '2893' });
});

test('a wrong code and a wrong PIN are met in the server’s words, and what was typed stays', async () => {
  classDoor.mockRejectedValueOnce(new ApiError('notFound', 'No class has this join code.'));
  signIn.mockRejectedValueOnce(new ApiError('wrongCredentials', 'The PIN is wrong.'));
  render(<SignIn demo={false} />);
  fill('Join code of the class', 'nope77');
  click('Find the class');
  await screen.findByText('No class has this join code.');
  click('Find the class');
  await screen.findByText('Spring module');
  click('Avocet');
  fill('PIN of the bench', '1');
  click('Start at Avocet');
  await screen.findByText('The PIN is wrong.');
  expect((screen.getByLabelText('PIN of the bench') as HTMLInputElement).value).toBe('1');
  expect(mockRouter.replace).not.toHaveBeenCalled();
});

test('a bench card leads straight to the PIN, asked for by the page itself', async () => {
  render(<SignIn demo={false} card={{ code: 'SHORE7', bench: 'Curlew' }} />);
  expect(await screen.findByRole('button', { name: 'Start at Curlew' })).toBeTruthy();
  expect(classDoor).toHaveBeenCalledWith('SHORE7');
  expect(screen.getByRole('button', { name: 'Curlew' }).getAttribute('aria-pressed')).toBe('true');
});

test('staff use name and password; the demo’s doors are there only in the demo', async () => {
  const { unmount } = render(<SignIn demo={false} />);
  expect(screen.queryByText('Try the demo as')).toBeNull();
  click('Staff');
  fill('Name', ' coordinator ');
  fill('Password', 'tide-table');
  fireEvent.submit(screen.getByLabelText('Password'));
  await waitFor(() =>
    expect(signIn).toHaveBeenCalledWith({ as: 'staff', name: 'coordinator', password: 'tide-table' }),
  );
  unmount();
  render(<SignIn demo />);
  click(/^Demonstrator/);
  await waitFor(() => expect(signIn).toHaveBeenLastCalledWith({ as: 'demo', role: 'demonstrator' }));
});
