/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { acetanilideRun } from '@/data/acetanilideRun';
import { benchState } from '@/core/bench/benchState';
import { acetanilide } from '../../tests/support/preparations';
import { click, fill, recording, words } from '../../tests/support/screen';
import { demonstrator, entriesOf, group, idOf, reading } from '../../tests/support/record';
import { stateOfScript } from '../../tests/support/demoRun';
import { RecordTape } from './RecordTape';
import type { Author, Body } from '@/core/record/entry';

const balance = { device: 'balance-001', state: ['cap on'] };
const full = reading('aniline', 'full', '24.31 g', balance);
const own = group;
const begin = Date.UTC(2026, 2, 3, 13, 0, 0);

function tape(bodies: readonly (Body | readonly [Body, Author])[], seconds = 600) {
  const state = benchState(acetanilide(), entriesOf(bodies));
  return recording((onAdd) => <RecordTape state={state} identity={own} onAdd={onAdd} now={begin + seconds * 1000} />);
}

test('a reading stands with its digits, where it is kept, who and with what', () => {
  const { container } = tape([full]);
  expect(words(container.querySelector('li'))).toMatch(
    /24\.31 g Aniline full \(cap on\)stored · Avocet · 0\.01 g balance/,
  );
});

test('a right reading is a correction of the old one, with its reason, place and configuration', () => {
  const { bodies } = tape([full]);
  click(/^Change 24\.31/);
  fill('Right reading, g', '24.13');
  click('Correct it');
  expect(bodies).toEqual([]);
  fill('Reason', 'digits swapped');
  click('Correct it');
  expect(bodies).toEqual([
    { k: 'correct', target: idOf(1), reason: 'digits swapped', body: { ...full, digits: '24.13' } },
  ]);
});

test('striking needs a reason; what is no number is met in words', () => {
  const { bodies } = tape([full]);
  click(/^Change 24\.31/);
  fill('Right reading, g', '24,13');
  expect(screen.getByRole('alert').textContent).toContain('two ways');
  expect((screen.getByRole('button', { name: 'Strike it' }) as HTMLButtonElement).disabled).toBe(true);
  fill('Reason', 'the other bench');
  click('Strike it');
  expect(bodies).toEqual([{ k: 'void', target: idOf(1), reason: 'the other bench' }]);
});

test('a slip is undone within half a minute, later only struck; a signed reading is no slip', () => {
  const undo = () => screen.queryByRole('button', { name: 'Undo this slip' });
  const young = tape([full], 29);
  click(/^Change 24\.31/);
  click('Undo this slip');
  expect(young.bodies).toEqual([{ k: 'void', target: idOf(1), reason: 'slip', slip: true }]);
  young.unmount();
  const old = tape([full], 31);
  click(/^Change 24\.31/);
  expect(undo()).toBeNull();
  old.unmount();
  const [entry] = entriesOf([full]);
  tape([full, [{ k: 'sign', seals: [{ entry: idOf(1), content: entry?.content ?? '' }] }, demonstrator]], 5);
  click(/^Change 24\.31/);
  expect(undo()).toBeNull();
  expect(screen.getByText(/its signature is lost/)).toBeTruthy();
});

test('corrected and struck entries stay legible with their reasons, and cannot be changed again', () => {
  const { container } = tape([
    full,
    { k: 'correct', target: idOf(1), reason: 'misread', body: { ...full, digits: '24.13' } as never },
    reading('acid', 'volume', '4.0 mL'),
    { k: 'void', target: idOf(3), reason: 'not poured' },
  ]);
  expect(words(container.querySelector('.tape-corrected'))).toContain(
    '24.31 g Aniline full (cap on)corrected · Avocet · 0.01 g balance · misread',
  );
  expect(words(container.querySelector('.tape-void'))).toContain('struck · Avocet · not poured');
  expect(screen.getAllByRole('button')).toHaveLength(1);
});

test('a long record shows its newest lines first and the rest when asked', () => {
  const state = stateOfScript(acetanilideRun());
  const { container } = recording(() => <RecordTape identity={own} state={state} />);
  expect(container.querySelectorAll('li')).toHaveLength(14);
  click(/^Show all/);
  expect(container.querySelectorAll('li').length).toBeGreaterThan(60);
  expect(words(container)).toContain('Boiling aids or stir bar are in, before any heat. and 1 more');
});

test('a record with nothing in it says what will appear', () => {
  const { container } = tape([]);
  expect(words(container)).toContain('Nothing yet.');
});
