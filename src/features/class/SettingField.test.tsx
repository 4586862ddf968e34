/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { ClassSettingsPanel } from './ClassSettingsPanel';
import { click, fill, recording } from '../../../tests/support/screen';

const panel = () =>
  recording((onAdd) => (
    <ClassSettingsPanel settings={{ pressure: { digits: '1004', unit: 'hPa', entry: 'e' } }} onAdd={onAdd} />
  ));

test('what holds is shown; what is not entered says so', () => {
  panel();
  expect(screen.getByRole('button', { name: /^Pressure: 1004\shPa\. Change/ })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Room temperature: not entered. Change' })).toBeTruthy();
});

test('a setting is changed deliberately, in any unit of its kind, and recorded as typed', () => {
  const { bodies } = panel();
  click(/^Pressure/);
  fill('Pressure', '21 °C');
  expect(screen.getByRole('alert').textContent).toContain('does not fit');
  fill('Pressure', '753 torr');
  click('Set');
  expect(bodies).toEqual([{ k: 'setting', name: 'pressure', digits: '753', unit: 'torr' }]);
  expect(screen.queryByLabelText('Pressure')).toBeNull();
});

test('Escape leaves it as it was', () => {
  const { bodies } = panel();
  click(/^Correction/);
  fill('Correction of the melting apparatus', '-0.8');
  fireEvent.keyDown(screen.getByLabelText('Correction of the melting apparatus'), { key: 'Escape' });
  expect(screen.getByRole('button', { name: /^Correction.*not entered/ })).toBeTruthy();
  expect(bodies).toEqual([]);
});
