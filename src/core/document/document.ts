import type { Device } from '../quantity/device';
import type { Conventions } from '../conventions/catalogue';
import type { DryingAgentId } from '../reference/dryingAgents';
import type { Antoine, Form, HazardLabel } from '../reference/substance';
import type { GroupCounts } from '../reference/groups';
import type { WasteStream } from '../reference/wasteStreams';
import type { Reaction } from './reaction';
import type { Stage, Step } from './steps';

/** Version of the document's format; a later format upgrades this one (see docs/architecture.md). */
export const formatVersion = 3;

export const roles = [
  'reactant',
  'material',
  'reagent in excess',
  'catalyst',
  'solvent',
  'quench',
  'extractant',
  'wash',
  'drying agent',
  'rinse',
  'aid',
] as const;
export type LineRole = (typeof roles)[number];

export const dataChecks = ['computed', 'cross-checked', 'from memory'] as const;

/** A literature value with where it is from and how far it was checked. */
export interface Datum {
  readonly digits: string;
  /** Temperature of a density, °C. */
  readonly at_C?: number;
  readonly source: string;
  readonly check: (typeof dataChecks)[number];
}

/** How much dissolves: a number, or "miscible". */
export type Dissolves = Datum;

/** A melting range from the literature, °C. */
export interface MeltingDatum extends Omit<Datum, 'digits' | 'at_C'> {
  readonly low: string;
  readonly high: string;
}

/** Label elements as they stood in the reference when they were taken over. */
export interface Hazards extends HazardLabel {
  readonly check: (typeof dataChecks)[number];
}

/** How much of a solid dissolves, only where the solid is the saturating phase. */
export interface Solubility {
  /** A substance of the preparation. */
  readonly solvent: string;
  /** g per 100 mL of solvent, at rising temperatures. */
  readonly points: readonly (Datum & { readonly at_C: number })[];
}

/** A substance as the preparation uses it: a snapshot, so that a later correction elsewhere changes nothing here. */
export interface Substance {
  readonly id: string;
  readonly name: string;
  /** What is in the bottle, hydrate water included. Absent for undefined matter (cloves, charcoal). */
  readonly formula?: string;
  readonly smiles?: string;
  /** g/mL of the pure liquid (or of the solution, on a line). */
  readonly density?: Datum;
  /** Melting range in the literature, °C. */
  readonly melting?: MeltingDatum;
  readonly solubility?: readonly Solubility[];
  /** Entry of the reference library that this was taken from. */
  readonly reference?: string;
  /** Functional groups and kinds of species found in it. */
  readonly groups?: GroupCounts;
  /** At 20 °C. */
  readonly form?: Form;
  /** °C at 760 torr. */
  readonly boiling?: Datum;
  /** °C. */
  readonly flash?: Datum;
  readonly hazards?: Hazards;
  readonly peroxideFormer?: boolean;
  readonly waterReactive?: boolean;
  readonly waste?: WasteStream;
  readonly notDriedWith?: readonly DryingAgentId[];
  /** g/100 mL of water. */
  readonly waterSolubility?: Dissolves;
  /** Water that the liquid takes up, % w/w. */
  readonly waterContent?: Dissolves;
  /** Octanol over water. */
  readonly logP?: Datum;
  /** One for each step, ascending; of the conjugate acid for a base. */
  readonly pKa?: readonly Datum[];
  /** kJ/mol. */
  readonly fusion?: Datum;
  readonly antoine?: Antoine & Pick<Datum, 'check'>;
  /** Usual cautions, in one line. */
  readonly caution?: string;
}

/** How a line's amount is written down, for one portion. */
export type Entered =
  | {
      readonly by: 'mass' | 'volume' | 'amount';
      readonly digits: string;
      readonly unit: string;
      /** Upper end of a range that the author leaves open; the charge is computed with the lower one. */
      readonly high?: string;
    }
  /** Of a line that is taken from a stage: per cent of what the stage can be at most which is expected. */
  | { readonly by: 'expected'; readonly percent: string }
  | { readonly by: 'equivalents' | 'molPercent'; readonly digits: string }
  | {
      readonly by: 'perMass';
      /** mL per g. */
      readonly digits: string;
      /** A line's id, or the product. */
      readonly of: string;
      /** Per cent of that mass which is expected here (a crude yield). */
      readonly percent?: string;
    }
  | { readonly by: 'words'; readonly text: string };

/** Strength of what is in the bottle; absent means pure. */
export type Strength =
  { readonly by: 'massFraction'; readonly digits: string } | { readonly by: 'molarity'; readonly digits: string };

export const excessReasons = [
  'cheap',
  'easy to remove',
  'pushes an equilibrium',
  'replaces losses',
  'dries the system',
  'the other must not be left over',
] as const;

/** One line of the charge table. */
export interface ChargeLine {
  readonly id: string;
  readonly substance: string;
  readonly role: LineRole;
  /** Reaction that it goes into; absent for what belongs to the work-up. */
  readonly reaction?: string;
  /** Stage that it is taken from; absent when it comes out of a bottle. */
  readonly supply?: { readonly stage: string };
  readonly entered: Entered;
  readonly strength?: Strength;
  /** What the substance is dissolved in. @default water, or what the name tells */
  readonly solvent?: string;
  /** What the bottle holds beside it. */
  readonly contains?: readonly { readonly substance: string; readonly strength: Strength }[];
  /** Density of the solution in the bottle; the substance's own otherwise. */
  readonly density?: Datum;
  /** When the bottle holds something other than the equation's species: what it counts as, and how many per formula unit. */
  readonly delivers?: { readonly substance: string; readonly count: number };
  /** Equal portions; scaling changes their size, not their number. @default 1 */
  readonly portions?: number;
  readonly device?: string;
  /** @default proportional */
  readonly scaling?: 'proportional' | 'fixed';
  readonly excessReason?: (typeof excessReasons)[number];
  readonly addition?: { readonly minutes: number; readonly exothermic: boolean };
  readonly vessel?: string;
  /** Where it ends. @default the substance's own stream */
  readonly waste?: WasteStream;
  readonly note?: string;
}

export const vesselKinds = [
  'reaction flask',
  'distillation flask',
  'pear flask',
  'conical flask',
  'beaker',
  'separatory funnel',
  'dropping funnel',
  'test tube',
  'vial',
  'dish',
  'watch glass',
  'filter flask',
  'receiver',
] as const;

export interface PlannedVessel {
  readonly id: string;
  readonly name: string;
  readonly kind: (typeof vesselKinds)[number];
  readonly capacity_mL: number;
  /** Of a round flask. */
  readonly necks?: number;
  /** Least volume that covers the stir bar or the bulb. */
  readonly covers_mL?: number;
}

/** The one choice everything else follows from. */
export type Pin =
  | { readonly at: 'factor'; readonly digits: string }
  | {
      readonly at: 'line';
      readonly line: string;
      readonly digits: string;
      readonly unit: string;
      /** A portion at one bench, or the whole class with its spare. */
      readonly over: 'bench' | 'class';
    }
  | { readonly at: 'product'; readonly digits: string; readonly unit: string; readonly percent: string }
  | { readonly at: 'vessel'; readonly vessel: string; readonly digits: string; readonly percent: string };

/** A preparation: the document from which the whole plan is computed. Written at the scale at which it was tested. */
export interface Preparation {
  readonly format: 'mozle-preparation';
  readonly formatVersion: typeof formatVersion;
  readonly title: string;
  readonly summary: string;
  /** Protective equipment, the line at the top of the procedure. */
  readonly protection: string;
  readonly substances: readonly Substance[];
  /** What happens chemically; none where something is only separated or purified. */
  readonly reactions: readonly Reaction[];
  /** Line that is measured first and sets the scale of all others; meant to limit the reaction that it goes into. */
  readonly reference?: string;
  readonly lines: readonly ChargeLine[];
  readonly vessels: readonly PlannedVessel[];
  readonly devices: readonly Device[];
  /** What is weighed and characterized, the last one being what the preparation is for. */
  readonly stages: readonly Stage[];
  readonly steps: readonly Step[];
  readonly pin: Pin;
  readonly benches: number;
  readonly spare_percent: number;
  /** Which school each open question is settled by; set by the course when a class is issued. */
  readonly conventions?: Conventions;
}
