import type { Layer } from '@/core/process/shownContent';
import type { PlannedVessel } from '@/core/document/document';

/** A place after a step, ready to draw. */
export interface ShownPlace {
  readonly place: string;
  readonly label: string;
  readonly vessel?: PlannedVessel;
  readonly layers: readonly Layer[];
  readonly temperature_C: number;
}
