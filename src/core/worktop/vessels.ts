import type { PlannedVessel } from '../document/document';

type VesselKind = PlannedVessel['kind'];
const may = (takes: VesselKind | undefined, made: string | undefined) => ({
  ...(takes ? { takes } : {}),
  ...(made ? { made } : {}),
});

/** A place that an operation has for a vessel. */
export interface VesselSlot {
  /** What the vessel is to the step. */
  readonly label: string;
  readonly comes: 'filled' | 'empty' | 'either';
  readonly leaves: 'filled' | 'empty';
  readonly holds?: 'product' | 'waste';
  /** Kind of vessel that usually stands there. @default whatever holds it already */
  readonly takes?: VesselKind;
  /** A step says which it is: nothing follows of itself. */
  readonly named?: true;
  /** What it means that no vessel is named, where nothing follows of itself and nothing is lacking either. */
  readonly without?: string;
  /** What it is called while the step names no vessel for it: `{stage}` is what the step works towards, `{n}` the number of a cut. */
  readonly made?: string;
  /** As many as the step has cuts: the name is followed by a number from 1 on. */
  readonly numbered?: true;
}

/** Places for vessels by their names in a step's `uses`. All may be left to the product's way through the procedure. */
export interface Slots {
  readonly [name: string]: VesselSlot;
}

/** The slot that a name in a step's `uses` speaks of. */
export function slotOf(slots: Slots, name: string): VesselSlot | undefined {
  const exact = slots[name];
  if (exact && !exact.numbered) return exact;
  const numbered = slots[name.replace(/[1-9]$/, '')];
  return numbered?.numbered && /[1-9]$/.test(name) ? numbered : undefined;
}

/** What stays in its vessel. */
export const stays = (label: string, takes?: VesselKind) =>
  ({
    label,
    comes: 'filled',
    leaves: 'filled',
    holds: 'product',
    ...may(takes, undefined),
  }) as const satisfies VesselSlot;
/** What is worked on and leaves its vessel. */
export const from = (label: string, takes?: VesselKind) =>
  ({ label, comes: 'filled', leaves: 'empty', ...may(takes, undefined) }) as const satisfies VesselSlot;
/** Where what the step made goes. */
export const into = (label: string, takes?: VesselKind, made?: string) =>
  ({ label, comes: 'empty', leaves: 'filled', holds: 'product', ...may(takes, made) }) as const satisfies VesselSlot;
/** Where what is not wanted goes. */
export const away = (label: string, made?: string) =>
  ({ label, comes: 'either', leaves: 'filled', holds: 'waste', ...may(undefined, made) }) as const satisfies VesselSlot;
/** Where a gas goes that water holds back: a vessel with base or acid in it, under a funnel. */
export const gasTrap = {
  label: 'Gas trap',
  comes: 'filled',
  leaves: 'filled',
  holds: 'waste',
  takes: 'beaker',
  without: 'none: into the hood',
} as const satisfies VesselSlot;
