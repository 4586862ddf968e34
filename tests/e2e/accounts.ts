import { hash } from '@node-rs/argon2';
import mariadb from 'mariadb';
import { ulid } from 'ulid';

/** A demonstrator who belongs to no class, made behind the app's back; answers how to sign in. */
export async function newDemonstrator(): Promise<{
  readonly as: 'staff';
  readonly name: string;
  readonly password: string;
}> {
  const [name, password] = [`demonstrator ${ulid()}`, 'reeds along the weir'];
  const connection = await mariadb.createConnection(process.env['DATABASE_URL'] ?? '');
  try {
    const values = [ulid(), name, 'demonstrator', await hash(password)];
    await connection.query('INSERT INTO users (id, name, role, password_hash) VALUES (?, ?, ?, ?)', values);
  } finally {
    await connection.end();
  }
  return { as: 'staff', name, password };
}
