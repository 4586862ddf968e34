import 'server-only';
import { once } from 'node:events';
import { promisify } from 'node:util';
import { AppError } from '@/server/appError';
import type { Entry, Options, ZipFile } from 'yauzl';
import type { Readable } from 'node:stream';
import type { TextContent } from 'pdfjs-dist/types/src/display/api';

/** Longest text that is read on a screen, signs. */
const longestText = 200_000;
// More pages are a book.
const mostPages = 60;
/** Pieces of text of a PDF: a handout has some thousand. */
const mostPieces = 40_000;
/** Bytes of a Word document once inflated: a hundred pages with their styles have two million. */
const mostInflated = 30_000_000;

/**
 * Text of a handout's file by its content: plain text and Markdown as they are, a Word document, or a PDF that holds text.
 *
 * @throws AppError `refused` for anything else, a scanned PDF, or a text that is too long
 */
export async function handoutText(bytes: Uint8Array): Promise<string> {
  const text = (await extracted(bytes)).replace(/\r\n?/g, '\n').replaceAll('\0', '').trim();
  if (text === '')
    throw new AppError(
      'refused',
      'There is no text in it. A scanned page has to be typed, or read by a scanner first.',
    );
  if (text.length > longestText)
    throw new AppError(
      'refused',
      `The text is longer than ${String(longestText / 1000)} thousand signs. Bring in one preparation at a time.`,
    );
  return text;
}

async function extracted(bytes: Uint8Array): Promise<string> {
  const begins = (...signs: readonly number[]) => signs.every((sign, i) => bytes[i] === sign);
  if (begins(0x50, 0x4b, 0x03, 0x04)) return wordText(bytes);
  if (begins(0x25, 0x50, 0x44, 0x46)) return pdfText(bytes);
  if (bytes.subarray(0, 2000).includes(0))
    throw new AppError('refused', 'The file is neither text, nor a Word document, nor a PDF.');
  return new TextDecoder().decode(bytes);
}

/** Inflates an archive to nowhere, as far as it may go: what it says of its sizes may be wrong. */
async function inflatedBytes(bytes: Uint8Array): Promise<number> {
  const { fromBuffer } = await import('yauzl');
  const archive = await promisify<Buffer, Options, ZipFile>(fromBuffer)(Buffer.from(bytes), { lazyEntries: true });
  let size = 0;
  for (;;) {
    archive.readEntry();
    const [entry] = (await Promise.race([once(archive, 'entry'), once(archive, 'end')])) as [Entry?];
    if (!entry) return size;
    const stream = await promisify<Entry, Readable>(archive.openReadStream.bind(archive))(entry);
    for await (const part of stream) {
      size += (part as Buffer).byteLength;
      if (size > mostInflated) return size;
    }
  }
}

async function wordText(bytes: Uint8Array): Promise<string> {
  const { default: mammoth } = await import('mammoth');
  try {
    if ((await inflatedBytes(bytes)) > mostInflated)
      throw new AppError(
        'refused',
        'The Word document is larger than a handout can be once it is unpacked. Paste its text instead.',
      );
    const { value } = await mammoth.extractRawText({ buffer: Buffer.from(bytes) });
    // Each paragraph ends in an empty line there.
    return value.replaceAll('\n\n', '\n');
  } catch (error) {
    if (error instanceof AppError) throw error;
    throw new AppError(
      'refused',
      'The Word document could not be read. Save it as .docx once more, or paste its text.',
    );
  }
}

async function pdfText(bytes: Uint8Array): Promise<string> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const task = getDocument({
    data: new Uint8Array(bytes),
    useSystemFonts: false,
    disableFontFace: true,
    isEvalSupported: false,
    verbosity: 0,
  });
  try {
    const document = await task.promise;
    if (document.numPages > mostPages)
      throw new AppError(
        'refused',
        `The PDF has ${document.numPages} pages; ${mostPages} are the most. Bring in one preparation at a time.`,
      );
    const pages: string[] = [];
    let pieces = 0;
    for (let i = 1; i <= document.numPages; i += 1) {
      // Piece by piece: a page made to keep its reader busy is left in the middle.
      const reader = (await document.getPage(i))
        .streamTextContent()
        .getReader() as ReadableStreamDefaultReader<TextContent>;
      let page = '';
      for (let part = await reader.read(); !part.done; part = await reader.read()) {
        const { items } = part.value;
        pieces += items.length;
        if (pieces > mostPieces)
          throw new AppError(
            'refused',
            'The PDF holds more pieces of text than a handout can. Paste its text instead.',
          );
        page += items.map((item) => ('str' in item ? `${item.str}${item.hasEOL ? '\n' : ''}` : '')).join('');
      }
      pages.push(page);
    }
    return pages.join('\n');
  } catch (error) {
    if (error instanceof AppError) throw error;
    throw new AppError('refused', 'The PDF could not be read. Paste its text instead.');
  } finally {
    await task.destroy();
  }
}
