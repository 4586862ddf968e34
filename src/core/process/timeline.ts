import { before } from '../document/order';
import { findOperation } from '../operations/registry';
import { timeAtScale } from '../models/heat/newtonCooling';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';

/** A step on the clock, in minutes from the start. */
export interface TimedStep {
  readonly step: Step;
  readonly start_min: number;
  readonly minutes: number;
  readonly attended: boolean;
  /** What grows with the scale was made longer or shorter. */
  readonly scaled: boolean;
}

/** The procedure in time. */
export interface Timeline {
  readonly steps: readonly TimedStep[];
  readonly total_min: number;
  readonly attended_min: number;
  readonly stops: readonly TimedStep[];
  /** With every step at its quickest, and at its slowest; absent where no step says either. */
  readonly range?: { readonly least_min: number; readonly most_min: number };
}

/**
 * Steps after those that they wait for, without those that are optional; a group does one thing at a time that somebody must stand by.
 * Waiting that the chemistry asks for stays; heating and cooling grow with the scale as s^(1/3), dropwise work as the volume. What is
 * repeated takes its least number of times.
 *
 * @param factor scale against the size at which the times were found
 */
export function timeline(doc: Preparation, factor: number): Timeline {
  const typical = timed(doc, factor);
  if (doc.steps.every(({ time }) => time.least_min === undefined && time.most_min === undefined)) return typical;
  const at = (bound: 'least_min' | 'most_min') =>
    timed(
      {
        ...doc,
        steps: doc.steps.map((step) => ({
          ...step,
          time: { ...step.time, typical_min: step.time[bound] ?? step.time.typical_min },
        })),
      },
      factor,
    ).total_min;
  return { ...typical, range: { least_min: at('least_min'), most_min: at('most_min') } };
}

function timed(doc: Preparation, factor: number): Timeline {
  const ends = new Map<string, number>();
  // When the group has its hands free.
  let free = 0;
  const steps = doc.steps.flatMap((step, i): readonly TimedStep[] => {
    const awaited = Math.max(0, ...before(doc.steps, i).map((id) => ends.get(id) ?? 0));
    if (step.optional) {
      ends.set(step.id, awaited);
      return [];
    }
    const { attended } = step.time;
    const start_min = attended ? Math.max(awaited, free) : awaited;
    const minutes = minutesOf(step, factor);
    ends.set(step.id, start_min + minutes);
    if (attended) free = start_min + minutes;
    return [
      { step, start_min, minutes, attended, scaled: Math.abs(minutes - once(step) * step.time.typical_min) >= 0.5 },
    ];
  });
  return {
    steps,
    total_min: Math.max(0, ...ends.values()),
    attended_min: steps.filter(({ attended }) => attended).reduce((sum, { minutes }) => sum + minutes, 0),
    stops: steps.filter(({ step }) => step.safeStop !== undefined),
  };
}

const once = ({ repeat }: Step): number => repeat?.least ?? 1;

function minutesOf(step: Step, factor: number): number {
  return once(step) * minutesOnce(step, factor);
}

function minutesOnce({ op, params, time }: Step, factor: number): number {
  const timing = findOperation(op)?.timing?.(params);
  if (!timing || factor === 1) return time.typical_min;
  const fixed = Math.min(time.typical_min, timing.fixed_min);
  const rest = time.typical_min - fixed;
  return fixed + (timing.grows === 'volume' ? rest * factor : timeAtScale(rest * 60, factor) / 60);
}

/** A lab period: what is done in it, and whether one may stop where it ends. */
export interface Period {
  readonly steps: readonly TimedStep[];
  readonly minutes: number;
  /** It ends at a safe stop, or with the last step. */
  readonly ends: 'stop' | 'done' | 'nowhere';
}

/**
 * Fits the steps into periods: each runs as far as it can and ends at the last safe stop before its time is over. Where there is
 * none, it runs over to the next one and says so.
 *
 * @param available_min working time of a period, without cleaning up
 */
export function periodsNeeded({ steps }: Timeline, available_min: number): readonly Period[] {
  const periods: Period[] = [];
  let rest = steps;
  while (rest.length > 0) {
    const ends = endOf(rest, available_min);
    const taken = rest.slice(0, ends.count);
    const begins = taken[0]?.start_min ?? 0;
    const over = Math.max(begins, ...taken.map(({ start_min, minutes }) => start_min + minutes));
    periods.push({ steps: taken, minutes: over - begins, ends: ends.how });
    rest = rest.slice(ends.count);
  }
  return periods;
}

function endOf(
  rest: readonly TimedStep[],
  available_min: number,
): { readonly count: number; readonly how: Period['ends'] } {
  const first = rest[0]?.start_min ?? 0;
  const within = ({ start_min, minutes }: TimedStep) => start_min + minutes - first <= available_min + 1e-9;
  if (rest.every(within)) return { count: rest.length, how: 'done' };
  const stop = rest.findLastIndex((one) => within(one) && one.step.safeStop !== undefined);
  if (stop >= 0) return { count: stop + 1, how: 'stop' };
  const late = rest.findIndex(({ step }) => step.safeStop !== undefined);
  return { count: late < 0 ? rest.length : late + 1, how: 'nowhere' };
}
