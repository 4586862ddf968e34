import type { Role } from '../identity';

/** Kinds of vessel that stand on a bench. */
export const benchVessels = [
  'round flask',
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
export type VesselKind = (typeof benchVessels)[number];

/** How an amount is read at the bench: net on a tared balance, two weighings of a vessel, or a volume. */
export const slots = ['net', 'full', 'empty', 'volume'] as const;
export type Slot = (typeof slots)[number];

/** Something that is measured: a line of the charge table, or a part of a step (capillary B, third portion). */
export interface About {
  readonly line?: string;
  readonly step?: string;
  readonly item?: string;
  readonly round?: number;
}

/** Where on a bench's record a reading belongs. A line's slots are {@link Slot}s, a step's are named by its operation. */
export interface RecordPlace extends About {
  readonly slot: string;
}

/** What was read, as it was read. `state` is the configuration of a weighed vessel ("cap on"). */
export interface Reading {
  readonly k: 'reading';
  readonly place: RecordPlace;
  readonly digits: string;
  readonly unit: string;
  readonly device?: string;
  readonly state?: readonly string[];
}

/** Something observed or said, in words. */
export interface Words {
  readonly k: 'words';
  readonly line?: string;
  readonly step?: string;
  readonly text: string;
}

/** Which of several, or which of many rounds: capillary B, the third portion. */
export type Part = Pick<About, 'item' | 'round'>;

/** Something that happened, by its name in the operation: "firstReflux". Its time is the entry's. */
export interface Happening extends Part {
  readonly k: 'event';
  readonly step: string;
  readonly name: string;
}

/** A set-up check that was made. */
export interface Tick extends Part {
  readonly k: 'tick';
  readonly step: string;
  readonly check: string;
}

/** A vessel that came onto the bench, and what stands on its label. */
export interface VesselNote {
  readonly k: 'vessel';
  readonly id: string;
  readonly as: VesselKind;
  readonly label: string;
}

/**
 * What was poured: all of it, a layer, or a part that was measured. Where it was decided at a moment of a step, it says of which one: of
 * which round, and the how manieth in it (the first, if nothing is said).
 */
export interface Move {
  readonly k: 'move';
  readonly step?: string;
  readonly round?: number;
  readonly n?: number;
  readonly from: string;
  /** A vessel, or a waste stream of the preparation. */
  readonly to: string;
  readonly what: 'all' | 'upper' | 'lower' | 'part';
  readonly typed?: { readonly digits: string; readonly unit: string };
}

/** A step that is left out, with the reason, or taken up again. */
export interface StepTurn {
  readonly k: 'step';
  readonly step: string;
  readonly to: 'skip' | 'again';
  readonly reason?: string;
}

/** Something that was done otherwise than the sheet says. */
export interface Deviation {
  readonly k: 'deviation';
  readonly step: string;
  readonly reason: string;
}

/** Going on in spite of a stop; bound to the facts it saw. */
export interface Override {
  readonly k: 'override';
  readonly finding: string;
  readonly facts: string;
  readonly reason: string;
}

/** What is set for a whole class, and the kind of quantity it is. */
export const settingDims = {
  roomTemperature: 'temperature',
  pressure: 'pressure',
  meltingCorrection: 'temperatureDifference',
} as const;
export type SettingName = keyof typeof settingDims;

/** A number that holds for the whole class, in its log. */
export interface Setting {
  readonly k: 'setting';
  readonly name: SettingName;
  readonly digits: string;
  readonly unit: string;
}

/** A class period begins (the first, or one on another day), ends, or its closed record is taken up again with a reason. */
export interface PeriodTurn {
  readonly k: 'period';
  readonly to: 'open' | 'closed' | 'reopened';
  readonly reason?: string;
}

/** A photo or a file of data that belongs to a step. Its bytes are kept apart, under their hash. */
export interface FileNote extends Part {
  readonly k: 'file';
  readonly step?: string;
  readonly file: string;
  readonly name: string;
  readonly sha256: string;
  readonly bytes: number;
  readonly text?: string;
}

/** What stands on a record by itself; the other kinds of entry speak about these. */
export type StandingBody =
  | Reading
  | Words
  | Happening
  | Tick
  | StepTurn
  | Deviation
  | Override
  | Setting
  | PeriodTurn
  | FileNote
  | VesselNote
  | Move;

/** Everything that can happen on a record. Nothing is ever changed: a correction is a new entry. */
export type Body =
  | StandingBody
  | { readonly k: 'correct'; readonly target: string; readonly body: Reading | Words; readonly reason: string }
  | { readonly k: 'void'; readonly target: string; readonly reason: string; readonly slip?: true }
  | { readonly k: 'ask'; readonly targets: readonly string[] }
  | {
      readonly k: 'sign';
      readonly seals: readonly { readonly entry: string; readonly content: string }[];
      readonly remark?: string;
    }
  | { readonly k: 'return'; readonly targets: readonly string[]; readonly remark: string };

/** An entry as a device makes it; its id (a ULID) makes sending it twice harmless. Times are ISO 8601, UTC. */
export interface Draft {
  readonly id: string;
  /** Of the form of drafts; each is hashed by the keys of its own. */
  readonly v: 1 | 2;
  readonly log: string;
  readonly body: Body;
  /** When it happened, by the server's clock as the device estimates it. */
  readonly at: string;
  /** When it happened by the device's own clock. */
  readonly deviceAt: string;
  readonly device: string;
  /** Newest sequence number that the device had seen. */
  readonly saw: number;
  /** The same of the class's own log. From version 2 on. */
  readonly sawClass?: number;
  /** Member of the group that made it, where one said so. From version 2 on. */
  readonly by?: string;
}

export interface Author {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  /** What stands for the name under the content hash: a name can be forgotten, and the chain holds. From version 2 on. */
  readonly sealed?: string;
}

/** An entry as the server stored it, numbered and chained to the one before. */
export interface Entry extends Draft {
  readonly seq: number;
  readonly author: Author;
  readonly received: string;
  /** SHA-256 of draft and author: what a signature seals. */
  readonly content: string;
  /** SHA-256 over the previous chain, content, seq and received. */
  readonly chain: string;
}

/** An entry that is only on a device yet: it has no number, and nobody has sealed it. */
export interface LocalDraft extends EntryContent {
  readonly local: true;
}

/** What a record is made of on a device. */
export type Noted = Entry | LocalDraft;

/** Whether the server has it. */
export const isStored = (noted: Noted): noted is Entry => !('local' in noted);

/** Order in which entries came to be: what is only here yet is the newest. */
export const numberOf = (noted: Noted): number => (isStored(noted) ? noted.seq : Number.POSITIVE_INFINITY);

/** Text under the content hash: the draft and who wrote it, canonical. */
export interface EntryContent extends Draft {
  readonly author: Author;
}
