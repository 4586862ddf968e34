import 'server-only';
import { csvText } from './csv';
import { pickEntry, readConfirmations, readLibrary } from './referenceLibrary';
import { groupCounts } from '@/core/reference/groups';
import { referenceHeader, referenceRows } from '@/core/formats/referenceColumns';
import { readStructure } from '@/structure/readStructure';
import { readStructureFile } from '@/structure/readStructureFile';
import type { StructureCandidate } from '@/core/reference/candidate';

/** The whole library as a table, one row a value, or as JSON with the standing of each field. */
export async function exportReference(as: 'csv' | 'json'): Promise<string> {
  const library = await readLibrary();
  const confirmations = await readConfirmations();
  const ids = [...library.substances.keys(), ...library.solutions.keys()];
  const all = ids.map((id) => pickEntry(library, id, confirmations));
  if (as === 'csv') return csvText([referenceHeader, ...all.flatMap(referenceRows)]);
  const file = {
    format: 'mozle-reference',
    formatVersion: 1,
    substances: all.flatMap((one) => (one.kind === 'substance' ? [{ ...one.substance, checks: one.standings }] : [])),
    solutions: all.flatMap((one) => (one.kind === 'solution' ? [{ ...one.solution, checks: one.standings }] : [])),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** Structures of a file, each offered as a new substance, or refused with its reason. Nothing is stored. */
export async function readCandidates(text: string): Promise<readonly StructureCandidate[]> {
  const { substances } = await readLibrary();
  const known = new Map<string, { readonly id: string; readonly name: string }>();
  for (const { id, name, smiles } of substances.values()) {
    const code = smiles === undefined ? undefined : readStructure(smiles)?.code;
    if (code !== undefined && !known.has(code)) known.set(code, { id, name });
  }
  const seen = new Map<string, number>();
  return readStructureFile(text).map((record): StructureCandidate => {
    if (!record.ok) return record;
    const { line, name, structure } = record;
    const before = seen.get(structure.code);
    if (before !== undefined)
      return { line, ok: false, reason: `the same structure as line ${before}`, text: name || structure.smiles };
    seen.set(structure.code, line);
    const same = known.get(structure.code);
    return {
      line,
      ok: true,
      name,
      smiles: structure.smiles,
      formula: structure.formula,
      groups: groupCounts(structure.formula, structure.matches),
      ...(same ? { same } : {}),
    };
  });
}
