import 'server-only';
import { offThread } from './offThread/offThread';
import { longestSmiles } from '@/core/formats/limits';
import type { ReadStructure } from '@/structure/readStructure';

const mostKept = 4000;
const deadlineMs = 20_000;
// The library asks for the same ones again and again.
const kept = new Map<string, ReadStructure | undefined>();

/** What structures say by themselves, by their SMILES; one that cannot be read is left out. Worked out on another thread. */
export async function readStructures(all: readonly string[]): Promise<ReadonlyMap<string, ReadStructure>> {
  const wanted = [...new Set(all)].filter((smiles) => smiles.length <= longestSmiles);
  const missing = wanted.filter((smiles) => !kept.has(smiles));
  if (missing.length > 0) {
    const read = await offThread('structures', [missing], { deadlineMs });
    for (const [i, smiles] of missing.entries()) {
      kept.set(smiles, read[i] ?? undefined);
      if (kept.size > mostKept) kept.delete(kept.keys().next().value ?? '');
    }
  }
  return new Map(
    wanted.flatMap((smiles) => {
      const structure = kept.get(smiles);
      return structure ? [[smiles, structure] as const] : [];
    }),
  );
}
