import type { Seeds } from '@/core/explore/seeds';
import type { Substance } from '@/core/document/document';

/** What every explorer gets: substances to choose from, and the numbers it begins with. */
export interface ExplorerProps {
  readonly substances: readonly Substance[];
  readonly seeds: Seeds;
}
