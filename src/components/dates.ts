import { format } from 'date-fns/format';
import { isSameDay } from 'date-fns/isSameDay';
import { TZDate } from '@date-fns/tz';

// Dates and times in words, all from here. A day that all have to read alike is one of UTC; a time of day is the reader's own.

const utc = (instant: string) => new TZDate(instant, 'UTC');

/** The day of an instant in UTC: "3 Mar 2026". */
export const dayOf = (instant: string): string => format(utc(instant), 'd MMM yyyy');

/** The same with the month in full: "3 March 2026". */
export const longDayOf = (instant: string): string => format(utc(instant), 'd MMMM yyyy');

/** Day and time of an instant in UTC: "3 Mar 2026, 13:05". */
export const dayAndTimeOf = (instant: string): string => format(utc(instant), 'd MMM yyyy, HH:mm');

/** Time of day where the reader is, "14:32"; of what is no instant a gap of the same width. */
export function timeOfDay(instant: string): string {
  const at = new Date(instant);
  return Number.isNaN(at.getTime()) ? '––:––' : format(at, 'HH:mm');
}

/** From when to when, where the reader is: "3 Mar, 13:05 – 14:20", the day again where it is another one. */
export function fromTo(from: string, to: string): string {
  const end = format(to, isSameDay(from, to) ? 'HH:mm' : 'd MMM, HH:mm');
  return `${format(from, 'd MMM, HH:mm')} – ${end}`;
}
