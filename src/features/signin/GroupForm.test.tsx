/** @jest-environment jsdom */
import { act, screen } from '@testing-library/react';
import { hydrateRoot } from 'react-dom/client';
import { renderToString } from 'react-dom/server';
import { click } from '../../../tests/support/screen';
import { GroupForm } from './GroupForm';

test('a PIN that was typed before the page came alive counts', async () => {
  const onEnter = jest.fn(() => Promise.resolve());
  const form = (
    <GroupForm
      busy={false}
      onEnter={onEnter}
      onProblem={() => undefined}
      invitation={{ joinCode: 'SHORE7', door: { name: 'Spring', benches: ['Ruff', 'Knot'] }, bench: 'Ruff' }}
    />
  );
  document.body.innerHTML = `<div>${renderToString(form)}</div>`;
  screen.getByLabelText<HTMLInputElement>('PIN of the bench').value = '4170';
  await act(() => Promise.resolve(hydrateRoot(document.body.firstElementChild!, form)));
  click('Start at Ruff');
  expect(onEnter).toHaveBeenCalledWith({ as: 'group', joinCode: 'SHORE7', bench: 'Ruff', pin: '4170' });
});
