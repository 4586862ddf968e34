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
}

/**
 * Steps one after the other, without those that are optional. Waiting that the chemistry asks for stays; heating and cooling
 * grow with the scale as s^(1/3), dropwise work as the volume.
 *
 * @param factor scale against the size at which the times were found
 */
export function timeline(doc: Preparation, factor: number): Timeline {
  let clock = 0;
  const steps = doc.steps
    .filter(({ optional }) => !optional)
    .map((step): TimedStep => {
      const minutes = minutesOf(step, factor);
      const timed = {
        step,
        start_min: clock,
        minutes,
        attended: step.time.attended,
        scaled: Math.abs(minutes - step.time.typical_min) >= 0.5,
      };
      clock += minutes;
      return timed;
    });
  return {
    steps,
    total_min: clock,
    attended_min: steps.filter(({ attended }) => attended).reduce((sum, { minutes }) => sum + minutes, 0),
    stops: steps.filter(({ step }) => step.safeStop !== undefined),
  };
}

function minutesOf({ op, params, time }: Step, factor: number): number {
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
export function periodsOf({ steps }: Timeline, available_min: number): readonly Period[] {
  const periods: Period[] = [];
  let rest = steps;
  while (rest.length > 0) {
    const ends = endOf(rest, available_min);
    const taken = rest.slice(0, ends.count);
    periods.push({ steps: taken, minutes: taken.reduce((sum, { minutes }) => sum + minutes, 0), ends: ends.how });
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
