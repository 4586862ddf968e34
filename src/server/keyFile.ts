import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { existsSync, linkSync, mkdirSync, readFileSync, renameSync, unlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** The keys with which records, backups and anchors are sealed. They lie in a file of their own, never in the database. */
export interface KeyFile {
  /** Name of the key with which is sealed now. */
  readonly current: string;
  /** Every key there ever was, by name, hexadecimal: what an old one sealed goes on being verified. */
  readonly keys: Readonly<Record<string, string>>;
  /** When records of a time before there were keys were sealed as they were found, ISO 8601; it happens once. */
  readonly foundAt?: string;
}

/** A seal over a text, and the name of its key. */
export interface Seal {
  readonly key: string;
  readonly seal: string;
}

const keyBytes = 32;
const fileOf = (folder: string) => join(folder, 'keys.json');
const newKey = () => randomBytes(keyBytes).toString('hex');

/** The keys of a data folder. Made when they are first asked for; of several processes that do so at once, one wins. */
export function readKeys(folder: string): KeyFile {
  const file = fileOf(folder);
  if (!existsSync(file)) {
    mkdirSync(folder, { recursive: true });
    const made = `${file}.${process.pid}.${newKey().slice(0, 8)}`;
    writeFileSync(made, text({ current: 'k1', keys: { k1: newKey() } }), { mode: 0o600 });
    try {
      // Fails when another process was first: its keys stand.
      linkSync(made, file);
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    } finally {
      unlinkSync(made);
    }
  }
  return JSON.parse(readFileSync(file, 'utf8')) as KeyFile;
}

/** Adds a key with which is sealed from now on. */
export function rotateKeys(folder: string): KeyFile {
  const { keys, ...rest } = readKeys(folder);
  const current = `k${Object.keys(keys).length + 1}`;
  return writeKeys(folder, { ...rest, current, keys: { ...keys, [current]: newKey() } });
}

/** Notes that what was there before there were keys has been sealed as it was found. */
export function noteFound(folder: string, at: string): KeyFile {
  return writeKeys(folder, { ...readKeys(folder), foundAt: at });
}

function writeKeys(folder: string, keys: KeyFile): KeyFile {
  const made = `${fileOf(folder)}.new`;
  writeFileSync(made, text(keys), { mode: 0o600 });
  renameSync(made, fileOf(folder));
  return keys;
}

const text = (keys: KeyFile) => `${JSON.stringify(keys, undefined, 1)}\n`;

/** Seals a text with the key in force: HMAC-SHA256 (RFC 2104). */
export function sealText(folder: string, sealed: string): Seal {
  const { current, keys } = readKeys(folder);
  return { key: current, seal: mac(keys[current] ?? '', sealed) };
}

/**
 * What is wrong with a seal over a text; nothing when it holds.
 *
 * @returns 'unsealed' where there is none, 'unknown key' where the key is not in the folder, 'broken' where the text is another
 */
export function sealFault(
  folder: string,
  sealed: string,
  { key, seal }: { readonly key: string | null; readonly seal: string | null },
): 'unsealed' | 'unknown key' | 'broken' | undefined {
  if (key === null || seal === null) return 'unsealed';
  const secret = readKeys(folder).keys[key];
  if (secret === undefined) return 'unknown key';
  const [wanted, given] = [mac(secret, sealed), seal].map((one) => Buffer.from(one, 'hex')) as [Buffer, Buffer];
  return wanted.length === given.length && timingSafeEqual(wanted, given) ? undefined : 'broken';
}

function mac(key: string, sealed: string): string {
  return createHmac('sha256', Buffer.from(key, 'hex')).update(sealed).digest('hex');
}
