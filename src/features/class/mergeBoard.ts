import type { BenchBoard, ClassBoard } from '@/core/people/class';

/** Newest sequence numbers of a board, the class's own log first: what the next request asks beyond. */
export function headsOf({ own, lanes }: ClassBoard): readonly number[] {
  return [own, ...lanes].map(({ entries }) => entries.at(-1)?.seq ?? 0);
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
  const known = new Set(before.entries.map(({ id }) => id));
  return { ...news, entries: [...before.entries, ...news.entries.filter(({ id }) => !known.has(id))] };
}
