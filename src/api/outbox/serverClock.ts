import { bestOffset, keepSamples } from '@/core/record/clock';
import { store } from './store';
import type { ClockSample } from '@/core/record/clock';

const key = 'clock';
let samples: readonly ClockSample[] = [];
let offset = 0;
let isKnown = false;

/** The server's time as this device estimates it. ms since 1970. */
export const serverNow = (): number => Date.now() + offset;

/** The server's time when the device's own clock showed this. */
export const serverTimeAt = (deviceAt: string): string => new Date(Date.parse(deviceAt) + offset).toISOString();

/** Whether an exchange, or an earlier visit, told how far the device's clock is off. Before that nobody knows. */
export const isClockKnown = (): boolean => isKnown;

/** Learns from an exchange with the server. The estimate is kept for the next opening without a network. */
export function learnClock(sample: ClockSample): void {
  samples = keepSamples(samples, sample);
  const best = bestOffset(samples)?.offset;
  if (best === undefined) return;
  isKnown = true;
  if (best === offset) return;
  offset = best;
  void store()
    .notes.put({ key, value: offset })
    .catch(() => undefined);
}

/** The estimate of an earlier visit, until the server answers again. */
export async function recallClock(): Promise<void> {
  const kept = await store().notes.get(key);
  if (samples.length > 0 || typeof kept?.value !== 'number') return;
  offset = kept.value;
  isKnown = true;
}
