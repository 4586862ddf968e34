import 'server-only';
import { createHash } from 'node:crypto';

/** Hexadecimal SHA-256 of UTF-8 text. */
export function sha256(text: string): string {
  return createHash('sha256').update(text).digest('hex');
}
