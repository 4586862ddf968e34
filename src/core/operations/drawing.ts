import { isAirCooled } from './airCooled';
import type { Conditions } from './conditions';
import type { Preparation } from '../document/document';
import type { Worked } from '../quantity/worked';

/** What depends on the step in its drawing, by the kind of drawing. */
interface Drawn {
  readonly charge: unknown;
  readonly addition: unknown;
  readonly reflux: { readonly air: boolean };
  readonly hold: unknown;
  readonly cooling: { readonly bath: 'air' | 'water' | 'ice' };
  readonly quench: unknown;
  readonly suction: unknown;
  readonly dissolving: { readonly total?: Worked<'volume'>; readonly expected?: Worked<'volume'> };
  /** Weighings of a series, and what they say. */
  readonly weighings: {
    readonly series: readonly { readonly round: number; readonly mass: Worked<'mass'> }[];
    readonly verdict: 'none' | 'first' | 'falling' | 'rising' | 'soon' | 'constant';
  };
  readonly melting: unknown;
  readonly secondCrop: unknown;
  readonly sum: { readonly of: 'yield' | 'recovery' };
  readonly funnel: { readonly organic: 'upper' | 'lower' };
  readonly still: { readonly packed: boolean; readonly air: boolean };
  readonly stripping: unknown;
  readonly dryingAgent: unknown;
  readonly paper: { readonly positive: string; readonly negative: string };
  readonly pH: { readonly low: number; readonly high: number };
  readonly rack: { readonly tubes: readonly string[] };
  readonly trace: { readonly shows: 'peaks' | 'bands' };
  readonly vial: { readonly shaken: boolean };
  readonly gravity: unknown;
  readonly mixedSolvents: unknown;
  readonly dish: unknown;
  readonly mortar: unknown;
  readonly standing: { readonly where: 'bench' | 'refrigerator'; readonly stoppered: boolean };
  readonly start: { readonly waits: boolean };
  readonly plate: { readonly lanes: number };
  readonly pouring: unknown;
  readonly resuspending: unknown;
  readonly boilingDown: unknown;
  readonly antisolvent: unknown;
  readonly sublimation: { readonly cold: 'water' | 'ice' };
}

/** What a step's picture shows. */
export type Drawing = { readonly [K in keyof Drawn]: { readonly kind: K } & Drawn[K] }[keyof Drawn];

/** Places of each drawing at which something is asked: an ask names one of them. */
interface DrawingSpots {
  readonly charge: 'added';
  readonly addition: 'begun' | 'stirred' | 'ice' | 'thermometer';
  readonly reflux: 'clamped' | 'aids' | 'condenser' | 'open' | 'joints' | 'heatOn' | 'heatOff' | 'firstReflux';
  readonly hold: 'begun' | 'ended';
  readonly cooling: 'begun' | 'ended';
  readonly quench: 'stirred' | 'poured' | 'ended' | 'hood';
  readonly suction: 'paper' | 'weighed' | 'suction' | 'flask' | 'filtered' | 'washed' | 'ended';
  readonly dissolving: 'heater' | 'aids' | 'offHeat' | 'charcoal' | 'warm' | 'filtered';
  readonly weighings: 'begun';
  readonly melting: 'sample' | 'own';
  readonly secondCrop: 'apart';
  readonly sum: never;
  readonly funnel: 'stopcock' | 'cool' | 'room' | 'shaken' | 'upper' | 'separated' | 'settled' | 'parted' | 'tested';
  readonly still:
    'half' | 'aids' | 'bulb' | 'open' | 'tared' | 'receivers' | 'receiver' | 'heatOn' | 'firstDrop' | 'clear' | 'ended';
  readonly stripping: 'tared' | 'peroxides' | 'cooled' | 'begun' | 'constant';
  readonly dryingAgent: 'begun' | 'dry' | 'filtered';
  readonly paper: 'positive' | 'line';
  readonly pH: 'open' | 'paper' | 'reached';
  readonly rack: 'labelled' | `yes-${string}`;
  readonly trace: 'vial' | 'present-A' | 'present-B';
  readonly vial: 'label' | 'stored' | 'headspace' | 'cap' | 'begun' | 'ended';
  readonly gravity: 'paper' | 'flasks' | 'filtered';
  readonly mixedSolvents: 'dissolved' | 'cloudy' | 'seeded' | 'oil';
  readonly dish: 'begun' | 'done';
  readonly mortar: 'begun' | 'changed' | 'ended';
  readonly standing: 'label' | 'begun' | 'seen' | 'ended';
  readonly start: 'begun' | 'started' | 'bulk' | 'dried' | 'solvent' | 'vented' | 'flame' | 'ready';
  readonly plate: 'line' | 'spots' | 'front' | 'single' | `spot-${string}`;
  readonly pouring: 'labels' | 'moved' | 'begun' | 'poured';
  readonly resuspending: 'paper' | 'begun' | 'ended';
  readonly boilingDown: 'aids' | 'mark' | 'heatOn' | 'heatOff';
  readonly antisolvent: 'cloudy' | 'added' | 'oil' | 'ended';
  readonly sublimation: 'dry' | 'surface' | 'heatOn' | 'heatOff' | 'scraped';
}
export type SpotOf<K extends Drawing['kind']> = DrawingSpots[K];

/** A still with its condenser: cooled by air where water would crack it. */
export function still(
  doc: Preparation,
  conditions: Conditions,
  { packed = false, substances = [] }: { readonly packed?: boolean; readonly substances?: readonly string[] } = {},
): Drawing {
  return { kind: 'still', packed, air: isAirCooled(conditions, substances, doc) };
}
