import type { SlotAsk } from '../ask';

/** A reading that an operation takes at a slot of its own. */
export interface Read {
  readonly dim: SlotAsk['dim'];
  /** What the reading is called behind the step's name. @default nothing: the step has one of its kind */
  readonly word?: string;
  /** Taken again and again, or of several things. */
  readonly per?: 'round' | 'item';
}

/** Readings by the slot at which they stand on the record. */
export interface Reads {
  readonly [slot: string]: Read;
}

/** A mass by difference or net. */
export const massReads = {
  full: { dim: 'mass', word: 'full' },
  empty: { dim: 'mass', word: 'empty' },
  net: { dim: 'mass' },
} as const satisfies Reads;
/** A temperature, once. */
export const temperatureRead = { temperature: { dim: 'temperature' } } as const satisfies Reads;
/** Temperatures, one after the other. */
export const temperatureReads = { temperature: { dim: 'temperature', per: 'round' } } as const satisfies Reads;
