import 'server-only';
import { errorStatus } from './appError';

// The front door (bin/lib/serve.mjs) holds them: a page cannot set the status of its answer itself.
const holder = globalThis as typeof globalThis & { mozlePageFailures?: Map<string, number> };

/**
 * Notes that a page failed in an expected way, for the status of its answer: what is busy is not what is broken. The error is told by
 * its digest, since pages are bundled apart and each has a class of its own.
 */
export function notePageFailure(error: unknown, request: string | undefined): void {
  const { digest } = error as { digest?: unknown };
  const code = /^expected (\w+)$/.exec(typeof digest === 'string' ? digest : '')?.[1];
  const status = Object.entries(errorStatus).find(([name]) => name === code)?.[1];
  if (status === undefined || request === undefined) return;
  holder.mozlePageFailures?.set(request, status === 429 ? 503 : status);
}
