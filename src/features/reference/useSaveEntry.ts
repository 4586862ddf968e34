'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api } from '@/api/client';
import { idFrom, problemOf } from './editing';
import type { EntryProblem } from './editing';
import type { Picked } from '@/core/editing/fromReference';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { ReferenceSubstance } from '@/core/reference/substance';

/** Stores an edited entry and opens its page; a refusal is told with its faults, and what was typed stays. */
export function useSaveEntry({
  kind,
  version,
  fresh,
  onClose,
}: {
  readonly kind: Picked['kind'];
  readonly version: number;
  readonly fresh: boolean;
  readonly onClose: () => void;
}) {
  const router = useRouter();
  const [problem, setProblem] = useState<EntryProblem | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const save = async (draft: ReferenceSubstance | ReferenceSolution) => {
    setBusy(true);
    setProblem(undefined);
    try {
      const id = fresh ? idFrom(draft.name) : draft.id;
      await api.saveReference({ kind, base: version, fresh, entry: { ...draft, id } });
      onClose();
      router.push(`/reference/${id}`);
      router.refresh();
    } catch (error) {
      setProblem(problemOf(error));
    } finally {
      setBusy(false);
    }
  };
  return { save, busy, problem };
}
