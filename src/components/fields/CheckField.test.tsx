/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { CheckField } from './CheckField';

const box = () => screen.getByRole<HTMLInputElement>('checkbox', { name: 'Runs here' });

test('a tick stands before what follows from it has come, twice too, and gives way to an undo', () => {
  const asked: boolean[] = [];
  const field = (checked: boolean) => (
    <CheckField label="Runs here" checked={checked} onChange={(next) => asked.push(next)} />
  );
  const { rerender } = render(field(false));
  fireEvent.click(box());
  expect(box().checked).toBe(true);
  fireEvent.click(box());
  expect(box().checked).toBe(false);
  fireEvent.click(box());
  expect(asked).toEqual([true, false, true]);
  rerender(field(true));
  expect(box().checked).toBe(true);
  rerender(field(false));
  expect(box().checked).toBe(false);
});
