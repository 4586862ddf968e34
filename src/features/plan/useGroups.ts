import { useEffect, useState } from 'react';
import { api } from '@/api/client';
import { changeSubstance } from '@/core/editing/edit';
import { groupCounts } from '@/core/reference/groups';
import type { Edit } from '@/components/plan/planView';
import type { Preparation } from '@/core/document/document';

/**
 * Looks up the groups of structures that were typed or came with a file, one after the other: every rule of hazards and waste, and
 * every model of acids and layers, goes by them. A structure that cannot be read stays without, and is said to be not judged.
 */
export function useGroups(doc: Preparation, edit: Edit, canEdit: boolean): void {
  const [tried, setTried] = useState<ReadonlySet<string>>(new Set());
  const open = doc.substances.find(
    ({ smiles, groups }) => smiles !== undefined && groups === undefined && !tried.has(smiles),
  );
  const { id, smiles, formula } = open ?? {};
  useEffect(() => {
    if (!canEdit || id === undefined || smiles === undefined) return;
    let gone = false;
    api.structure(smiles).then(
      ({ groups }) => {
        if (gone) return;
        // The same field as the structure's own: one undo takes both back.
        edit(`substance/${id}/smiles`, (now) => changeSubstance(now, id, { groups: groupCounts(formula, groups) }));
      },
      // Offline or unreadable: the next opening of the plan asks again.
      () => {
        if (!gone) setTried((before) => new Set([...before, smiles]));
      },
    );
    return () => {
      gone = true;
    };
  }, [canEdit, edit, formula, id, smiles]);
}
