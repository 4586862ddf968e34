import type { Slot } from '@/core/record/entry';

/** One thing that happens at a demo bench; `of` counts the bench's own steps from 0. */
export type DemoStep = { readonly minute: number } & (
  | {
      readonly read: string;
      readonly line: string;
      readonly slot: Slot;
      readonly device: string;
      readonly state?: readonly string[];
    }
  | { readonly ask: readonly number[] }
  | { readonly sign: readonly number[] }
  | { readonly strike: number; readonly reason: string }
);

const read = (minute: number, line: string, slot: Slot, text: string, device: string, ...state: readonly string[]): DemoStep => ({
  minute,
  read: text,
  line,
  slot,
  device,
  ...(state.length > 0 ? { state } : {}),
});
const byDifference = (minute: number, full: string, empty: string, capAfter = 'cap on'): readonly DemoStep[] => [
  read(minute, 'aniline', 'full', full, 'balance-001', 'cap on'),
  read(minute + 2, 'aniline', 'empty', empty, 'balance-001', capAfter),
];
const acid = (minute: number, text = '4.0 mL') => read(minute, 'acid', 'volume', text, 'cylinder-10');
const anhydride = (minute: number, text = '2.50 mL') => read(minute, 'anhydride', 'volume', text, 'pipette-5');

/** Begin of the demo period; minutes count from here. */
export const demoBegin = '2026-03-03T13:30:00.000Z';

/** Charging acetanilide at eight benches: clean ones, unfinished ones, and ones that carry a mistake. */
export const demoRecord: Readonly<Record<string, readonly DemoStep[]>> = {
  // Avocet has not begun: the bench to try things at.
  Avocet: [],
  Curlew: [...byDifference(6, '24.10 g', '22.06 g'), { minute: 9, ask: [0, 1] }, { minute: 11, sign: [0, 1] }, acid(14), anhydride(19)],
  // Planned taken for actual: 2.29 g aniline, and the anhydride as the plan had it.
  Dunlin: [...byDifference(8, '24.31 g', '22.02 g'), acid(13), anhydride(18)],
  Godwit: [read(12, 'aniline', 'volume', '2.00 mL', 'pipette-2'), { minute: 13, ask: [0] }],
  // The cap was on for the full vial and off for the empty one.
  Knot: [...byDifference(7, '24.12 g', '20.21 g', 'cap off'), acid(12)],
  Plover: [read(9, 'aniline', 'volume', '2.00 mL', 'pipette-2'), acid(12, '4 mL')],
  // Two tablets, one place.
  Sanderling: [read(10, 'aniline', 'net', '2.04 g', 'balance-001'), read(10, 'aniline', 'net', '2.40 g', 'balance-001')],
  Turnstone: [read(8, 'aniline', 'net', '20.4 g', 'balance-01'), { minute: 9, strike: 0, reason: 'typed without the point' }, read(10, 'aniline', 'net', '2.06 g', 'balance-001'), acid(15), anhydride(21)],
};
