import { fileTypeOf } from './fileKinds';

/**
 * A photo without anything but the picture: what tells of place, camera, time or author is left out. Allowed is what is listed
 * here; whatever else a file may carry, also behind its end, is not.
 *
 * @param bytes a JPEG or PNG
 * @returns nothing when it is none of the two, or cannot be followed to its end
 * Source: JPEG, ISO/IEC 10918-1 annex B (markers, fill bytes B.1.1.2) and JFIF 1.02; PNG, ISO/IEC 15948, 5.3 and 11.
 */
export function bareImage(bytes: Uint8Array): Uint8Array | undefined {
  const type = fileTypeOf(bytes);
  if (type === 'image/jpeg') return joined(jpegParts(bytes));
  if (type === 'image/png') return joined(pngParts(bytes));
  return undefined;
}

/** Whether a photo holds nothing but the picture already. */
export function isBareImage(bytes: Uint8Array): boolean {
  const bare = bareImage(bytes);
  return bare?.length === bytes.length && bare.every((byte, i) => byte === bytes[i]);
}

type Parts = readonly Uint8Array[];

function joined(parts: Parts | undefined): Uint8Array | undefined {
  if (!parts) return undefined;
  const whole = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

const marker = { soi: 0xd8, eoi: 0xd9, sos: 0xda } as const;
/** Frames, tables and scans: without them there is no picture. */
const needed: ReadonlySet<number> = new Set([
  ...[0xc0, 0xc1, 0xc2, 0xc3, 0xc4, 0xc5, 0xc6, 0xc7, 0xc9, 0xca, 0xcb, 0xcc, 0xcd, 0xce, 0xcf],
  ...[0xda, 0xdb, 0xdc, 0xdd],
]);
/** Application segments that say how the colours are meant, by their first letters. */
const ofColour: Readonly<Record<number, string>> = { 0xe0: 'JFIF\0', 0xe2: 'ICC_PROFILE\0', 0xee: 'Adobe' };

function jpegParts(bytes: Uint8Array): Parts | undefined {
  const parts: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at < bytes.length) {
    if (bytes[at] !== 0xff) return undefined;
    // Any number of fill bytes may stand before a marker.
    while (bytes[at + 1] === 0xff) at += 1;
    const code = bytes[at + 1];
    if (code === undefined) return undefined;
    if (code === marker.eoi) return [...parts, bytes.subarray(at, at + 2)];
    const length = (bytes[at + 2] ?? 0) * 256 + (bytes[at + 3] ?? 0);
    const end = at + 2 + length;
    if (length < 2 || end > bytes.length) return undefined;
    if (needed.has(code) || startsWith(bytes, at + 4, ofColour[code])) parts.push(bytes.subarray(at, end));
    at = end;
    if (code !== marker.sos) continue;
    const scan = scanEnd(bytes, at);
    parts.push(bytes.subarray(at, scan));
    at = scan;
  }
  return undefined;
}

/** Where the coded data of a scan end: at the first marker that is neither a stuffed byte nor a restart. */
function scanEnd(bytes: Uint8Array, from: number): number {
  let at = from;
  while (at < bytes.length) {
    const next = bytes[at + 1] ?? 0;
    if (bytes[at] === 0xff && next !== 0 && !(next >= 0xd0 && next <= 0xd7)) return at;
    at += 1;
  }
  return at;
}

const startsWith = (bytes: Uint8Array, at: number, text: string | undefined): boolean =>
  text !== undefined && [...text].every((letter, i) => bytes[at + i] === letter.charCodeAt(0));

/** Chunks without which there is no picture, or which say how its colours and size are meant. */
const chunks: ReadonlySet<string> = new Set([
  ...['IHDR', 'PLTE', 'IDAT', 'IEND', 'tRNS', 'sRGB', 'gAMA', 'cHRM', 'pHYs', 'sBIT', 'bKGD'],
]);

function pngParts(bytes: Uint8Array): Parts | undefined {
  const parts: Uint8Array[] = [bytes.subarray(0, 8)];
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = 8;
  while (at + 12 <= bytes.length) {
    const end = at + 12 + view.getUint32(at);
    if (end > bytes.length) return undefined;
    const name = String.fromCharCode(...bytes.subarray(at + 4, at + 8));
    if (chunks.has(name)) parts.push(bytes.subarray(at, end));
    if (name === 'IEND') return parts;
    at = end;
  }
  return undefined;
}
