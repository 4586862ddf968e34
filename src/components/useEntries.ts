import useSWR from 'swr';
import { api } from '@/api/client';
import type { EntrySummary } from '@/core/reference/search';

const none: readonly EntrySummary[] = [];

/** All entries of the reference in short, for fields that find while one types; none until they have come. */
export function useEntries(): {
  readonly entries: readonly EntrySummary[];
  readonly isThere: boolean;
  readonly error: Error | undefined;
} {
  const { data, error } = useSWR<readonly EntrySummary[], Error>('reference', () => api.referenceEntries(), {
    revalidateOnFocus: false,
  });
  return { entries: data ?? none, isThere: data !== undefined, error };
}
