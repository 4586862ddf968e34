import 'server-only';
import { readFileSync } from 'node:fs';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { createPreparation } from './preparations';
import { insert, rows } from './tables';
import { demoAccounts, demoClass } from '@/data/demo';

/** Loads the demo scenario once: accounts, the acetanilide preparation, a class of eight benches. */
export async function loadDemo(): Promise<boolean> {
  if ((await rows('SELECT id FROM users LIMIT 1')).length > 0) return false;
  const text = readFileSync('src/data/preparations/acetanilide.json', 'utf8');
  const { id: preparation_id } = await createPreparation(text, demoAccounts[0].name);
  const class_id = ulid();
  await insert('classes', {
    id: class_id,
    name: demoClass.name,
    join_code: demoClass.joinCode,
    preparation_id,
    preparation_version: 1,
  });
  for (const [position, { name, pin }] of demoClass.benches.entries()) {
    await insert('benches', { id: ulid(), class_id, name, position, pin_hash: await hash(pin) });
  }
  for (const { name, role, password } of demoAccounts) {
    await insert('users', { id: ulid(), name, role, password_hash: await hash(password) });
  }
  return true;
}
