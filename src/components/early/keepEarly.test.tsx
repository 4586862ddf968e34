/** @jest-environment jsdom */
import { act, fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { hydrateRoot } from 'react-dom/client';
import { renderToString } from 'react-dom/server';
import { Awake } from './Awake';
import { awake } from './awake';
import { FileButton } from '../fields/FileButton';
import { keepEarly } from './keepEarly';

interface Told {
  readonly onTap: () => void;
  readonly onSend: (name: string) => void;
  readonly onFile: (file: File) => void;
}

/** Fields of every kind that the server paints. */
function Page({ onTap, onSend, onFile }: Told) {
  const [name, setName] = useState('');
  const [ticked, setTicked] = useState(false);
  const [way, setWay] = useState('mass');
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onSend(name);
      }}
    >
      <input aria-label="Name" value={name} onChange={(event) => setName(event.target.value)} />
      <input type="checkbox" aria-label="Dry" checked={ticked} onChange={(event) => setTicked(event.target.checked)} />
      <select aria-label="Way" value={way} onChange={(event) => setWay(event.target.value)}>
        <option value="mass">by mass</option>
        <option value="volume">by volume</option>
      </select>
      <FileButton label="Bring in" accept=".json" onChosen={onFile} />
      <button type="button" onClick={onTap}>
        Tap
      </button>
      <button type="submit">Send</button>
      <output>{`${name} ${ticked ? 'dry' : 'wet'} ${way}`}</output>
      <Awake />
    </form>
  );
}

const told = () => ({ onTap: jest.fn(), onSend: jest.fn(), onFile: jest.fn() });

function painted(all: Told) {
  document.body.innerHTML = `<div>${renderToString(<Page {...all} />)}</div>`;
  // As in a page: from its text alone.
  (0, eval)(`(${keepEarly.toString()})(${JSON.stringify(awake)})`);
}

async function comeAlive(all: Told) {
  await act(() => Promise.resolve(hydrateRoot(document.body.firstElementChild!, <Page {...all} />)));
  await act(() => new Promise((next) => setTimeout(next)));
}

test('what was tapped, typed, ticked, chosen and sent before the page came alive counts, once', async () => {
  const all = told();
  painted(all);
  fireEvent.click(screen.getByText('Tap'));
  fireEvent.click(screen.getByText('Tap'));
  fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'Kno' } });
  fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'Knot' } });
  fireEvent.click(screen.getByLabelText('Dry'));
  fireEvent.change(screen.getByLabelText('Way'), { target: { value: 'volume' } });
  const file = new File(['{}'], 'kept.json', { type: 'application/json' });
  fireEvent.change(screen.getByLabelText('Bring in', { selector: 'input' }), { target: { files: [file] } });
  fireEvent.click(screen.getByText('Send'));
  expect([all.onTap, all.onSend, all.onFile].flatMap(({ mock }) => mock.calls)).toEqual([]);

  await comeAlive(all);
  expect(screen.getByRole('status').textContent).toBe('Knot dry volume');
  expect(all.onTap).toHaveBeenCalledTimes(1);
  expect(all.onSend.mock.calls).toEqual([['Knot']]);
  expect(all.onFile.mock.calls).toEqual([[file]]);
});

test('afterwards the page hears everything itself', async () => {
  const all = told();
  painted(all);
  await comeAlive(all);
  fireEvent.click(screen.getByText('Tap'));
  fireEvent.click(screen.getByText('Tap'));
  expect(all.onTap).toHaveBeenCalledTimes(2);
  fireEvent.click(screen.getByLabelText('Dry'));
  fireEvent.click(screen.getByLabelText('Dry'));
  expect(screen.getByRole('status').textContent).toBe(' wet mass');
});

test('what is gone when the page comes alive is not done', async () => {
  const all = told();
  painted(all);
  const stray = document.createElement('button');
  stray.type = 'button';
  stray.addEventListener('click', all.onTap);
  document.body.append(stray);
  fireEvent.click(stray);
  stray.remove();
  await comeAlive(all);
  expect(all.onTap).not.toHaveBeenCalled();
});
