import { finding } from '../finding/finding';
import { toCanonical } from '../quantity/units';
import { configurationOf } from './measured';
import type { Finding, Place } from '../finding/finding';
import type { LineReadings } from './measured';

/** Full and empty against each other: the same configuration, and full the heavier. */
export function configurationFindings(
  { full, empty }: LineReadings,
  name: string,
  place: Pick<Place, 'line' | 'step'>,
): readonly Finding[] {
  if (!full || !empty) return [];
  const about = { ...place, slot: 'empty' };
  if (configurationOf(full) !== configurationOf(empty)) {
    return [
      finding('reading.configuration', 'stop', about, {
        name,
        full: configurationOf(full),
        empty: configurationOf(empty),
      }),
    ];
  }
  const value = (one: typeof full) => toCanonical(one.body.digits, one.body.unit);
  if (value(full) > value(empty)) return [];
  return [
    finding('reading.order', 'stop', about, {
      name,
      full: `${full.body.digits} ${full.body.unit}`,
      empty: `${empty.body.digits} ${empty.body.unit}`,
    }),
  ];
}
