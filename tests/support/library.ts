import { fromReference } from '@/core/editing/fromReference';
import { benchNames, usualSolvents } from '@/data/reference/benchNames';
import { lexiconEntries, lexiconOf } from '@/core/handout/lexicon';
import { shippedSolutions, shippedSubstances } from '@/data/reference';
import { solutionChecks } from '@/core/checks/solutionChecks';
import { standingsOf } from '@/core/reference/confirmation';
import type { Library } from '@/core/handout/draft/making';
import type { ChargeLine, Substance } from '@/core/document/document';

/** A substance of the library as a preparation holds it. */
export function taken(id: string): { readonly substance: Substance; readonly bottle: Partial<ChargeLine> } {
  const substance = shippedSubstances.find((one) => one.id === id);
  if (substance) {
    const { substance: own, bottle } = fromReference({
      kind: 'substance',
      substance,
      checks: [],
      standings: standingsOf(substance, [], []),
    });
    return { substance: { ...own, id }, bottle };
  }
  const solution = shippedSolutions.find((one) => one.id === id);
  const solute = shippedSubstances.find((one) => one.id === solution?.solute);
  if (!solution || !solute) throw new Error(`no ${id}`);
  const checks = solutionChecks(solution, solute);
  const { substance: own, bottle } = fromReference({
    kind: 'solution',
    solution,
    solute,
    checks,
    standings: standingsOf(solution, checks, []),
  });
  return { substance: { ...own, id }, bottle };
}

/** Names of the shipped reference, as the reader of handouts knows them. */
export const lexicon = lexiconOf(lexiconEntries(shippedSubstances, shippedSolutions), benchNames);

const shippedIds = new Set([...shippedSubstances, ...shippedSolutions].map(({ id }) => id));

/** The shipped reference as a handout's draft takes from it. */
export const library: Library = {
  take: (id) => {
    if (!shippedIds.has(id)) return undefined;
    const { substance, bottle } = taken(id);
    return { substance, bottle };
  },
  solvents: usualSolvents,
};
