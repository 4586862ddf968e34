import { hasGroup } from './groups';
import type { GroupCounts, GroupId } from './groups';

/** An infrared band usually expected of a group, cm⁻¹. */
export interface InfraredBand {
  readonly group: GroupId;
  readonly bond: string;
  readonly low: number;
  readonly high: number;
  readonly look: string;
}

/** A way of making spots on a thin-layer plate visible. */
export interface Visualizer {
  readonly id: string;
  readonly name: string;
  readonly shows: string;
  /** Groups it is specific for; none when it shows by other means. */
  readonly groups: readonly GroupId[];
  readonly caution: string;
}

/** A melting-point standard: the clear point it is accepted to have, °C. */
export interface MeltingStandard {
  readonly substance: string;
  readonly clear_C: string;
}

/** Bands to look for in the spectrum of a compound, the highest wavenumber first. */
export function expectedBands(bands: readonly InfraredBand[], counts: GroupCounts): readonly InfraredBand[] {
  return bands.filter(({ group }) => hasGroup(counts, group)).sort((a, b) => b.high - a.high);
}

/** Stains whose groups a compound has. */
export function fittingVisualizers(all: readonly Visualizer[], counts: GroupCounts): readonly Visualizer[] {
  return all.filter(({ groups }) => hasGroup(counts, ...groups));
}
