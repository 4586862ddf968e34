/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { RivalChoice } from './RivalChoice';
import { rivalsOf } from './rivalsOf';
import { benchState } from '@/core/bench/benchState';
import { acetanilide } from '../../../tests/support/preparations';
import { click, recording, words } from '../../../tests/support/screen';
import { entriesOf, localOf, reading } from '../../../tests/support/record';
import type { Entry, Noted } from '@/core/record/entry';

const doc = acetanilide();
const [stepId = ''] = doc.steps.flatMap(({ id, op, params }) =>
  op === 'charge' && (params as { line?: string }).line === 'aniline' ? [id] : [],
);
/** Three readings at one place and one elsewhere, none of which had seen the others. */
const made: readonly Entry[] = entriesOf([
  reading('aniline', 'net', '2.04 g'),
  reading('aniline', 'net', '2.40 g'),
  reading('aniline', 'net', '2.05 g'),
  reading('aniline', 'empty', '22.06 g'),
]).map((entry) => ({ ...entry, saw: 0 }));

function choice(entries: readonly Noted[]) {
  const state = benchState(doc, entries);
  const step = state.steps.find((one) => one.step.id === stepId)!;
  const groups = rivalsOf(step);
  return { groups, ...recording((onAdd) => <RivalChoice groups={groups} state={state} onAdd={onAdd} />) };
}

test('readings at one place stand together, each with whose it is; a tap strikes the others with what was kept', () => {
  const { groups, bodies } = choice(made);
  expect(groups.map((one) => one.map(({ body }) => body.digits).sort())).toEqual([['2.04', '2.05', '2.40']]);
  expect(words(screen.getByRole('group', { name: 'Which reading is right?' }))).toMatch(
    /which reading is right\? The other one is struck\./,
  );
  expect(screen.getAllByRole('button').every((one) => words(one).includes('Avocet · tablet'))).toBe(true);
  click(/^Keep 2\.05\sg/);
  expect(bodies).toEqual(
    [made[0], made[1]].map((one) => ({
      k: 'void',
      target: one?.id,
      reason: expect.stringMatching(/^2\.05\sg was kept$/) as string,
    })),
  );
});

test('while one of them is on this tablet only nobody can choose', () => {
  choice(made.map((entry, i) => (i === 2 ? localOf(entry) : entry)));
  for (const button of screen.getAllByRole('button')) expect((button as HTMLButtonElement).disabled).toBe(true);
});

test('one reading has no rival', () => {
  expect(choice(made.slice(2)).groups).toEqual([]);
});
