import 'server-only';
import { ulid } from 'ulid';
import { AppError } from './appError';
import { inTransaction } from './inTransaction';
import { insert, rows, run } from './tables';
import type { StaffMember } from '@/core/people/class';
import type { Transaction } from 'sequelize';

/** Demonstrators, and which of them belong to a class; without one, to the newest: who is likely to belong to the next. */
export async function listDemonstrators(classId?: string): Promise<readonly StaffMember[]> {
  const [newest] =
    classId === undefined ? await rows<{ id: string }>('SELECT id FROM classes ORDER BY id DESC LIMIT 1') : [];
  const of = classId ?? newest?.id;
  const found = await rows<{ id: string; name: string; member: string | null }>(
    `SELECT u.id, u.name, s.id AS member FROM users u LEFT JOIN class_staff s ON s.user_id = u.id AND s.class_id = :of
     WHERE u.role = 'demonstrator' AND u.disabled_at IS NULL ORDER BY u.name`,
    { of: of ?? '' },
  );
  return found.map(({ id, name, member }) => ({ id, name, belongs: member !== null || of === undefined }));
}

/** Sets which demonstrators belong to a class. */
export async function setClassStaff(classId: string, staff: readonly string[]): Promise<readonly StaffMember[]> {
  await inTransaction(async (transaction) => {
    await rows('SELECT id FROM classes WHERE id = :classId FOR UPDATE', { classId }, transaction);
    await run(
      `DELETE FROM class_staff WHERE class_id = :classId
         AND user_id IN (SELECT id FROM users WHERE role = 'demonstrator' AND disabled_at IS NULL)`,
      { classId },
      transaction,
    );
    await addStaff(classId, staff, transaction);
  });
  return listDemonstrators(classId);
}

/** Adds demonstrators to a class that does not have them yet. */
export async function addStaff(classId: string, staff: readonly string[], transaction: Transaction): Promise<void> {
  for (const user_id of new Set(staff)) {
    const sql = "SELECT id FROM users WHERE id = :user_id AND role = 'demonstrator' AND disabled_at IS NULL";
    const [found] = await rows(sql, { user_id }, transaction);
    if (!found) throw new AppError('refused', 'One of those is no demonstrator here.');
    await insert('class_staff', { id: ulid(), class_id: classId, user_id }, transaction);
  }
}
