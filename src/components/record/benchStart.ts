import type { Preparation } from '@/core/document/document';
import type { RecordStart } from '@/api/record/recordEngine';

/** What a bench's pages are opened with. */
export interface BenchStart extends RecordStart {
  readonly joinCode: string;
  /** When the class was issued: its record has no entries from before, ISO 8601. */
  readonly since: string;
  readonly bench: string;
  readonly members: readonly string[];
  readonly doc: Preparation;
}
