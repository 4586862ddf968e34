import 'server-only';
import { rows } from './tables';
import { classState } from '@/core/record/classState';
import { toEntries } from './entries';
import type { Transaction } from 'sequelize';
import type { EntryRow } from './entries';
import type { Periods } from '@/core/record/periods';

/** Marks of a class: only the entries that set them are read. */
export async function periodsOfClass(classId: string, transaction?: Transaction): Promise<Periods> {
  const found = await rows<EntryRow>(
    `SELECT e.seq, e.received, e.content, e.chain, e.stored FROM entries e JOIN logs l ON l.id = e.log_id
     WHERE l.class_id = :classId AND l.kind = 'class' AND e.kind = 'period' ORDER BY e.seq`,
    { classId },
    transaction,
  );
  return classState(await toEntries(found, transaction)).periods;
}
