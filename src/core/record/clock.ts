/** One exchange with the server: the device's clock when it asked and when the answer came, and the server's in between. ms since 1970. */
export interface ClockSample {
  readonly asked: number;
  readonly answered: number;
  readonly server: number;
}

/** How far the server's clock is ahead of the device's, and within what. ms. */
export interface ClockOffset {
  readonly offset: number;
  readonly within: number;
}

const longestKept = 8;
/** A longer exchange tells nothing: a sleep, or a clock that was set, may lie within it. ms. */
const longestTrip = 10_000;

/**
 * Offset from one exchange: the server's answer belongs to the middle of the round trip, give or take half of it.
 *
 * @example sampleOffset({ asked: 1000, answered: 1200, server: 421100 }) // → {"offset":420000,"within":100}
 * Source: Cristian, Probabilistic clock synchronization, Distributed Computing 3 (1989) 146.
 */
export function sampleOffset({ asked, answered, server }: ClockSample): ClockOffset {
  return { offset: server - (asked + answered) / 2, within: Math.max(0, answered - asked) / 2 };
}

/**
 * Exchanges worth keeping after a new one: the newest few, and none that the new one contradicts, since then one of the clocks
 * was set meanwhile. An exchange of more than 10 s, or one that ends before it began, is not kept at all.
 */
export function keepSamples(before: readonly ClockSample[], sample: ClockSample): readonly ClockSample[] {
  const trip = sample.answered - sample.asked;
  if (trip < 0 || trip > longestTrip) return before;
  const now = sampleOffset(sample);
  const agree = before.filter((one) => {
    const then = sampleOffset(one);
    // A second of grace: clocks drift, and a round trip may be lopsided.
    return Math.abs(then.offset - now.offset) <= then.within + now.within + 1000;
  });
  return [...agree, sample].slice(-longestKept);
}

/** The best of several exchanges: the one with the shortest round trip. */
export function bestOffset(samples: readonly ClockSample[]): ClockOffset | undefined {
  return samples.map(sampleOffset).sort((a, b) => a.within - b.within)[0];
}
