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
