import 'server-only';
import { ulid } from 'ulid';
import { draw } from './newBench';
import { inTransaction } from './inTransaction';
import { insert, rows, run } from './tables';
import { sha256 } from './hash';
import type { Admission } from '@/core/people/class';

// Without letters and digits that are mistaken for each other on a board. Eight of them cannot be guessed within their minutes.
const letters = 'ABCDEFGHJKMNPQRTUVWXY346789';
const half = 4;
const minutes = 10;

/**
 * Lets one new tablet in at a bench: a code that stands for the bench's PIN once, for ten minutes. It counts with no wrong tries and is
 * counted by none, so that whoever guesses PINs locks nobody out.
 *
 * @returns the code; the one before it no longer counts
 */
export async function admitTablet(bench: string, by: string): Promise<Admission> {
  const code = draw(letters, 2 * half);
  const expires_at = new Date(Date.now() + minutes * 60_000);
  await inTransaction(async (transaction) => {
    await run('DELETE FROM admissions WHERE bench_id = :bench', { bench }, transaction);
    const made = { id: ulid(), bench_id: bench, code_hash: sha256(code), author_name: by, expires_at };
    await insert('admissions', made, transaction);
  });
  return { code: `${code.slice(0, half)}-${code.slice(half)}`, until: expires_at.toISOString() };
}

/** A code as it is kept, of what was typed where a PIN is; nothing when it cannot be one. */
export function readAdmission(typed: string): string | undefined {
  const code = typed.toUpperCase().replace(/[\s-]/g, '');
  return code.length === 2 * half && [...code].every((one) => letters.includes(one)) ? code : undefined;
}

/** Uses a code up. Of two who type it at once, one is let in. */
export async function spendAdmission(bench: string, code: string): Promise<boolean> {
  const found = await rows(
    'DELETE FROM admissions WHERE bench_id = :bench AND code_hash = :hash AND expires_at > UTC_TIMESTAMP(3) RETURNING id',
    { bench, hash: sha256(code) },
  );
  return found.length > 0;
}
