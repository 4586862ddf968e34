import 'server-only';
import { randomBytes } from 'node:crypto';
import { ulid } from 'ulid';
import { cookies } from 'next/headers';
import { cookie, cookieName } from './cookie';
import { sha256 } from './hash';
import { rows, run } from './tables';

const name = () => cookieName('mozle_device');
const days = 400;

/** A name of this browser that nobody else can know, as a hash; nothing before somebody has signed in here. */
export async function currentDevice(): Promise<string | undefined> {
  const token = (await cookies()).get(name())?.value;
  return token === undefined ? undefined : sha256(token);
}

/** Whether a bench or person has signed in on a device before. */
export async function isKnown(device: string | undefined, subject: string): Promise<boolean> {
  if (device === undefined) return false;
  const found = await rows('SELECT id FROM devices WHERE token_hash = :device AND subject = :subject', {
    device,
    subject,
  });
  return found.length > 0;
}

/** Whether anybody has signed in on a device before. */
export async function isAnyKnown(device: string | undefined): Promise<boolean> {
  return (
    device !== undefined &&
    (await rows('SELECT id FROM devices WHERE token_hash = :device LIMIT 1', { device })).length > 0
  );
}

/** Remembers that a bench or person signed in on this browser. */
export async function rememberDevice(subject: string): Promise<void> {
  const jar = await cookies();
  const token = jar.get(name())?.value ?? randomBytes(32).toString('base64url');
  jar.set(name(), token, cookie(days * 24 * 3600));
  await run(
    `INSERT INTO devices (id, token_hash, subject, seen_at) VALUES (:id, :device, :subject, UTC_TIMESTAMP(3))
     ON DUPLICATE KEY UPDATE seen_at = UTC_TIMESTAMP(3)`,
    { id: ulid(), device: sha256(token), subject },
  );
}
