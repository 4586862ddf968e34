import { headOf } from '@/core/record/headOf';
import type { BenchBoard, ClassBoard } from '@/core/people/class';
import type { Entry } from '@/core/record/entry';

/** Newest sequence numbers of a board, the class's own log first: what the next request asks beyond. */
export function headsOf({ own, lanes }: ClassBoard): readonly number[] {
  return [own, ...lanes].map(({ entries }) => headOf(entries));
}

/** A board with what came since. A lane without news keeps its entries and what was found of its chain. */
export function mergeBoard(before: ClassBoard, news: ClassBoard): ClassBoard {
  return {
    ...news,
    own: mergeLane(before.own, news.own),
    lanes: news.lanes.map((lane) =>
      mergeLane(
        before.lanes.find(({ log }) => log === lane.log),
        lane,
      ),
    ),
  };
}

function mergeLane(before: BenchBoard | undefined, news: BenchBoard): BenchBoard {
  if (!before) return news;
  if (news.entries.length === 0) return before;
  return { ...news, entries: joined(before.entries, news.entries) };
}

/** A board with entries of one log, as the live feed tells them; nothing when some before them are missing. */
export function addEntries(board: ClassBoard, log: string, entries: readonly Entry[]): ClassBoard | undefined {
  const lane = [board.own, ...board.lanes].find((one) => one.log === log);
  const after = lane && { ...lane, entries: joined(lane.entries, entries) };
  if (!after || headOf(after.entries) < (entries.at(-1)?.seq ?? 0)) return undefined;
  const put = (one: BenchBoard) => (one.log === log ? after : one);
  return { ...board, own: put(board.own), lanes: board.lanes.map(put) };
}

function joined(before: readonly Entry[], news: readonly Entry[]): readonly Entry[] {
  const known = new Set(before.map(({ id }) => id));
  return [...before, ...news.filter(({ id }) => !known.has(id))];
}
