import fc from 'fast-check';
import { acetanilideRun } from '@/data/acetanilideRun';
import { acetanilide } from '../../../tests/support/preparations';
import { benchState } from '@/core/record/benchState';
import { entriesOfScript } from '../../../tests/support/demoRun';
import { headsOf, mergeBoard } from './mergeBoard';
import type { ClassBoard } from '@/core/people/class';

const doc = acetanilide();
const entries = entriesOfScript(acetanilideRun());
const boardWith = (from: number, to: number, fault?: string): ClassBoard => ({
  id: 'c',
  name: 'c',
  joinCode: 'c',
  doc,
  own: { bench: '', log: 'own', entries: [] },
  lanes: [{ bench: 'Ruff', log: 'r', entries: entries.slice(from, to), ...(fault ? { fault } : {}) }],
});

test('a board fed piece by piece, with overlaps, comes to the same state as one read at once', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(entries.length), { maxLength: 8 }), fc.nat(5), (cuts, overlap) => {
      const ends = [...cuts.sort((a, b) => a - b), entries.length];
      let board = boardWith(0, 0);
      for (const end of ends) {
        const [, head = 0] = headsOf(board);
        board = mergeBoard(board, boardWith(Math.max(0, head - overlap), Math.max(end, head)));
      }
      const lane = board.lanes[0];
      expect(lane?.entries).toEqual(entries);
      expect(headsOf(board)).toEqual([0, entries.length]);
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
