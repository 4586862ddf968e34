'use client';
import useSWR from 'swr';
import { api } from '@/api/client';
import { groupCounts } from '@/core/reference/groups';
import { unfitAgents } from '@/core/reference/dryingAgents';

/** What a structure says by itself, while it is being typed: element counts, groups, drying agents they rule out. */
export function useStructureFacts(formula: string | undefined, smiles: string | undefined) {
  const { data } = useSWR(smiles === undefined ? null : ['structure', smiles], () => api.structure(smiles ?? ''), {
    shouldRetryOnError: false,
    revalidateOnFocus: false,
  });
  const groups = groupCounts(formula, data?.groups ?? {});
  return { groups, unfit: unfitAgents(groups), ...(data ? { drawn: data.formula } : {}) };
}
