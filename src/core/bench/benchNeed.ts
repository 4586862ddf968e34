import { renderFinding } from '../words/renderFinding';
import type { BenchState } from './benchState';
import type { Finding } from '../finding/finding';
import type { Live } from '../record/foldRecord';
import type { Timer } from '../operations/operation';

/** What one bench needs from the demonstrator, at most one thing: the gravest. */
export interface BenchNeed {
  readonly kind: 'stop' | 'signature' | 'late' | 'caution' | 'nothing';
  /** Since when, ISO 8601; absent when nothing has happened yet. */
  readonly since?: string;
  /** What it is about, in words: the finding's title, or what the timer asks for. */
  readonly about?: string;
}

/** Seconds that a timer still has, below zero when it is late. */
export function secondsLeft({ since, seconds }: Timer, now: number): number {
  return seconds - (now - Date.parse(since)) / 1000;
}

/** Timers that run and are over. */
export function lateTimers(timers: readonly Timer[], now: number): readonly Timer[] {
  return timers.filter((timer) => timer.ended === undefined && secondsLeft(timer, now) < 0);
}

/**
 * What a bench needs, from its state and the time of asking.
 *
 * @param now ms since 1970
 */
export function benchNeed(state: BenchState, now: number): BenchNeed {
  const stop = state.findings.find(({ severity }) => severity === 'stop');
  if (stop) return { kind: 'stop', ...aboutFinding(state, stop) };
  if (state.waiting.length > 0) return { kind: 'signature', ...newest(asksOf(state)) };
  const [late] = lateTimers(state.timers, now);
  if (late)
    return {
      kind: 'late',
      since: new Date(Date.parse(late.since) + late.seconds * 1000).toISOString(),
      about: late.then,
    };
  const caution = state.findings.find(({ severity }) => severity === 'caution');
  if (caution) return { kind: 'caution', ...aboutFinding(state, caution) };
  return { kind: 'nothing', ...newest(state.record.map(({ entry }) => entry.at)) };
}

const asksOf = ({ waiting }: BenchState) => waiting.flatMap(({ askedAt }) => (askedAt === undefined ? [] : [askedAt]));

function newest(times: readonly string[]): { readonly since?: string } {
  const last = [...times].sort().at(-1);
  return last === undefined ? {} : { since: last };
}

/** Its title, and since when: the newest thing that stands at the finding's place. */
function aboutFinding({ record }: BenchState, item: Finding) {
  const { line, step } = item.about;
  const about = ({ body, status }: Live) => {
    if (status === 'void' || status === 'corrected') return false;
    if (body.k === 'reading')
      return line !== undefined ? body.place.line === line : step !== undefined && body.place.step === step;
    return 'step' in body && step !== undefined && body.step === step;
  };
  const found = record.filter(about).map(({ entry }) => entry.at);
  return {
    ...newest(found.length > 0 ? found : record.map(({ entry }) => entry.at)),
    about: renderFinding(item).title,
  };
}
