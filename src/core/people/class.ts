import type { Preparation } from '../preparation/document';
import type { Entry } from '../record/entry';

/** What somebody with a join code may see before signing in. */
export interface ClassDoor {
  readonly name: string;
  readonly benches: readonly string[];
}

/** What the code on a bench card says: the class is found and the bench chosen, only the PIN is missing. */
export interface Invitation {
  readonly joinCode: string;
  readonly door: ClassDoor;
  readonly bench?: string;
}

/** A class in a list. */
export interface ClassSummary {
  readonly id: string;
  readonly name: string;
  readonly title: string;
  readonly joinCode: string;
  readonly benches: number;
  readonly issuedAt: string;
}

/** A class just issued; the PINs are told this once. */
export interface IssuedClass {
  readonly id: string;
  readonly name: string;
  readonly title: string;
  readonly joinCode: string;
  readonly benches: readonly { readonly name: string; readonly pin: string }[];
}

/** One bench as the demonstrator sees it. */
export interface BenchBoard {
  readonly bench: string;
  readonly log: string;
  readonly entries: readonly Entry[];
  /** Why its record does not verify; absent when it does. */
  readonly fault?: string;
}

/** A class with its own log and those of all its benches. */
export interface ClassBoard {
  readonly id: string;
  readonly name: string;
  readonly joinCode: string;
  readonly doc: Preparation;
  /** The log of the class itself; its bench has no name. */
  readonly own: BenchBoard;
  readonly lanes: readonly BenchBoard[];
}
