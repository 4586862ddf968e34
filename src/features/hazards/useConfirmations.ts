'use client';
import useSWR from 'swr';
import { api } from '@/api/client';
import { confirmedLabel } from '@/core/hazard/confirmedLabel';
import type { Confirmation } from '@/core/reference/confirmation';
import type { Substance } from '@/core/document/document';

/** Tells of a substance of the plan who confirmed the label that it holds, if anybody did. */
export function useConfirmations(): (substance: Substance) => Confirmation | undefined {
  const { data = [] } = useSWR('hazard-confirmations', () => api.hazardConfirmations(), { revalidateOnFocus: false });
  return (substance) => confirmedLabel(substance, data);
}
