import type { ShownLayer } from '@/core/process/shownContent';
import type { PlannedVessel } from '@/core/document/document';

/** A place after a step, ready to draw. */
export interface ShownPlace {
  readonly place: string;
  readonly label: string;
  readonly vessel?: PlannedVessel;
  readonly layers: readonly ShownLayer[];
  readonly temperature_C: number;
}
