import 'server-only';
import { listEntries } from '@/server/referenceLibrary';
import { meltingStandards, shippedVisualizers } from '@/data/reference';
import { entryFilters, searchEntries } from '@/core/reference/search';
import type { FoundEntries, ReferenceHome, ReferenceQuery } from '@/core/reference/search';

export type { ReferenceQuery } from '@/core/reference/search';

/** The beginning of the entries that fit, the closest first. */
export async function findReference({ words, show, many, open }: ReferenceQuery): Promise<FoundEntries> {
  const all = await listEntries();
  const fitting = searchEntries(all.filter(entryFilters[show].fits), words);
  const at = open === undefined ? -1 : fitting.findIndex(({ id }) => id === open);
  return { found: fitting.slice(0, Math.max(many, at + 1)), fits: fitting.length, total: all.length };
}

/** What the reference offers before an entry is opened. */
export async function readReferenceHome(): Promise<ReferenceHome> {
  const all = await listEntries();
  const name = (id: string) => all.find((one) => one.id === id)?.name ?? id;
  return {
    substances: all.filter(({ kind }) => kind === 'substance').length,
    solutions: all.filter(({ kind }) => kind === 'solution').length,
    standards: meltingStandards.map(({ substance, clear_C }) => ({ substance, clear_C, name: name(substance) })),
    visualizers: shippedVisualizers,
  };
}
