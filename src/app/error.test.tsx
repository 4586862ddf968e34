/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import ErrorPage from './error';

const shown = (digest?: string) => {
  const { unmount } = render(
    <ErrorPage error={Object.assign(new Error('x'), digest === undefined ? {} : { digest })} reset={() => undefined} />,
  );
  const title = screen.getByRole('heading').textContent;
  unmount();
  return title;
};

test('what is busy is told apart from what is broken', () => {
  expect(shown('expected tooManyRequests')).toBe('One moment');
  expect(shown('expected unavailable')).toBe('The server is busy');
  expect(shown('expected forbidden')).toBe('This page broke');
  expect(shown('1234567')).toBe('This page broke');
  expect(shown()).toBe('This page broke');
});
