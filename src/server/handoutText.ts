import 'server-only';
import { AppError } from './appError';

/** Largest file of a handout, bytes. */
export const largestHandoutFile = 5_000_000;
/** Longest text that is read on a screen, signs. */
const longestText = 200_000;
// More pages are a book.
const mostPages = 60;

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

async function wordText(bytes: Uint8Array): Promise<string> {
  const { default: mammoth } = await import('mammoth');
  try {
    const { value } = await mammoth.extractRawText({ buffer: Buffer.from(bytes) });
    // Each paragraph ends in an empty line there.
    return value.replaceAll('\n\n', '\n');
  } catch {
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
    const pages: string[] = [];
    for (let i = 1; i <= Math.min(document.numPages, mostPages); i += 1) {
      const { items } = await (await document.getPage(i)).getTextContent();
      pages.push(items.map((item) => ('str' in item ? `${item.str}${item.hasEOL ? '\n' : ''}` : '')).join(''));
    }
    return pages.join('\n');
  } catch {
    throw new AppError('refused', 'The PDF could not be read. Paste its text instead.');
  } finally {
    await task.destroy();
  }
}
