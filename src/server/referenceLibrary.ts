import 'server-only';
import { AppError } from './appError';
import { rows } from './tables';
import { crossChecks } from '@/core/checks/crossChecks';
import { confirmationOf, standingsOf } from '@/core/reference/confirmation';
import { molarMass } from '@/core/compound/molarMass';
import { solutionChecks } from '@/core/checks/solutionChecks';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { readStructures } from './structures';
import type { Confirmation } from '@/core/reference/confirmation';
import type { EntrySummary } from '@/core/reference/search';
import type { FieldId, ReferenceSubstance } from '@/core/reference/substance';
import type { Picked } from '@/core/editing/fromReference';
import type { ReferenceSolution } from '@/core/reference/solution';

/** The newest own version of an entry. */
export interface OwnVersion {
  readonly version: number;
  readonly author: string;
  /** ISO 8601. */
  readonly at: string;
}

/** Everything that can be looked up: what the product ships, overlaid by people's own entries. */
export interface Library {
  readonly substances: ReadonlyMap<string, ReferenceSubstance>;
  readonly solutions: ReadonlyMap<string, ReferenceSolution>;
  /** Own versions in force, by entry. */
  readonly own: ReadonlyMap<string, OwnVersion>;
  /** Newest version number of every entry that ever had an own one. */
  readonly versions: ReadonlyMap<string, number>;
}

/** Reads the library as it stands. */
export async function readLibrary(): Promise<Library> {
  const found = await rows<{
    entry_id: string;
    version: number;
    kind: 'substance' | 'solution';
    document: string | null;
    author_name: string;
    created_at: Date;
  }>(
    `SELECT r.entry_id, r.version, r.kind, r.document, r.author_name, r.created_at FROM reference_versions r
     JOIN (SELECT entry_id, MAX(version) AS newest FROM reference_versions GROUP BY entry_id) h
       ON h.entry_id = r.entry_id AND h.newest = r.version ORDER BY r.entry_id`,
  );
  const substances = new Map(shippedSubstances.map((one) => [one.id, one]));
  const solutions = new Map(shippedSolutions.map((one) => [one.id, one]));
  const own = new Map<string, OwnVersion>();
  const versions = new Map<string, number>();
  for (const { entry_id: id, version, kind, document, author_name: author, created_at } of found) {
    versions.set(id, version);
    if (document === null) continue;
    own.set(id, { version, author, at: new Date(created_at).toISOString() });
    if (kind === 'substance') substances.set(id, JSON.parse(document) as ReferenceSubstance);
    else solutions.set(id, JSON.parse(document) as ReferenceSolution);
  }
  return { substances, solutions, own, versions };
}

/** Confirmations, the oldest first: all, or those of one entry. */
export async function readConfirmations(entry?: string): Promise<readonly Confirmation[]> {
  const found = await rows<{
    entry_id: string;
    field: FieldId;
    content: string;
    holds: number;
    author_name: string;
    created_at: Date;
  }>(
    `SELECT entry_id, field, content, holds, author_name, created_at FROM confirmations
     WHERE :entry IS NULL OR entry_id = :entry ORDER BY created_at, id`,
    { entry: entry ?? null },
  );
  return found.map(({ entry_id, field, content, holds, author_name, created_at }) => ({
    entry: entry_id,
    field,
    content,
    holds: Boolean(holds),
    by: author_name,
    at: new Date(created_at).toISOString(),
  }));
}

/** An entry with its relations and how far its fields can be trusted. */
export async function pickEntry(library: Library, id: string, confirmations: readonly Confirmation[]): Promise<Picked> {
  const substance = library.substances.get(id);
  if (substance) {
    const { smiles } = substance;
    const structure = smiles === undefined ? undefined : (await readStructures([smiles])).get(smiles);
    const checks = crossChecks(substance, structure?.formula);
    return { kind: 'substance', substance, checks, standings: standingsOf(substance, checks, confirmations) };
  }
  const solution = library.solutions.get(id);
  const solute = solution && library.substances.get(solution.solute);
  if (!solution || !solute) throw new AppError('notFound', 'There is no such entry in the reference.');
  const checks = solutionChecks(solution, solute);
  return { kind: 'solution', solution, solute, checks, standings: standingsOf(solution, checks, confirmations) };
}

/** One entry for a plan's line. */
export async function findPicked(id: string): Promise<Picked> {
  return pickEntry(await readLibrary(), id, await readConfirmations(id));
}

/** Reads all structures of the library at once, so that they need not be read one by one. */
export async function readAllStructures({ substances }: Library): Promise<void> {
  await readStructures([...substances.values()].flatMap(({ smiles }) => smiles ?? []));
}

/** All entries of the library, for lists and searches. */
export async function listEntries(): Promise<readonly EntrySummary[]> {
  const library = await readLibrary();
  const confirmations = await readConfirmations();
  return [
    ...[...library.substances.values()].map((one) => summaryOf(one, one, 'substance', library, confirmations)),
    ...[...library.solutions.values()].flatMap((one) => {
      const solute = library.substances.get(one.solute);
      return solute ? [summaryOf(one, solute, 'solution', library, confirmations)] : [];
    }),
  ];
}

function summaryOf(
  entry: ReferenceSubstance | ReferenceSolution,
  matter: ReferenceSubstance,
  kind: EntrySummary['kind'],
  { own }: Library,
  confirmations: readonly Confirmation[],
): EntrySummary {
  const mass = matter.formula === undefined ? undefined : molarMass(matter.formula);
  const { melting, boiling } = matter.values;
  const pure = kind === 'substance';
  const form = pure ? matter.form : 'liquid';
  return {
    id: entry.id,
    kind,
    name: entry.name,
    synonyms: entry.synonyms,
    groups: matter.groups,
    ...(matter.formula === undefined ? {} : { formula: matter.formula }),
    ...(mass?.ok ? { molarMass: mass.value.q.value } : {}),
    ...(form ? { form } : {}),
    ...(pure && melting ? { melting: rangeText(melting) } : {}),
    ...(pure && boiling ? { boiling: rangeText(boiling) } : {}),
    ...(entry.hazards ? { signal: entry.hazards.signal } : {}),
    pictograms: entry.hazards?.pictograms ?? [],
    own: own.has(entry.id),
    confirmed: confirmationOf(confirmations, entry, 'hazards') !== undefined,
  };
}

const rangeText = ({ digits, high }: { readonly digits: string; readonly high?: string }) =>
  [digits, ...(high === undefined ? [] : [high])].map((one) => one.replace('-', '−')).join('–');
