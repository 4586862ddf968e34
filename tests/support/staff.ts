import { ulid } from 'ulid';
import { insert } from '@/server/tables';
import type { Identity, Role } from '@/core/identity';

/** Somebody of the staff with an account, as the database knows them. */
export async function someStaff(role: Exclude<Role, 'group'> = 'demonstrator', password_hash = 'x'): Promise<Identity> {
  const id = ulid();
  const name = `${role} ${id.slice(-6)}`;
  await insert('users', { id, name, role, password_hash });
  return { role, id, name };
}
