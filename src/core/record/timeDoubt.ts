import { isStored } from './entry';
import type { Noted } from './entry';

/** How far an estimate of the server's clock may be off without anybody having set a clock wrong. */
const slackMs = 2000;

/**
 * Whether the time that an entry tells of itself cannot be: later than the server got it, or before its record began. Such an
 * entry is stored like any other, since what a tablet made is never lost, and marked.
 *
 * @param since when the record began, ISO 8601
 */
export function timeDoubt(noted: Noted, since: string | undefined): 'ahead' | 'before' | undefined {
  // What is on this device only was received by nobody.
  if (!isStored(noted)) return undefined;
  const { at, received } = noted;
  const time = Date.parse(at);
  // Stored before instants were judged as such.
  if (Number.isNaN(time)) return 'ahead';
  if (time > Date.parse(received) + slackMs) return 'ahead';
  if (since !== undefined && time < Date.parse(since) - slackMs) return 'before';
  return undefined;
}
