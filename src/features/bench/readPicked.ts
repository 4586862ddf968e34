import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { bareImage } from '@/core/record/bareImage';
import { fileTypeOf, fileTypes, largestUpload } from '@/core/record/fileKinds';
import { shrinkPhoto } from './shrinkPhoto';
import { ulid } from 'ulid';
import type { NewFile } from '@/api/record/outbox';

/** What a person picked, ready for the record, or what is wrong with it. */
export type Picked =
  | { readonly ok: true; readonly file: NewFile; readonly shrunk: boolean }
  | { readonly ok: false; readonly says: string };

const megabytes = (bytes: number) => `${Math.ceil(bytes / 1e5) / 10} MB`;

/**
 * Reads a picked file. A photo is drawn anew at a size for reading, which takes out place, camera and time; anything else goes
 * as it is.
 */
export async function readPicked(picked: File): Promise<Picked> {
  const original = new Uint8Array(await picked.arrayBuffer());
  const type = fileTypeOf(original);
  const isPhoto = type === 'image/jpeg' || type === 'image/png';
  const drawn = isPhoto || picked.type.startsWith('image/') ? await shrinkPhoto(picked) : undefined;
  // Some browsers write of themselves what a camera would.
  const photo = drawn && bareImage(drawn);
  if (!photo && (isPhoto || !type))
    return {
      ok: false,
      says: `“${picked.name}” cannot be taken: the record holds ${Object.values(fileTypes).join(', ')}.`,
    };
  const bytes = photo ?? original;
  if (bytes.byteLength > largestUpload)
    return {
      ok: false,
      says: `“${picked.name}” has ${megabytes(bytes.byteLength)}; at most ${megabytes(largestUpload)} are taken.`,
    };
  const name = photo ? picked.name.replace(/\.\w{1,5}$/, '').slice(0, 110) + '.jpg' : picked.name.slice(-120);
  const file = { id: ulid(), name, bytes: bytes.slice().buffer, sha256: bytesToHex(sha256(bytes)) };
  return { ok: true, file, shrunk: photo !== undefined };
}
