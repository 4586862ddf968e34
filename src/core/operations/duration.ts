import { derive } from '../stoichiometry/derive';
import { secondsBetween } from './onRecord';
import type { Live } from '../record/foldRecord';
import type { Worked, WorkedInput } from '../quantity/worked';

/** Time from one entry to another, s, shown in minutes or hours; nothing while one of them is missing. */
export function durationOf(
  from: Live | undefined,
  to: Live | undefined,
  unit: 'min' | 'h' = 'min',
): Worked<'time'> | undefined {
  if (!from || !to) return undefined;
  const value = secondsBetween(from, to);
  const at = (live: Live, seconds: number): WorkedInput => ({
    q: { dim: 'time', value: seconds },
    unit,
    figures: 3,
    source: { at: 'entry', id: live.entry.id },
  });
  return derive({
    formula: 'duration',
    dim: 'time',
    unit,
    value,
    inputs: { t_2: at(to, value), t_1: at(from, 0) },
    figures: Math.abs(value) >= 600 ? 3 : 2,
    certain: 'measured',
    quotient: false,
  });
}
