import type { Noted } from './entry';
import type { Identity } from '../identity';

/**
 * Why somebody may not correct or strike an entry; nothing when they may. A group changes what it wrote itself, never a signature
 * or a return; the staff may change anything, and what they take back stays visible at what it was about.
 */
export function changeFault(
  { role, id }: Pick<Identity, 'role' | 'id'>,
  { author, body }: Pick<Noted, 'author' | 'body'>,
): string | undefined {
  if (role !== 'group') return undefined;
  if (body.k === 'sign' || body.k === 'return') return 'Only the staff takes back a signature or a return.';
  if (author.id !== id) return `${author.name} wrote this: only the staff changes it.`;
  return undefined;
}
