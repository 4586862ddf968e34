import 'server-only';
import { ulid } from 'ulid';
import { UniqueConstraintError } from 'sequelize';
import { ValidationError } from 'yup';
import { AppError } from './appError';
import { pickEntry, readConfirmations, readLibrary } from './referenceLibrary';
import { insert } from './tables';
import { confirmationOf, confirmedContent } from '@/core/reference/confirmation';
import { groupCounts } from '@/core/reference/groups';
import { sameAtoms } from '@/core/compound/sameAtoms';
import { solutionSchema, substanceSchema } from '@/core/reference/schema';
import { unfitAgents } from '@/core/reference/dryingAgents';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { readStructures } from './structures';
import type { FieldId, ReferenceSubstance } from '@/core/reference/substance';
import type { Library } from './referenceLibrary';
import type { Picked } from '@/core/editing/fromReference';
import type { ReferenceSolution } from '@/core/reference/solution';

/** Words that stand where an entry's id stands in an address. */
const addresses: ReadonlySet<string> = new Set(['new', 'file', 'structures', 'confirmations']);

/** An own entry to be stored. */
export interface EntryToSave {
  readonly kind: 'substance' | 'solution';
  /** Version it was edited from; 0 for a new entry or the first own version of a shipped one. */
  readonly base: number;
  readonly entry: unknown;
  /** A new entry must not replace another of the same id. */
  readonly fresh: boolean;
  readonly by: string;
}

/**
 * Stores somebody's own entry, or their own version of a shipped one. What can be computed is computed here: groups, drying
 * agents they rule out.
 */
export async function saveEntry({ kind, base, entry, fresh, by }: EntryToSave): Promise<Picked> {
  const library = await readLibrary();
  const accepted = kind === 'substance' ? await acceptSubstance(entry) : acceptSolution(entry, library);
  const { id } = accepted;
  if (addresses.has(id)) throw new AppError('conflict', `“${id}” cannot be the name of an entry. Give another.`);
  const taken = library.substances.has(id) || library.solutions.has(id);
  if (fresh && taken)
    throw new AppError('conflict', `There is already an entry “${id}”. Open that one, or give another name.`);
  const other = kind === 'substance' ? library.solutions.has(id) : library.substances.has(id);
  if (other) throw new AppError('conflict', `“${id}” is the id of an entry of another kind.`);
  await store(id, kind, base, JSON.stringify(accepted), library, by);
  return pickEntry(await readLibrary(), id, await readConfirmations(id));
}

function validated<T>(
  schema: { validateSync: (value: unknown, options: { strict: true; abortEarly: false }) => unknown },
  value: unknown,
): T {
  try {
    return schema.validateSync(value, { strict: true, abortEarly: false }) as T;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const faults = error.inner.length > 0 ? error.inner : [error];
    const details = faults.map(({ path, message }) => ({ path: path ?? '', reason: message.replace(/^this /, '') }));
    throw new AppError('refused', 'The entry was refused. Nothing was stored.', details);
  }
}

const refuse = (path: string, reason: string) =>
  new AppError('refused', 'The entry was refused. Nothing was stored.', [{ path, reason }]);

async function acceptSubstance(value: unknown): Promise<ReferenceSubstance> {
  const substance = validated<ReferenceSubstance>(substanceSchema, value);
  const { formula, smiles } = substance;
  const structure = smiles === undefined ? undefined : (await readStructures([smiles])).get(smiles);
  if (smiles !== undefined && !structure) throw refuse('smiles', 'this structure cannot be read');
  if (structure && formula !== undefined && !sameAtoms(formula, structure.formula))
    throw refuse('formula', `the structure holds ${structure.formula}, the formula says ${formula}`);
  const groups = groupCounts(formula, structure?.matches ?? {});
  const notDriedWith = [...new Set([...unfitAgents(groups), ...substance.notDriedWith])];
  return { ...substance, groups, notDriedWith };
}

function acceptSolution(value: unknown, { substances, solutions }: Library): ReferenceSolution {
  const solution = validated<ReferenceSolution>(solutionSchema, value);
  if (!substances.has(solution.solute)) throw refuse('solute', `there is no substance “${solution.solute}”`);
  const { madeFrom, id } = solution;
  if (madeFrom !== undefined && !substances.has(madeFrom) && !solutions.has(madeFrom))
    throw refuse('madeFrom', `there is no entry “${madeFrom}”`);
  if (madeFrom === id) throw refuse('madeFrom', 'it cannot be made from itself');
  return solution;
}

async function store(
  entry_id: string,
  kind: string,
  base: number,
  document: string | null,
  { versions }: Library,
  author_name: string,
): Promise<void> {
  const stale = () =>
    new AppError('stale', 'Somebody stored another version meanwhile. Reload the entry; nothing was stored.');
  if ((versions.get(entry_id) ?? 0) !== base) throw stale();
  try {
    await insert('reference_versions', {
      id: ulid(),
      entry_id,
      version: base + 1,
      kind,
      document,
      author_name,
      created_at: new Date(),
    });
  } catch (error) {
    // Two who saved at once: the key of entry and version lets one through.
    if (error instanceof UniqueConstraintError) throw stale();
    throw error;
  }
}

/** Takes an own entry away; a shipped one shows its shipped values again. */
export async function withdrawEntry(id: string, base: number, by: string): Promise<{ readonly shipped: boolean }> {
  const library = await readLibrary();
  if (!library.own.has(id)) throw new AppError('notFound', 'There is no own version of this entry.');
  const shipped = [...shippedSubstances, ...shippedSolutions].some((one) => one.id === id);
  const users = [...library.solutions.values()].filter(({ solute, madeFrom }) => solute === id || madeFrom === id);
  if (!shipped && users.length > 0)
    throw new AppError('conflict', `${users.map(({ name }) => name).join(', ')} is made of it. Take that away first.`);
  await store(id, library.substances.has(id) ? 'substance' : 'solution', base, null, library, by);
  return { shipped };
}

/**
 * Records that somebody compared a field with a source, or takes that back. It holds for the value they saw: a stale one is
 * refused.
 */
export async function confirmField(
  id: string,
  field: FieldId,
  content: string,
  holds: boolean,
  by: string,
): Promise<void> {
  const library = await readLibrary();
  const entry = library.substances.get(id) ?? library.solutions.get(id);
  if (!entry) throw new AppError('notFound', 'There is no such entry in the reference.');
  if (confirmedContent(entry, field) !== content)
    throw new AppError('stale', 'This value was changed meanwhile. Reload the entry and look again.');
  const now = confirmationOf(await readConfirmations(id), entry, field);
  if ((now !== undefined) === holds) return;
  await insert('confirmations', {
    id: ulid(),
    entry_id: id,
    field,
    content,
    holds: holds ? 1 : 0,
    author_name: by,
    created_at: new Date(),
  });
}
