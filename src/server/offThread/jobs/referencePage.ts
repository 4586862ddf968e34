import 'server-only';
import { listDocuments } from '@/server/preparations';
import { pickEntry, readConfirmations, readLibrary } from '@/server/referenceLibrary';
import { expectedBands, fittingVisualizers } from '@/core/reference/spectra';
import {
  infraredBands,
  meltingStandards,
  shippedSolutions,
  shippedSubstances,
  shippedVisualizers,
} from '@/data/reference';
import type { EntryPage } from '@/core/editing/entryPage';

/** What the page of one entry shows. */
export async function readEntryPage(id: string): Promise<EntryPage> {
  const library = await readLibrary();
  const picked = await pickEntry(library, id, await readConfirmations(id));
  const own = library.own.get(id);
  const matter = picked.kind === 'substance' ? picked.substance : picked.solute;
  const source = picked.kind === 'solution' ? picked.solution.madeFrom : undefined;
  const madeFrom = source === undefined ? undefined : (library.substances.get(source) ?? library.solutions.get(source));
  const standard = meltingStandards.find(({ substance }) => substance === id);
  return {
    picked,
    version: library.versions.get(id) ?? 0,
    ...(own ? { own: { author: own.author, at: own.at } } : {}),
    shipped: [...shippedSubstances, ...shippedSolutions].some((one) => one.id === id),
    ...(madeFrom ? { madeFrom } : {}),
    solutions: [...library.solutions.values()]
      .filter(({ solute }) => solute === id)
      .map(({ id: key, name }) => ({ id: key, name })),
    usedIn: await usedIn(id),
    bands: expectedBands(infraredBands, matter.groups),
    visualizers: fittingVisualizers(shippedVisualizers, matter.groups),
    ...(standard ? { standard } : {}),
  };
}

async function usedIn(id: string): Promise<EntryPage['usedIn']> {
  const all = await listDocuments();
  return all
    .filter(({ doc }) => doc.substances.some(({ reference }) => reference === id))
    .map(({ id: key, doc }) => ({ id: key, title: doc.title }));
}
