import type { PlannedVessel } from '../../document/document';

type VesselKind = PlannedVessel['kind'];
const kind = (takes: VesselKind | undefined) => (takes ? { takes } : {});

/** A place that an operation has for a vessel. */
export interface Slot {
  /** What the vessel is to the step. */
  readonly label: string;
  readonly comes: 'filled' | 'empty' | 'either';
  readonly leaves: 'filled' | 'empty';
  readonly holds?: 'product' | 'waste';
  /** Kind of vessel that usually stands there. @default whatever holds it already */
  readonly takes?: VesselKind;
  /** As many as the step has cuts: the name is followed by a number from 1 on. */
  readonly numbered?: true;
}

/** Places for vessels by their names in a step's `uses`. All may be left to the product's way through the procedure. */
export interface Slots {
  readonly [name: string]: Slot;
}

/** The slot that a name in a step's `uses` speaks of. */
export function slotOf(slots: Slots, name: string): Slot | undefined {
  const exact = slots[name];
  if (exact && !exact.numbered) return exact;
  const numbered = slots[name.replace(/[1-9]$/, '')];
  return numbered?.numbered && /[1-9]$/.test(name) ? numbered : undefined;
}

/** What stays in its vessel. */
export const stays = (label: string, takes?: VesselKind) =>
  ({ label, comes: 'filled', leaves: 'filled', holds: 'product', ...kind(takes) }) as const satisfies Slot;
/** What is worked on and leaves its vessel. */
export const from = (label: string, takes?: VesselKind) =>
  ({ label, comes: 'filled', leaves: 'empty', ...kind(takes) }) as const satisfies Slot;
/** Where what the step made goes. */
export const into = (label: string, takes?: VesselKind) =>
  ({ label, comes: 'empty', leaves: 'filled', holds: 'product', ...kind(takes) }) as const satisfies Slot;
/** Where what is not wanted goes. */
export const away = (label: string) =>
  ({ label, comes: 'either', leaves: 'filled', holds: 'waste' }) as const satisfies Slot;
