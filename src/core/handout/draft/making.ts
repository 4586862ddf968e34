import { storable } from './storable';
import type { ChargeLine, Preparation } from '../../document/document';
import type { Clause, HandoutReading } from '../handout';
import type { Decisions } from './decisions';
import type { FromReference } from '../../editing/fromReference';

/** What the library has of an entry. */
export interface Library {
  readonly take: (reference: string) => FromReference | undefined;
  /** Entries that usually dissolve others. */
  readonly solvents: ReadonlySet<string>;
}

/** A draft in the making: it grows clause by clause. */
export interface Making {
  doc: Preparation;
  readonly reading: HandoutReading;
  readonly library: Library;
  readonly decisions: Decisions;
  readonly steps: Map<number, string[]>;
  readonly tray: number[];
  readonly assumed: Map<string, readonly string[]>;
  readonly loose: Map<number, readonly string[]>;
  /** Stage that is worked on, and whether a step is about it already. */
  stage: string | undefined;
  touched: boolean;
  /** Vessel that holds the mixture. */
  vessel: string | undefined;
  /** The reaction is over: what is charged now belongs to the work-up. */
  worked: boolean;
  /** Lines of the list of materials that no step has taken yet. */
  waiting: ChargeLine[];
}

/** Words of a clause, without the number or the mark of a list before them. */
export const clauseWords = ({ reading }: Making, { start, end }: Clause) =>
  storable(reading.text.slice(start, end).replace(/^(?:step )?\(?(?:\d{1,2}|[a-z])[.):]\s+|^[-•*]\s+/i, ''));
