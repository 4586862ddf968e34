/** @jest-environment jsdom */
import { createHash } from 'node:crypto';
import { TextDecoder } from 'node:util';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { AddFile } from './AddFile';
import { click, fill, words } from '../../../tests/support/screen';
import { largestUpload } from '@/core/record/fileKinds';
import type { Body } from '@/core/record/entry';
import type { NewFile } from '@/api/record/outbox';

// The test's document brings none of its own.
Object.assign(globalThis, { TextDecoder });

const added: [Body, NewFile | undefined][] = [];
const pick = (bytes: Uint8Array, name: string, type = '') => {
  added.length = 0;
  render(<AddFile step="reflux" onAdd={(body, file) => added.push([body, file])} />);
  const file = Object.assign(new File([], name, { type }), { arrayBuffer: () => Promise.resolve(bytes.buffer) });
  fireEvent.change(screen.getByLabelText('Photo or file'), { target: { files: [file] } });
};
const ascii = (text: string) => Uint8Array.from(text, (letter) => letter.charCodeAt(0));

test('a spectrum is looked at, named and recorded as it is, under the hash of its content', async () => {
  const spectrum = ascii('##TITLE=product\n1700 0.12\n');
  pick(spectrum, 'product.jdx');
  await screen.findByText(/product\.jdx, 1 kB/);
  expect(added).toEqual([]);
  fill('What it shows (may stay empty)', '  the carbonyl band  ');
  click('Record it');
  const sha256 = createHash('sha256').update(spectrum).digest('hex');
  const [[body, file] = []] = added;
  expect(body).toEqual({
    k: 'file',
    step: 'reflux',
    file: file?.id,
    name: 'product.jdx',
    sha256,
    bytes: spectrum.byteLength,
    text: 'the carbonyl band',
  });
  expect([...new Uint8Array(file!.bytes)]).toEqual([...spectrum]);
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});

test('without words the entry has none; cancelled nothing is recorded', async () => {
  pick(ascii('a,b\n1,2\n'), 'table.csv');
  await screen.findByRole('dialog');
  click('Cancel');
  expect(added).toEqual([]);
  fireEvent.change(screen.getByLabelText('Photo or file'), { target: { files: [] } });
  expect(screen.queryByText('Record it')).toBeNull();
});

test.each([
  ['a programme', Uint8Array.of(0x4d, 0x5a, 0, 1), 'tool.exe', /“tool\.exe” cannot be taken/],
  [
    'a photo that the browser cannot draw',
    Uint8Array.of(0xff, 0xd8, 0xff, 0xe1),
    'still.jpg',
    /“still\.jpg” cannot be taken/,
  ],
  ['too large a table', ascii('1').slice(0, 0), 'all.csv', /“all\.csv” has 6\.1 MB; at most 6 MB are taken/],
])('%s is refused in words and cannot be recorded', async (what, bytes, name, says) => {
  pick(what === 'too large a table' ? new Uint8Array(largestUpload + 1).fill(49) : bytes, name);
  expect(words(await screen.findByRole('alert'))).toMatch(says);
  expect(screen.queryByRole('button', { name: 'Record it' })).toBeNull();
});
