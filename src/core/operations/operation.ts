import type { Fields } from './declare/fields';
import type { Reads } from './declare/reads';
import type { Ref } from './declare/refs';
import type { ParamsSchema } from './declare/schema';
import type { Version } from './declare/versions';
import type { Slots } from '../worktop/vessels';
import type { Finding } from '../finding/finding';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';
import type { Worked } from '../quantity/worked';
import type { Part } from '../record/entry';
import type { BenchCharge } from '../readings/benchTypes';
import type { Live } from '../record/foldRecord';
import type { ClassSettings } from '../record/classSettings';
import type { Ask } from './ask';
import type { Drawing } from './drawing';
import type { Conditions } from './conditions';
import type { Cuts, HotSolvent } from '../worktop/means';
import type { Loss } from '../worktop/loss';
import type { Moments } from '../worktop/moments';
import type { StageMass } from './stageMass';
import type { Told } from './told';
import type { Worktop } from '../worktop/worktop';

/** What an operation may look at: the issued preparation, what was charged, what stands on the record. */
export interface Bench {
  readonly doc: Preparation;
  readonly charge: BenchCharge;
  readonly record: readonly Live[];
  readonly settings: ClassSettings;
  /** Mass of a stage as the steps before found it. */
  readonly massOf: (stage: string) => StageMass | undefined;
  /** What went in to make a stage from an earlier one. */
  readonly inputOf: (stage: string) => Worked<'mass'> | undefined;
  readonly meltingOf: (stage: string) => readonly MeltingRun[];
}

/** A step at a bench. */
export interface StepContext<P = Step['params']> {
  readonly step: Step;
  readonly params: P;
  readonly bench: Bench;
}

/** Something that runs against the clock. Its end is found with the time of asking: the record holds no now. */
export interface Timer {
  readonly key: string;
  readonly step: string;
  readonly label: string;
  /** What to do when it ends. */
  readonly then: string;
  /** ISO 8601 instant at which it began. */
  readonly since: string;
  readonly seconds: number;
  /** ISO 8601; when the next action was recorded. */
  readonly ended?: string;
  /** One that comes again: telling this event starts it anew. */
  readonly again?: { readonly name: string; readonly button: string };
}

/** A measured melting range of one capillary, corrected where the class recorded a correction. */
export interface MeltingRun {
  readonly stage: string;
  readonly item: string;
  readonly onset: Worked<'temperature'>;
  readonly clear: Worked<'temperature'>;
  /** K/min near the melt, from the times of the readings. */
  readonly ramp?: Worked<'heatingRate'>;
  /** A correction of the apparatus is in it. */
  readonly calibrated: boolean;
  /** Ramp slow enough for the range to be taken at face value. */
  readonly sound: boolean;
}

/** Head temperatures at the first and the last drop of a main cut. */
export interface BoilingRange {
  readonly stage: string;
  readonly from: Worked<'temperature'>;
  readonly to: Worked<'temperature'>;
}

/** A number that a step comes to, with its name inside a sentence. */
export interface StepOutcome {
  readonly label: string;
  readonly worked: Worked;
}

/** A per cent that the group is asked to work out itself. */
export interface OwnTask {
  readonly of: string;
  readonly what: 'yield' | 'recovery';
  /** As typed, a fraction with the decimals of its per cent; absent while it is still to be worked out. */
  readonly typed?: { readonly value: number; readonly decimals: number };
}

/** Parts of a procedure, in their order, with their names. */
export const phases = {
  setUp: 'Set up',
  react: 'React',
  isolate: 'Isolate',
  workUp: 'Work up',
  purify: 'Purify',
  dryWeigh: 'Dry and weigh',
  characterize: 'Characterize',
  store: 'Store',
} as const;
export type Phase = keyof typeof phases;

/** The small drawing that stands for an operation in lists. */
export const operationSigns = [
  'pour',
  'drop',
  'reflux',
  'stir',
  'ice',
  'beaker',
  'suction',
  'crystals',
  'dish',
  'balance',
  'capillary',
  'percent',
  'flask',
  'mortar',
  'vial',
  'paper',
  'funnel',
  'grains',
  'rotary',
  'cone',
  'still',
  'column',
  'tube',
  'trace',
] as const;
export type OperationSign = (typeof operationSigns)[number];

/** What an operation is to the steps around it. */
export type Trait =
  /** The reaction may run to its end here. */
  | 'reacts'
  /** Takes the product out of the mixture: no reaction goes on after it. */
  | 'isolates'
  /** Parts two layers. */
  | 'separates'
  /** What it leaves is put on no balance. */
  | 'unweighed';

/**
 * What one kind of step does and asks for. `P` are its parameters, `A` what actually happened, read from the record once and
 * handed to every other face, `S` its places for vessels. All faces are pure.
 */
export interface Faces<P, A, S extends string = string> {
  readonly name: string;
  readonly version: number;
  readonly title: string;
  /** Where in a procedure it usually stands. */
  readonly phase: Phase;
  /** How a text tells it. */
  readonly told: Told;
  /** Operations that a text may tell apart and that this one does by itself when they follow it at once. */
  readonly absorbs?: readonly string[];
  readonly sign: OperationSign;
  /** @default none */
  readonly traits?: readonly Trait[] | ((params: P) => readonly Trait[]);
  /** The line that is added in portions, and in how many. */
  readonly doses?: (params: P) => { readonly line: string; readonly portions: number };
  /** A hot solvent that takes all of a stage and lets it go in the cold. */
  readonly dissolvesHot?: (params: P) => HotSolvent;
  /** A pair of liquids that is parted in cuts. */
  readonly cuts?: (params: P) => Cuts;
  /** Event of this step under the name that an earlier version gave it. */
  readonly readEntry?: (name: string) => NamedPart | undefined;
  /** What happened at this step. */
  readonly actual: (context: StepContext<P>) => A;
  /** One imperative sentence. */
  readonly sentence: (context: StepContext<P>) => string;
  /** Everything the step asks for, in order. The step is complete when all that is not optional is done. */
  readonly asks: (actual: A, context: StepContext<P>) => readonly Ask[];
  /** Usual cautions, shown before the step begins. */
  readonly cautions?: (context: StepContext<P>) => readonly string[];
  /** What stands on the bench by it, in words. */
  readonly equipment?: (params: P) => readonly string[];
  /** What it exposes people and glass to. */
  readonly conditions?: (params: P) => Conditions;
  readonly check?: (actual: A, context: StepContext<P>) => readonly Finding[];
  readonly timers?: (actual: A, context: StepContext<P>) => readonly Timer[];
  /** Numbers that the step comes to, for the bench: each opens its working. Losses that it foresees are shown with them. */
  readonly outcome?: (actual: A, context: StepContext<P>) => readonly StepOutcome[];
  /** The mass that this step found. It must not ask the bench for masses: those are made of this. So for the next two. */
  readonly mass?: (actual: A, context: StepContext<P>) => StageMass | undefined;
  readonly input?: (
    actual: A,
    context: StepContext<P>,
  ) => { readonly stage: string; readonly mass: Worked<'mass'> } | undefined;
  readonly own?: (actual: A, context: StepContext<P>) => OwnTask;
  readonly melting?: (actual: A, context: StepContext<P>) => readonly MeltingRun[];
  /** Share of the product in a chromatogram. */
  readonly purity?: (
    actual: A,
    context: StepContext<P>,
  ) => { readonly stage: string; readonly area: Worked<'fraction'>; readonly corrected: boolean } | undefined;
  readonly boiling?: (actual: A, context: StepContext<P>) => BoilingRange | undefined;
  /** What its picture shows; without one only what is read is drawn. */
  readonly drawing?: (actual: A, context: StepContext<P>) => Drawing;
  /** Part of the step's time that no scale changes, and how the rest grows: as heat does, or with the volume. @default all fixed */
  readonly timing?: (params: P) => { readonly fixed_min: number; readonly grows: 'heat' | 'volume' };
  /** What the step does to the vessels as a model sees it. It works on the worktop, which keeps account of every gram. */
  readonly predict?: (work: Worktop<S>, params: P) => void;
  /** The same, stopping where a person looks or decides: `predict` follows from it. */
  readonly moments?: Moments<P, S>;
  readonly losses?: (actual: A, context: StepContext<P>) => readonly Loss[];
}

/** An operation as the registry holds it: declared once by `defineOperation`, with what follows from its fields. */
export interface Operation extends Faces<Step['params'], unknown> {
  readonly fields: Fields;
  readonly vessels: Slots;
  readonly reads: Reads;
  /** Parameters of every version, the first one first. */
  readonly versions: readonly Version[];
  /** Parameters of an earlier version as today's. */
  readonly upgrade: (params: Step['params'], from: number) => Step['params'];
  /** Shape of the parameters; strict. */
  readonly params: ParamsSchema;
  /** What a step's parameters name in the preparation. */
  readonly refs: (params: Step['params']) => readonly Ref[];
  /** The parameters without something that leaves the preparation; nothing when the step makes no sense without it. */
  readonly without: (params: Step['params'], gone: Pick<Ref, 'kind' | 'id'>) => Step['params'] | undefined;
}

/** An event by its name, and which of several it was. */
export interface NamedPart extends Part {
  readonly name: string;
}
