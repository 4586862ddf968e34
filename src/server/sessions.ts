import 'server-only';
import { randomBytes } from 'node:crypto';
import { cookies } from 'next/headers';
import { cookie, cookieName } from './cookie';
import { sha256 } from './hash';
import { insert, rows, run } from './tables';
import type { Transaction } from 'sequelize';
import type { Identity, Role } from '@/core/identity';

const name = () => cookieName('mozle_session');
const hours = 12;

/** Starts a session: a random token for the cookie; the database keeps its hash only. The one before it ends. */
export async function startSession(identity: Identity): Promise<void> {
  await revoke(await currentToken());
  const token = randomBytes(32).toString('base64url');
  const now = Date.now();
  await insert('sessions', {
    token_hash: sha256(token),
    user_id: identity.role === 'group' ? null : identity.id,
    bench_id: identity.role === 'group' ? identity.id : null,
    created_at: new Date(now),
    expires_at: new Date(now + hours * 3_600_000),
    revoked_at: null,
  });
  (await cookies()).set(name(), token, cookie(hours * 3600));
}

/** The identity behind the cookie; its row is checked on every request, so that a revoked session ends at once. */
export async function currentIdentity(): Promise<Identity | undefined> {
  return identityOf(await currentToken());
}

/** The secret of the session, for what outlives its request and has to ask again whether it still holds. */
export async function currentToken(): Promise<string | undefined> {
  return (await cookies()).get(name())?.value;
}

/** The identity behind a session's secret, as long as it holds. */
export async function identityOf(token: string | undefined): Promise<Identity | undefined> {
  if (!token) return undefined;
  const [row] = await rows<{
    role: Role | null;
    userId: string | null;
    userName: string | null;
    benchId: string | null;
    benchName: string | null;
    classId: string | null;
  }>(
    `SELECT u.role, u.id AS userId, u.name AS userName, b.id AS benchId, b.name AS benchName, b.class_id AS classId
     FROM sessions s LEFT JOIN users u ON u.id = s.user_id LEFT JOIN benches b ON b.id = s.bench_id
     WHERE s.token_hash = :token AND s.revoked_at IS NULL AND s.expires_at > UTC_TIMESTAMP(3) AND u.disabled_at IS NULL`,
    { token: sha256(token) },
  );
  if (row?.userId && row.role && row.userName) return { role: row.role, id: row.userId, name: row.userName };
  if (row?.benchId && row.benchName && row.classId)
    return { role: 'group', id: row.benchId, name: row.benchName, classId: row.classId };
  return undefined;
}

/** Ends the session of this request. */
export async function endSession(): Promise<void> {
  await revoke(await currentToken());
  (await cookies()).delete(name());
}

async function revoke(token: string | undefined): Promise<void> {
  if (token === undefined) return;
  await run('UPDATE sessions SET revoked_at = UTC_TIMESTAMP(3) WHERE token_hash = :token AND revoked_at IS NULL', {
    token: sha256(token),
  });
}

/** Ends every session of one bench, of all benches of a class, or of one person. */
export async function revokeSessions(
  of: { readonly bench: string } | { readonly classId: string } | { readonly user: string },
  transaction?: Transaction,
): Promise<void> {
  const whose =
    'bench' in of
      ? 'bench_id = :bench'
      : 'user' in of
        ? 'user_id = :user'
        : 'bench_id IN (SELECT id FROM benches WHERE class_id = :classId)';
  const sql = `UPDATE sessions SET revoked_at = UTC_TIMESTAMP(3) WHERE revoked_at IS NULL AND ${whose}`;
  await run(sql, { ...of }, transaction);
}
