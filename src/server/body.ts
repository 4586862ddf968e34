import 'server-only';
import { ValidationError } from 'yup';
import { AppError } from './appError';
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

/** Body as JSON of a known shape. */
export async function readJson<S extends Schema>(request: Request, schema: S, limit = 20_000): Promise<InferType<S>> {
  const text = await readText(request, limit);
  try {
    return schema.validateSync(JSON.parse(text), { strict: true }) as InferType<S>;
  } catch (error) {
    if (error instanceof SyntaxError) throw new AppError('badRequest', 'The request is not valid JSON.');
    if (error instanceof ValidationError) throw new AppError('badRequest', error.message);
    throw error;
  }
}
