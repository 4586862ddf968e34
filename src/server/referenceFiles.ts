import 'server-only';
import { csvText } from './csv';
import { offThread } from './offThread/offThread';
import { pickEntry, readAllStructures, readConfirmations, readLibrary } from './referenceLibrary';
import { groupCounts } from '@/core/reference/groups';
import { referenceHeader, referenceRows } from '@/core/formats/referenceColumns';
import { readStructures } from './structures';
import type { StructureCandidate } from '@/core/reference/candidate';

const deadlineMs = 20_000;

/** The whole library as a table, one row a value, or as JSON with the standing of each field. */
export async function exportReference(as: 'csv' | 'json'): Promise<string> {
  const library = await readLibrary();
  const confirmations = await readConfirmations();
  const ids = [...library.substances.keys(), ...library.solutions.keys()];
  await readAllStructures(library);
  const all = await Promise.all(ids.map((id) => pickEntry(library, id, confirmations)));
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
export async function readCandidates(text: string, by: string): Promise<readonly StructureCandidate[]> {
  const { substances } = await readLibrary();
  const structures = await readStructures([...substances.values()].flatMap(({ smiles }) => smiles ?? []));
  const known = new Map<string, { readonly id: string; readonly name: string }>();
  for (const { id, name, smiles } of substances.values()) {
    const code = smiles === undefined ? undefined : structures.get(smiles)?.code;
    if (code !== undefined && !known.has(code)) known.set(code, { id, name });
  }
  const seen = new Map<string, number>();
  const records = await offThread('structureFile', [text], { who: by, deadlineMs });
  return records.map((record): StructureCandidate => {
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
