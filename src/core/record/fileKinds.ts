/** Bytes of the largest file that a record takes; photos are shrunk before. */
export const largestUpload = 6_000_000;
/** Files of one record. */
export const mostFiles = 200;

/** How far a file has come in: where the sender goes on after a break. */
export interface Received {
  readonly received: number;
  readonly complete: boolean;
}

/** Kinds of file that a record takes, by media type. */
export const fileTypes = {
  'image/jpeg': 'photo (JPEG)',
  'image/png': 'photo (PNG)',
  'application/pdf': 'document (PDF)',
  'chemical/x-jcamp-dx': 'spectrum (JCAMP-DX)',
  'text/plain': 'text or table',
} as const;
export type FileType = keyof typeof fileTypes;

const begins = (bytes: Uint8Array, ...start: readonly number[]) => start.every((byte, i) => bytes[i] === byte);

/**
 * Type of a file by its content; its name and what the sender says of it do not count.
 *
 * @returns nothing when it is none of {@link fileTypes}
 * Source: signatures of JPEG (ISO/IEC 10918-1), PNG (ISO/IEC 15948), PDF (ISO 32000-1); JCAMP-DX begins with ##TITLE=
 * (McDonald and Wilks 1988).
 */
export function fileTypeOf(bytes: Uint8Array): FileType | undefined {
  if (begins(bytes, 0xff, 0xd8, 0xff)) return 'image/jpeg';
  if (begins(bytes, 0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png';
  if (begins(bytes, 0x25, 0x50, 0x44, 0x46, 0x2d)) return 'application/pdf';
  const text = utf8(bytes);
  if (text === undefined) return undefined;
  return /^\uFEFF?\s*##\s*TITLE\s*=/i.test(text) ? 'chemical/x-jcamp-dx' : 'text/plain';
}

/** The text, if it is text: UTF-8 without control characters other than tab and line ends. */
function utf8(bytes: Uint8Array): string | undefined {
  if (bytes.length === 0) return undefined;
  try {
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return /[\u0000-\u0008\u000B\u000C\u000E-\u001F]/.test(text) ? undefined : text;
  } catch {
    return undefined;
  }
}
