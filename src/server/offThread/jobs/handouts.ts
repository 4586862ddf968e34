import 'server-only';
import { benchNames, usualSolvents } from '@/data/reference/benchNames';
import { fromReference } from '@/core/editing/fromReference';
import { handoutText } from './handoutText';
import { lexiconEntries, lexiconOf } from '@/core/handout/lexicon';
import { pickEntry, readConfirmations, readLibrary } from '@/server/referenceLibrary';
import { readHandout } from '@/core/handout/readHandout';
import type { ReadFile } from '@/core/handout/readFile';

/** Reads a handout's file with the names of the reference as it stands, own entries included, and takes along what the draft needs of it. */
export async function readHandoutFile(bytes: Uint8Array): Promise<ReadFile> {
  const text = await handoutText(bytes);
  const library = await readLibrary();
  const entries = lexiconEntries([...library.substances.values()], [...library.solutions.values()]);
  const reading = readHandout(text, lexiconOf(entries, benchNames));
  const named = new Set(
    reading.clauses.flatMap(({ substances, amounts }) =>
      [...substances, ...amounts.flatMap(({ substance }) => substance ?? [])].flatMap(
        ({ reference }) => reference ?? [],
      ),
    ),
  );
  const confirmations = await readConfirmations();
  const taken: Record<string, ReturnType<typeof fromReference>> = {};
  // Water is what a wash is, where the handout names none.
  for (const id of new Set([...named, 'water'])) taken[id] = fromReference(await pickEntry(library, id, confirmations));
  return { reading, taken, solvents: [...usualSolvents] };
}
