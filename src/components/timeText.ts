import { roundDecimals } from '@/core/quantity/decimals';
import { spanWords } from '@/core/quantity/spanWords';

/** A duration as a clock shows it, "4:07"; below zero as its size; of what is no time a gap. */
export function minutesAndSeconds(seconds: number): string {
  if (!Number.isFinite(seconds)) return '–:––';
  const whole = Number(roundDecimals(Math.abs(seconds), 0));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** What is left of a time that runs: as a clock shows it, from two hours on in words. */
export const timeLeft = (seconds: number): string =>
  Math.abs(seconds) < 7200 || Number.isNaN(seconds) ? minutesAndSeconds(seconds) : spanWords(Math.abs(seconds));

/** A duration in words, "4 h 20 min"; of what is no time a gap. */
export function hoursAndMinutes(minutes: number): string {
  if (!Number.isFinite(minutes)) return '–';
  const [hours, rest] = [Math.floor(minutes / 60), Number(roundDecimals(minutes % 60, 0))];
  return [hours > 0 ? `${hours}\u00a0h` : '', rest > 0 || hours === 0 ? `${rest}\u00a0min` : '']
    .filter(Boolean)
    .join(' ');
}
