import type { Body } from '@/core/record/entry';

/** What a kind of log takes, and whose it is. */
export interface LogKind {
  /** Entries that belong into it. */
  readonly takes: (k: Body['k']) => boolean;
  /** A group reads and writes its own. */
  readonly ofGroups: boolean;
}

/** Kinds that are read and written through the record's routes. One that is not here takes nothing and is nobody's. */
const kinds: ReadonlyMap<string, LogKind> = new Map([
  ['bench', { takes: (k) => k !== 'setting' && k !== 'period', ofGroups: true }],
  ['class', { takes: (k) => ['setting', 'words', 'void', 'period'].includes(k), ofGroups: false }],
]);

export const logKind = (kind: string): LogKind | undefined => kinds.get(kind);
