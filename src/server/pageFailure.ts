import 'server-only';
import { AppError, errorStatus } from './appError';
import { databaseFault } from './databaseFault';

// The front door (bin/lib/serve.mjs) holds them: a page cannot set the status of its answer itself.
const holder = globalThis as typeof globalThis & { mozlePageFailures?: Map<string, number> };

/** Notes that a page failed in an expected way, for the status of its answer. What is busy is not what is broken. */
export function notePageFailure(error: unknown, request: string | undefined): void {
  const expected = error instanceof AppError ? error : databaseFault(error);
  if (!expected || request === undefined) return;
  holder.mozlePageFailures?.set(request, expected.code === 'tooManyRequests' ? 503 : errorStatus[expected.code]);
}
