/** Runs once when the server starts: its own work, and the open streams, which would keep it from stopping. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { endFeed } = await import('./server/feed');
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, endFeed);
  const { keepTidy } = await import('./server/housekeeping');
  keepTidy();
  // The first structure would wait for the thread and its package.
  const { readStructures } = await import('./server/structures');
  void readStructures(['C']).catch(() => undefined);
}

/** An expected failure of a page answers with its own status. */
export async function onRequestError(
  error: unknown,
  request: { readonly headers: NodeJS.Dict<string | string[]> },
): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { notePageFailure } = await import('./server/pageFailure');
  const number = request.headers['mozle-request'];
  notePageFailure(error, Array.isArray(number) ? number[0] : number);
}
