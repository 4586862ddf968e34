import { changeLine } from '@/core/editing/edit';
import { usePlanView } from '@/components/plan/planView';
import type { ChangeOf } from '@/core/editing/edit';
import type { ChargeLine } from '@/core/document/document';

/** Changing one line of the plan. */
export function useLineEdit(id: string) {
  const { plan, edit, canEdit } = usePlanView();
  const put = (field: string, change: ChangeOf<ChargeLine>) =>
    edit(`line/${id}/${field}`, (doc) => changeLine(doc, id, change));
  return { plan, edit, put, off: !canEdit };
}
