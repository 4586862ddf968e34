import 'server-only';
import { fromReference } from '@/core/editing/fromReference';
import { pickEntry, readAllStructures, readLibrary } from '@/server/referenceLibrary';
import type { Substance } from '@/core/document/document';
import type { ReferenceSubstance } from '@/core/reference/substance';

/** Substances of the library that a model can work with, by name, as a preparation would hold them. */
export async function modelSubstances(): Promise<readonly Substance[]> {
  const library = await readLibrary();
  await readAllStructures(library);
  const found = await Promise.all(
    [...library.substances.values()].filter(usable).map(async (entry) => ({
      id: entry.id,
      ...fromReference(await pickEntry(library, entry.id, [])).substance,
      ...solubilityOf(entry),
    })),
  );
  return found.sort((a, b) => a.name.localeCompare(b.name, 'en'));
}

function usable({ values, antoine, curves }: ReferenceSubstance): boolean {
  return [values.logP, values.melting, values.waterSolubility, antoine, curves].some((one) => one !== undefined);
}

/** Curves of the library name their solvents by the same ids. */
function solubilityOf({ curves }: ReferenceSubstance): Pick<Substance, 'solubility'> {
  if (!curves) return {};
  return {
    solubility: curves.map(({ solvent, points }) => ({
      solvent,
      points: points.map(({ digits, at_C, source }) => ({ digits, at_C, source, check: 'from memory' })),
    })),
  };
}
