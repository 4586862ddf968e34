import 'server-only';
import { readFileSync } from 'node:fs';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { issueClass } from './classes';
import { createPreparation } from './preparations';
import { insert, rows } from './tables';
import { demoAccounts, demoClass } from '@/data/demo';

/** Loads the demo scenario once: accounts, the acetanilide preparation, a class of eight benches. */
export async function loadDemo(): Promise<boolean> {
  if ((await rows('SELECT id FROM users LIMIT 1')).length > 0) return false;
  const text = readFileSync('src/data/preparations/acetanilide.json', 'utf8');
  const { id: preparationId } = await createPreparation(text, demoAccounts[0].name);
  await issueClass({ ...demoClass, preparationId, by: demoAccounts[0].name });
  for (const { name, role, password } of demoAccounts) {
    await insert('users', { id: ulid(), name, role, password_hash: await hash(password) });
  }
  return true;
}
