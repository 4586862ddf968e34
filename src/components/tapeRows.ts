import type { Live } from '@/core/record/foldRecord';

/** A line of the tape. Checks of one step that were ticked one after the other share a line. */
export interface TapeRow {
  readonly newest: Live;
  /** How many more entries the line stands for. */
  readonly more: number;
}

/** Lines of the tape, the newest first. */
export function tapeRows(record: readonly Live[]): readonly TapeRow[] {
  const rows: TapeRow[] = [];
  for (const one of [...record].reverse()) {
    const last = rows.at(-1);
    if (last && together(last.newest, one)) rows[rows.length - 1] = { ...last, more: last.more + 1 };
    else rows.push({ newest: one, more: 0 });
  }
  return rows;
}

function together(a: Live, b: Live): boolean {
  return a.body.k === 'tick' && b.body.k === 'tick' && a.body.step === b.body.step && a.status === b.status;
}
