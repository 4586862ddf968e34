import 'server-only';
import { AppError } from './appError';
import { offThread } from './offThread/offThread';
import type { DrawnStructure } from '@/structure/drawStructure';

// On a busy machine a thread of low priority takes its time; what is drawn is small.
const deadlineMs = 15_000;
const mostKept = 2000;
const tries = 3;
// Drawn once for all routes and pages that are bundled together; nothing for what cannot be drawn.
const kept = new Map<string, DrawnStructure | undefined>();

/**
 * A structure drawn from its SMILES; nothing when it cannot be.
 *
 * @throws AppError unavailable when the threads are busy, refused when one was late
 */
export async function drawing(smiles: string, who: string): Promise<DrawnStructure | undefined> {
  if (!kept.has(smiles)) {
    const drawn = await offThread('draw', [smiles], { who, deadlineMs });
    kept.set(smiles, drawn);
    if (kept.size > mostKept) kept.delete(kept.keys().next().value ?? '');
  }
  return kept.get(smiles);
}

/** Structures drawn for paper, by their SMILES: one that is late is asked for again. What is left out cannot be drawn, or not now. */
export async function drawings(all: readonly string[], who: string): Promise<Readonly<Record<string, string>>> {
  const drawn = await Promise.all(
    [...new Set(all)].map(async (smiles) => {
      for (let i = 0; i < tries; i += 1) {
        try {
          const svg = (await drawing(smiles, who))?.svg;
          return svg === undefined ? [] : [[smiles, svg] as const];
        } catch (error) {
          if (!(error instanceof AppError)) throw error;
        }
      }
      return [];
    }),
  );
  return Object.fromEntries(drawn.flat());
}
