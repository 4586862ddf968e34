import { hash } from '@node-rs/argon2';
import mariadb from 'mariadb';
import { ulid } from 'ulid';

/** How somebody of the staff signs in. */
export interface StaffDoor {
  readonly as: 'staff';
  readonly name: string;
  readonly password: string;
}

/** Somebody of the staff who belongs to no class and has a share of their own, made behind the app's back. */
export async function newStaff(role: 'coordinator' | 'demonstrator'): Promise<StaffDoor> {
  const [name, password] = [`${role} ${ulid()}`, 'reeds along the weir'];
  const connection = await mariadb.createConnection(process.env['DATABASE_URL'] ?? '');
  try {
    const values = [ulid(), name, role, await hash(password)];
    await connection.query('INSERT INTO users (id, name, role, password_hash) VALUES (?, ?, ?, ?)', values);
  } finally {
    await connection.end();
  }
  return { as: 'staff', name, password };
}
