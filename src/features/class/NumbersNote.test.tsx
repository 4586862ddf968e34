/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { NumbersNote } from './NumbersNote';

test('other numbers are told one by one; the same are not talked about; where none were kept that is said', () => {
  const { rerender, container } = render(<NumbersNote numbers={{ baseline: 'kept', drift: [] }} />);
  expect(container.textContent).toBe('');
  rerender(<NumbersNote numbers={{ baseline: 'kept', drift: ['theoretical yield was 2.97 g and is 2.96 g'] }} />);
  expect(screen.getByRole('alert').textContent).toContain('theoretical yield was 2.97 g and is 2.96 g');
  rerender(<NumbersNote numbers={{ baseline: 'none' }} />);
  expect(container.textContent).toContain('no baseline');
});
