/** Runs once when a server process starts. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  // The drawing package takes a second of the only thread to load: better now than under the first visitor.
  await import('./structure/drawStructure');
}
