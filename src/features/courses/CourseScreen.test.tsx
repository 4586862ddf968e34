/** @jest-environment jsdom */
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { api, ApiError } from '@/api/client';
import { CourseScreen } from './CourseScreen';
import { usualDevices } from '@/data/devices';
import { click, fill, words } from '../../../tests/support/screen';
import type { Course } from '@/core/conventions/course';
import type { Role } from '@/core/identity';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: () => undefined, refresh: () => undefined, replace: () => undefined }),
}));
jest.mock('@/api/client', () => ({ ...jest.requireActual<object>('@/api/client'), api: { saveCourse: jest.fn() } }));
beforeEach(() => jest.resetAllMocks());

const course: Course = {
  id: 'c',
  name: 'Spring module',
  version: 4,
  settings: { conventions: {}, devices: usualDevices },
  author: 'coordinator',
  updatedAt: '2026-03-03T13:00:00Z',
};
const open = (role: Role = 'coordinator') =>
  render(<CourseScreen identity={{ role, id: 'x', name: role }} course={course} />);
const sent = () => jest.mocked(api.saveCourse).mock.calls[0]?.[0];
const answerAsSent = () =>
  jest.mocked(api.saveCourse).mockImplementation((one) => Promise.resolve({ ...one, version: one.version + 1 }));

test('a choice is kept until it is stored; the usual one leaves nothing behind', async () => {
  open();
  answerAsSent();
  expect(screen.getByRole('button', { name: 'Stored' })).toBeTruthy();
  fireEvent.click(screen.getByLabelText('heat on'));
  click('Store');
  await waitFor(() => expect(sent()?.settings.conventions).toEqual({ refluxClock: 'heatOn' }));
  await screen.findByRole('button', { name: 'Stored' });
  fireEvent.click(screen.getByLabelText(/first condensate falls back/));
  click('Store');
  await waitFor(() =>
    expect(jest.mocked(api.saveCourse).mock.calls[1]?.[0]).toMatchObject({ version: 5, settings: { conventions: {} } }),
  );
});

test('a device is added, described, and removed again', async () => {
  open();
  answerAsSent();
  click('Device');
  fill('Name', 'Island thermometer');
  fireEvent.change(screen.getByLabelText('Kind'), { target: { value: 'thermometer' } });
  fill('Reads to, °C', '0.2');
  fireEvent.change(screen.getByLabelText('Filled with'), { target: { value: 'mercury' } });
  fill('Calibration: reading and correction, K', '81 +0.4; 122 +0.6');
  click('Store');
  await waitFor(() => expect(sent()).toBeDefined());
  expect(sent()?.settings.devices.at(-1)).toEqual({
    id: 'device-15',
    name: 'Island thermometer',
    kind: 'thermometer',
    unit: '°C',
    step: '0.2',
    graduation: '0.01',
    capacity: '200',
    stem: 'mercury',
    calibration: [
      { reads: '81', correction: '0.4' },
      { reads: '122', correction: '0.6' },
    ],
  });
  click('Remove this device');
  expect(screen.queryByRole('button', { name: /^Island/ })).toBeNull();
});

test('a calibration that falls is refused at its field, and a balance has none', () => {
  open();
  click(/^Melting apparatus/);
  fill('Calibration: reading and correction, K', '122 +0.6; 81 +0.4');
  expect(words(screen.getByRole('alert'))).toContain('must rise');
  click(/^0\.001 g balance/);
  expect(screen.queryByLabelText(/^Calibration/)).toBeNull();
});

test('settings that somebody else stored meanwhile are not overwritten, and nothing typed is lost', async () => {
  open();
  jest.mocked(api.saveCourse).mockRejectedValue(new ApiError('stale', 'Somebody stored other settings meanwhile.'));
  fill('Name of the course', 'Autumn module');
  click('Store');
  expect(words(await screen.findByRole('alert'))).toContain('Somebody stored other settings');
  expect((screen.getByLabelText('Name of the course') as HTMLInputElement).value).toBe('Autumn module');
  fireEvent.blur(screen.getByLabelText('Name of the course'));
  click('Drop the changes');
  expect((screen.getByLabelText('Name of the course') as HTMLInputElement).value).toBe('Spring module');
});

test('a demonstrator reads the settings and changes none', () => {
  open('demonstrator');
  expect(screen.queryByRole('button', { name: /Store/ })).toBeNull();
  expect(screen.queryByRole('button', { name: 'Device' })).toBeNull();
  const radio = screen.getByLabelText('heat on');
  expect(radio.closest('fieldset')?.disabled).toBe(true);
});
