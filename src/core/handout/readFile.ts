import type { FromReference } from '../editing/fromReference';
import type { HandoutReading } from './handout';

/** A handout as the server read it, with what the reference holds of the substances that it names. */
export interface ReadFile {
  readonly reading: HandoutReading;
  /** Entries that usually dissolve others. */
  readonly solvents: readonly string[];
  readonly taken: Readonly<Record<string, FromReference>>;
}
