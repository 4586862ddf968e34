import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import type { Charge } from './chargeTable';
import type { Facts } from './facts';
import type { Worked } from '../quantity/worked';

/** Content of a vessel. */
export interface VesselContent {
  /** Sum of the known volumes; absent when none is known. */
  readonly volume?: Worked<'volume'>;
  /** Names of what goes in with an unknown volume: solids without a density. */
  readonly unknown: readonly string[];
}

/** Volume of everything that goes into a vessel, taken as additive: an assumption that the working states. */
export function vesselVolume(facts: Facts, vessel: string, charge: Charge): VesselContent {
  const into = [...facts.lines.values()].filter(({ line }) => line.vessel === vessel && line.entered.by !== 'words');
  const volumes: Worked<'volume'>[] = [];
  const unknown: string[] = [];
  for (const { line, substance } of into) {
    const volume = charge.rows.get(line.id)?.total.volume;
    if (volume) volumes.push(volume);
    else unknown.push(substance.substance.name);
  }
  if (volumes.length === 0) return { unknown };
  const volume = derive({
    formula: 'vesselVolume',
    dim: 'volume',
    unit: 'mL',
    value: volumes.reduce((total, one) => total + one.q.value, 0),
    inputs: Object.fromEntries(volumes.map((one, i) => [`V_${i + 1}`, fromWorked(one)])),
    quotient: false,
  });
  return { volume, unknown };
}
