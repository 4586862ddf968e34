import 'server-only';
import { AppError } from './appError';
import { logKind } from './logKinds';
import { rowOf } from './permissions';
import { rows } from './tables';
import type { Identity } from '@/core/identity';
import type { RouteKey } from './permissions';
import type { Transaction } from 'sequelize';

/** What an address names. */
export interface Named {
  readonly id?: string;
  readonly bench?: string;
}

type Check = (identity: Identity, named: Named) => Promise<void>;

/** How it is found out whether what an address names is open to somebody, by what its row says. */
const checks: Readonly<Record<'class' | 'log' | 'file' | 'own', Check>> = {
  class: async (identity, { id = '', bench }) => {
    await admitToClass(identity, id);
    const sql = 'SELECT id FROM benches WHERE id = :bench AND class_id = :id';
    if (bench !== undefined && !(await isThere(sql, { bench, id })))
      throw new AppError('notFound', 'There is no such bench.');
  },
  log: (identity, { id = '' }) => admitToLog(identity, id),
  file: (identity, { id = '' }) => admitToFile(identity, id),
  own: async ({ id: by }, { id = '' }) => {
    if (!(await isThere('SELECT id FROM prints WHERE id = :id AND requested_by = :by', { id, by })))
      throw new AppError('notFound', 'There is no such print.');
  },
};

/**
 * Whether somebody may have to do with what an address names. The one place where this is decided: the wrappers of routes and pages
 * ask it for every address, and the address's row says what for. What is not open is not there.
 */
export async function admit(route: RouteKey, identity: Identity, named: Named): Promise<void> {
  const { of = 'nothing' } = rowOf(route);
  // A ticket is a secret: the service opens what it leads to.
  if (of !== 'nothing' && of !== 'ticket') await checks[of](identity, named);
}

/**
 * A class is open to its own benches, to the demonstrators who belong to it, and to the coordinators, who run the course.
 *
 * @throws AppError notFound for everybody else
 */
export async function admitToClass(identity: Identity, classId: string, transaction?: Transaction): Promise<void> {
  const open =
    identity.role === 'group'
      ? identity.classId === classId
      : identity.role === 'coordinator'
        ? await isThere('SELECT id FROM classes WHERE id = :classId', { classId }, transaction)
        : await isThere(
            'SELECT id FROM class_staff WHERE class_id = :classId AND user_id = :user',
            { classId, user: identity.id },
            transaction,
          );
  if (!open) throw new AppError('notFound', 'There is no such class.');
}

/** Condition on a class `c` that it is open to the member of staff `:user` of the role `:role`, for lists. */
export const isOpenClass =
  "(:role = 'coordinator' OR c.id IN (SELECT class_id FROM class_staff WHERE user_id = :user))";

/** Whether a class is open to somebody, for what outlives its request and has to ask again. */
export async function isAdmitted(identity: Identity, classId: string): Promise<boolean> {
  return admitToClass(identity, classId).then(
    () => true,
    (error: unknown) => {
      if (error instanceof AppError) return false;
      throw error;
    },
  );
}

/** A record by its id, as far as who may have to do with it depends on it. */
export interface LogOwner {
  readonly class_id: string;
  readonly bench_id: string | null;
  readonly kind: string;
}

/** Whether somebody may read and write a record: a group its own bench's, staff those of their classes. */
export async function admitTo(identity: Identity, log: LogOwner | undefined, transaction?: Transaction): Promise<void> {
  const absent = new AppError('notFound', 'There is no such record.');
  const kind = log && logKind(log.kind);
  if (!log || !kind) throw absent;
  if (identity.role === 'group' && (log.bench_id !== identity.id || !kind.ofGroups)) throw absent;
  await admitToClass(identity, log.class_id, transaction).catch((error: unknown) => {
    throw error instanceof AppError ? absent : error;
  });
}

async function admitToLog(identity: Identity, log: string): Promise<void> {
  const [found] = await rows<LogOwner>('SELECT class_id, bench_id, kind FROM logs WHERE id = :log', { log });
  await admitTo(identity, found);
}

async function admitToFile(identity: Identity, file: string): Promise<void> {
  const [found] = await rows<LogOwner>(
    'SELECT l.class_id, l.bench_id, l.kind FROM files f JOIN logs l ON l.id = f.log_id WHERE f.id = :file',
    { file },
  );
  await admitTo(identity, found).catch((error: unknown) => {
    throw error instanceof AppError ? new AppError('notFound', 'There is no such file.') : error;
  });
}

async function isThere(sql: string, values: Readonly<Record<string, string>>, transaction?: Transaction) {
  return (await rows(sql, values, transaction)).length > 0;
}
