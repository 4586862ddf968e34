import 'server-only';
import { randomBytes } from 'node:crypto';
import { sealedName } from '@/core/record/chain';
import { sha256 } from './hash';
import { insert, rows, run } from './tables';
import type { Transaction } from 'sequelize';
import type { Author } from '@/core/record/entry';
import type { Identity } from '@/core/identity';

/** Shown where a name was forgotten. */
const forgotten = 'name removed';

/** An author with what stands for the name under the hashes: the same for every entry that is made under this name. */
export async function sealedAuthor({ id, name, role }: Identity, transaction: Transaction): Promise<Author> {
  const [known] = await rows<{ sealed: string }>(
    'SELECT sealed FROM author_names WHERE author_id = :id AND BINARY name = :name ORDER BY sealed LIMIT 1',
    { id, name },
    transaction,
  );
  if (known) return { id, name, role, sealed: known.sealed };
  const salt = randomBytes(16).toString('hex');
  const sealed = sealedName(name, salt, sha256);
  await insert('author_names', { sealed, author_id: id, salt, name }, transaction);
  return { id, name, role, sealed };
}

/** A name with what stands for it. */
export interface KeptName {
  readonly sealed: string;
  readonly salt: string;
  readonly name: string;
}

/** The names that are kept of some authors, by what stands for them. */
export async function keptNames(
  sealed: readonly string[],
  transaction?: Transaction,
): Promise<ReadonlyMap<string, KeptName>> {
  const wanted = [...new Set(sealed)];
  if (wanted.length === 0) return new Map();
  const found = await rows<KeptName>(
    'SELECT sealed, salt, name FROM author_names WHERE sealed IN (:wanted)',
    { wanted },
    transaction,
  );
  return new Map(found.map((one) => [one.sealed, one]));
}

/** A name for a person to read; whoever forged one is found when the record is verified. */
export const nameOf = (names: ReadonlyMap<string, KeptName>, sealed: string): string =>
  names.get(sealed)?.name ?? forgotten;

/**
 * Forgets a name: what was made under it stays, verifies, and is shown without it. There is no way back.
 *
 * @returns how many authors had it
 */
export async function forgetName(name: string): Promise<number> {
  const found = await rows<{ sealed: string }>('SELECT sealed FROM author_names WHERE BINARY name = :name', { name });
  await run('DELETE FROM author_names WHERE BINARY name = :name', { name });
  return found.length;
}
