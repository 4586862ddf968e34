import type { Preparation } from '../document/document';
import type { News } from '../record/mark';

/** What somebody with a join code may see before signing in. */
export interface ClassDoor {
  readonly name: string;
  readonly benches: readonly string[];
}

/** A class in a list. */
export interface ClassSummary {
  readonly id: string;
  readonly name: string;
  readonly section: string;
  readonly title: string;
  readonly joinCode: string;
  readonly benches: number;
  readonly issuedAt: string;
  /** Benches whose steps are all done, as far as was counted. */
  readonly finished: number;
  /** Median of their yields or recoveries, a fraction. */
  readonly median?: number;
}

/** A class just issued; the PINs are told this once. */
export interface IssuedClass {
  readonly id: string;
  readonly name: string;
  readonly title: string;
  readonly joinCode: string;
  readonly benches: readonly BenchPin[];
}

/** A bench's PIN, told once: only its hash is stored. */
export interface BenchPin {
  readonly name: string;
  readonly pin: string;
}

/** A bench with the people who work there. */
export interface RosterBench {
  readonly name: string;
  readonly members: readonly string[];
}

/** A demonstrator, and whether they belong to the class at hand. */
export interface StaffMember {
  readonly id: string;
  readonly name: string;
  readonly belongs: boolean;
}

/** Who works where in a class. */
export interface Roster {
  readonly classId: string;
  readonly name: string;
  readonly course?: string;
  readonly section: string;
  readonly joinCode: string;
  readonly benches: readonly (RosterBench & { readonly id: string })[];
}

/** One bench as the demonstrator sees it, whole or what came since. */
export interface BenchBoard extends News {
  readonly id: string;
  readonly bench: string;
  readonly log: string;
  /** Why its record does not verify; absent when it does. */
  readonly fault?: string;
}

/** The numbers that a class was issued with, against what the core comes to now. */
export type ClassNumbers =
  /** Issued before numbers were kept with a class: nobody can tell. */
  | { readonly baseline: 'none' }
  /** What comes out otherwise now, in words; empty while all is as it was. */
  | { readonly baseline: 'kept'; readonly drift: readonly string[] };

/** A class with its own log and those of all its benches. */
export interface ClassBoard {
  readonly id: string;
  /** When the server answered, by its clock. */
  readonly now: string;
  readonly name: string;
  readonly joinCode: string;
  /** When it was issued: no record of it has entries from before, ISO 8601. */
  readonly since: string;
  /** Free space on the server, MB, where it is so little that somebody has to be told. */
  readonly spaceLeft_MB?: number;
  readonly numbers: ClassNumbers;
  readonly doc: Preparation;
  /** The log of the class itself; its bench has no name. */
  readonly own: BenchBoard;
  readonly lanes: readonly BenchBoard[];
}

/** What lets one new tablet in at a bench, in place of the PIN. */
export interface Admission {
  readonly code: string;
  /** ISO 8601. */
  readonly until: string;
}
