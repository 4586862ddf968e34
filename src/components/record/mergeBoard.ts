import { headOf } from '@/core/record/headOf';
import { markOf, withNews } from '@/core/record/mark';
import type { BenchBoard, ClassBoard } from '@/core/people/class';
import type { Mark, News } from '@/core/record/mark';

/** Where a board stands in each log, the class's own first: what the next request asks beyond. */
export function marksOf({ own, lanes }: ClassBoard): readonly Mark[] {
  return [own, ...lanes].map(({ entries }) => markOf(entries));
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
  const entries = withNews(before.entries, news);
  return entries === before.entries ? before : { ...news, entries };
}

/** A board with news of one log, as the live feed tells them; nothing when some entries before them are missing. */
export function addEntries(board: ClassBoard, log: string, news: News): ClassBoard | undefined {
  const lane = [board.own, ...board.lanes].find((one) => one.log === log);
  const after = lane && { ...lane, entries: withNews(lane.entries, news) };
  if (!after || headOf(after.entries) < (news.entries.at(-1)?.seq ?? 0)) return undefined;
  const put = (one: BenchBoard) => (one.log === log ? after : one);
  return { ...board, own: put(board.own), lanes: board.lanes.map(put) };
}
