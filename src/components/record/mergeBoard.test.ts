import fc from 'fast-check';
import { acetanilideRun } from '@/data/acetanilideRun';
import { acetanilide } from '../../../tests/support/preparations';
import { benchState } from '@/core/bench/benchState';
import { entriesOfScript } from '../../../tests/support/demoRun';
import { addEntries, marksOf, mergeBoard } from './mergeBoard';
import type { ClassBoard } from '@/core/people/class';

const doc = acetanilide();
const entries = entriesOfScript(acetanilideRun());
const boardWith = (from: number, to: number, fault?: string): ClassBoard => ({
  id: 'c',
  now: '2026-03-03T13:00:00.000Z',
  name: 'c',
  joinCode: 'c',
  since: '2026-03-03T12:00:00.000Z',
  numbers: { baseline: 'kept', drift: [] },
  doc,
  own: { id: 'c', bench: '', log: 'own', entries: [] },
  lanes: [{ id: 'b', bench: 'Ruff', log: 'r', entries: entries.slice(from, to), ...(fault ? { fault } : {}) }],
});

test('a board fed piece by piece, with overlaps, comes to the same state as one read at once', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(entries.length), { maxLength: 8 }), fc.nat(5), (cuts, overlap) => {
      const ends = [...cuts.sort((a, b) => a - b), entries.length];
      let board = boardWith(0, 0);
      for (const end of ends) {
        const head = marksOf(board)[1]?.seq ?? 0;
        board = mergeBoard(board, boardWith(Math.max(0, head - overlap), Math.max(end, head)));
      }
      const lane = board.lanes[0];
      expect(lane?.entries).toEqual(entries);
      expect(marksOf(board).map(({ seq }) => seq)).toEqual([0, entries.length]);
    }),
  );
  const whole = benchState(doc, entries);
  const shuffled = benchState(doc, [...entries.slice(40), ...entries.slice(0, 60)]);
  expect(shuffled.findings).toEqual(whole.findings);
  expect(shuffled.record).toEqual(whole.record);
});

test('a lane without news stays the same object and keeps what was found of its chain', () => {
  const before = boardWith(0, 10, 'entry 3 is missing');
  const after = mergeBoard(before, boardWith(0, 0));
  expect(after.lanes[0]).toBe(before.lanes[0]);
  expect(mergeBoard(before, boardWith(10, 11)).lanes[0]?.fault).toBeUndefined();
});

test('entries told live come to the same board; a gap or an unknown record is not papered over', () => {
  const live = addEntries(boardWith(0, 10), 'r', { entries: entries.slice(8, 30) })!;
  expect(live.lanes[0]?.entries).toEqual(entries.slice(0, 30));
  expect(addEntries(boardWith(0, 10), 'r', { entries: entries.slice(12, 14) })).toBeUndefined();
  expect(addEntries(boardWith(0, 10), 'elsewhere', { entries: entries.slice(0, 1) })).toBeUndefined();
});
