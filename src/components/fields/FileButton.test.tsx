/** @jest-environment jsdom */
import { act, screen } from '@testing-library/react';
import { hydrateRoot } from 'react-dom/client';
import { renderToString } from 'react-dom/server';
import { FileButton } from './FileButton';

test('a file that was chosen before the page came alive is taken, once', async () => {
  const onChosen = jest.fn();
  const button = <FileButton label="Bring in" accept=".json" onChosen={onChosen} />;
  document.body.innerHTML = `<div>${renderToString(button)}</div>`;
  const file = new File(['{}'], 'kept.json', { type: 'application/json' });
  Object.defineProperty(screen.getByLabelText('Bring in'), 'files', { value: [file] });
  await act(() => Promise.resolve(hydrateRoot(document.body.firstElementChild!, button)));
  expect(onChosen.mock.calls).toEqual([[file]]);
});
