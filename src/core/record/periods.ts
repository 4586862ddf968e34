import { isStored } from './entry';
import type { Noted, PeriodTurn } from './entry';
import type { Live } from './foldRecord';

/** One mark of a period. It holds from the moment at which the server got it: no device's clock opens or closes a class. */
interface Period extends Pick<PeriodTurn, 'to' | 'reason'> {
  readonly at: string;
  readonly by: string;
}

/** Opened and closed, oldest first. A class that nobody opened or closed yet is open. */
export type Periods = readonly Period[];

export const noPeriods: Periods = [];

/** Marks of a class's log. */
export function periodsOf(log: readonly Live[]): Periods {
  return log
    .flatMap(({ entry, body, status }): readonly (Period & { readonly seq: number })[] =>
      body.k === 'period' && status !== 'void' && isStored(entry)
        ? [
            {
              to: body.to,
              at: entry.received,
              by: entry.author.name,
              seq: entry.seq,
              ...(body.reason === undefined ? {} : { reason: body.reason }),
            },
          ]
        : [],
    )
    .sort((a, b) => a.seq - b.seq)
    .map(({ seq: _, ...mark }) => mark);
}

/** Since when the record is closed, ISO 8601; nothing while it is open. */
export function closedSince(periods: Periods): string | undefined {
  const last = periods.at(-1);
  return last?.to === 'closed' ? last.at : undefined;
}

/**
 * Whether something that happened at `at` may still come into the record now. What was made before the closing comes in
 * afterwards, marked as late.
 */
export function takesFrom(periods: Periods, at: string): boolean {
  const since = closedSince(periods);
  return since === undefined || at < since;
}

/** Whether an entry came in after a closing and was made before it. */
export function isLate(noted: Noted, periods: Periods): boolean {
  if (!isStored(noted)) return false;
  const { at, received } = noted;
  return periods.some((mark) => mark.to === 'closed' && at < mark.at && mark.at <= received);
}

/** What is wrong with a mark where things stand; nothing when it may be set. */
export function turnFault(periods: Periods, { to, reason }: Pick<PeriodTurn, 'to' | 'reason'>): string | undefined {
  const closed = closedSince(periods) !== undefined;
  if (to === 'closed') return closed ? 'The period is closed already.' : undefined;
  if (to === 'reopened' && !reason) return 'Say why the record is reopened.';
  if (to === 'reopened') return closed ? undefined : 'The period is open: there is nothing to reopen.';
  return closed || periods.length === 0 ? undefined : 'The period is open already.';
}
