import 'server-only';
import { ValidationError } from 'yup';
import { AppError } from './appError';
import { isStorable, tooDeepAt } from '@/core/formats/plainText';
import type { InferType, Schema } from 'yup';

/**
 * Bytes of a request's body, read no further than the limit.
 *
 * @param limit bytes
 */
export async function readBytes(request: Request, limit: number): Promise<Uint8Array> {
  const reader = request.body?.getReader();
  const parts: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) return Buffer.concat(parts);
    size += part.value.byteLength;
    if (size > limit) {
      await reader?.cancel();
      throw new AppError('tooLarge', `More than ${Math.round(limit / 1000)} kB was sent.`);
    }
    parts.push(part.value);
  }
}

/** Text of a request's body, read no further than the limit in bytes. */
export async function readText(request: Request, limit: number): Promise<string> {
  return new TextDecoder().decode(await readBytes(request, limit));
}

/** Text as JSON that can be walked through and stored: nested not too deep, and every text in it UTF-8. */
export function parseJson(text: string): unknown {
  if (tooDeepAt(text) !== undefined) throw new AppError('badRequest', 'The request is nested too deep.');
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new AppError('badRequest', 'The request is not valid JSON.');
  }
  if (!isStorable(value)) throw new AppError('badRequest', 'The request holds text that cannot be stored.');
  return value;
}

/** Body as JSON of a known shape. */
export async function readJson<S extends Schema>(request: Request, schema: S, limit = 20_000): Promise<InferType<S>> {
  const value = parseJson(await readText(request, limit));
  try {
    return schema.validateSync(value, { strict: true }) as InferType<S>;
  } catch (error) {
    if (error instanceof ValidationError) throw new AppError('badRequest', error.message);
    throw error;
  }
}
