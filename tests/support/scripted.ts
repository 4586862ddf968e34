import fc from 'fast-check';
import type { Preparation } from '@/core/document/document';

/** A document that a failing property prints as what was done to it, in place of its twelve thousand signs. */
export function scripted<D extends Pick<Preparation, 'title'>>(doc: D, script: readonly string[] = []): D {
  const says = () => [`“${doc.title}”`, ...script].join('\n  ');
  return Object.defineProperty({ ...doc }, fc.toStringMethod, { value: says, enumerable: false });
}

/** A step as a line of such a script. */
export const stepLine = (at: number, { op, params, uses }: { op: string; params: object; uses?: object }): string =>
  `${String(at)}: ${op} ${JSON.stringify(params)}${uses ? ` ${JSON.stringify(uses)}` : ''}`;
