import { amountKey } from '@/core/handout/draft/decisions';
import type { Clause, ReadState, Span } from '@/core/handout/handout';

/** A stretch of a clause's words, lit by what was read in it. */
export interface Piece extends Span {
  readonly state?: ReadState;
  /** What it stands for. */
  readonly says?: string;
}

const numeral = /\d+(?:[.,]\d+)*|[½¼¾⅓⅔⅛]/g;

/** Words of a clause in pieces: what was read, what a person has to confirm, numbers that were not read, and the rest. */
export function litPieces(text: string, clause: Clause, accepted: ReadonlySet<string>): readonly Piece[] {
  const marks: Piece[] = [
    ...clause.amounts.map((one) => ({
      start: one.start,
      end: one.end,
      state: one.confirm !== undefined && !accepted.has(amountKey(one)) ? ('confirm' as const) : ('read' as const),
      says: one.substance?.name ?? 'of what?',
    })),
    ...clause.quantities.map(({ start, end, kind, confirm }) => ({
      start,
      end,
      state: confirm !== undefined && !accepted.has(spanKey({ start, end })) ? ('confirm' as const) : ('read' as const),
      says: kindWords[kind],
    })),
    ...clause.confirm
      .filter((one) => one.end - one.start < clause.end - clause.start && !accepted.has(spanKey(one)))
      .map(({ start, end, why }) => ({ start, end, state: 'confirm' as const, says: why })),
  ];
  const within = (at: number) => clause.substances.some(({ start, end }) => start <= at && at < end);
  const loose = [...text.slice(clause.start, clause.end).matchAll(numeral)]
    .map(({ index, 0: raw }) => ({ start: clause.start + index, end: clause.start + index + raw.length }))
    .filter(({ start }) => !within(start) && !marks.some((one) => one.start <= start && start < one.end))
    .map((span) => ({ ...span, state: 'notRead' as const, says: 'not read' }));
  return joined([...marks, ...loose], clause);
}

/** Names a place of the text. */
export const spanKey = ({ start, end }: Span): string => `${String(start)}-${String(end)}`;

const kindWords = {
  amount: 'amount',
  temperature: 'temperature',
  time: 'time',
  strength: 'strength',
  pH: 'pH',
  ratio: 'amount for each gram',
  vessel: 'size of a vessel',
  endVolume: 'volume at the end',
  yield: 'what is got',
  share: 'share',
  count: 'how many',
  rate: 'rate',
  pressure: 'pressure',
  literature: 'literature value',
  numbering: 'number of a step',
} as const;

function joined(marks: readonly Piece[], clause: Span): readonly Piece[] {
  const ordered = [...marks].sort((a, b) => a.start - b.start || rank(a) - rank(b));
  const pieces: Piece[] = [];
  let at = clause.start;
  for (const mark of ordered) {
    // Of two that overlap the first one is lit; the other is told beside the text.
    if (mark.start < at) continue;
    if (mark.start > at) pieces.push({ start: at, end: mark.start });
    pieces.push(mark);
    at = mark.end;
  }
  if (at < clause.end) pieces.push({ start: at, end: clause.end });
  return pieces;
}

const rank = ({ state }: Piece) => (state === 'confirm' ? 0 : 1);
