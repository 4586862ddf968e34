'use client';
import { useCallback, useDeferredValue, useEffect, useMemo, useReducer, useState } from 'react';
import { api, ApiError } from '@/api/client';
import { openDocument } from '@/core/formats/upgradePreparation';
import { writePreparation } from '@/core/formats/writePreparation';
import { planOf } from '@/core/process/planOf';
import { openPlan, planReducer } from './planReducer';
import type { Edit } from '@/components/plan/planView';
import type { CourseSettings } from '@/core/conventions/course';
import type { Preparation } from '@/core/document/document';
import type { StoredPreparation } from '@/core/library/stored';

const draftKey = (id: string) => `mozle:draft:${id}`;

/** What this browser keeps of unsaved changes, written and read by this file only; the server judges it when it is saved. */
interface Draft {
  readonly base: number;
  readonly doc: Preparation;
}

function readDraft(id: string): Draft | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(draftKey(id)) ?? 'null') as Partial<Draft> | null;
    // Work that was begun before an update of the app is brought along.
    if (kept?.base === undefined || kept.doc === undefined) return undefined;
    return { base: kept.base, doc: openDocument(kept.doc) };
  } catch {
    return undefined;
  }
}

/** The plan being edited: document, history, recomputed plan, saving, and a draft that survives a closed tab. */
export function usePlan(stored: StoredPreparation, canEdit: boolean, course?: CourseSettings) {
  const [state, dispatch] = useReducer(planReducer, stored, openPlan);
  const [problem, setProblem] = useState<{ readonly code: string; readonly says: string } | undefined>(undefined);
  const [saving, setSaving] = useState(false);
  // What is typed stands there at once; what follows from it comes a moment later, and gives way to the next key.
  const settled = useDeferredValue(state.doc);
  const { plan, process } = useMemo(() => planOf(settled, course), [settled, course]);
  const text = useMemo(() => writePreparation(settled), [settled]);
  const dirty = text !== state.saved.text;
  const base = state.saved.version;

  useEffect(() => {
    const draft = canEdit ? readDraft(stored.id) : undefined;
    if (draft && writePreparation(draft.doc) !== writePreparation(stored.doc)) dispatch({ do: 'restore', ...draft });
  }, [stored, canEdit]);

  useEffect(() => {
    if (dirty) localStorage.setItem(draftKey(stored.id), JSON.stringify({ base, doc: settled } satisfies Draft));
  }, [dirty, settled, stored.id, base]);

  const edit: Edit = useCallback((field, change) => canEdit && dispatch({ do: 'edit', change, field }), [canEdit]);

  /** Whether it was stored. */
  const save = async (reason = ''): Promise<boolean> => {
    setSaving(true);
    setProblem(undefined);
    try {
      const { version } = await api.saveVersion(stored.id, base, writePreparation(state.doc), reason.trim());
      dispatch({ do: 'saved', doc: state.doc, version });
      localStorage.removeItem(draftKey(stored.id));
      return true;
    } catch (error) {
      const says = error instanceof ApiError ? error.message : 'Saving failed. Your changes are kept in this browser.';
      setProblem({ code: error instanceof ApiError ? error.code : 'unexpected', says });
      return false;
    } finally {
      setSaving(false);
    }
  };

  /** What somebody stored since these changes began. */
  const newer = () => api.newerVersion(stored.id, base);
  /** Goes on from a newer version with a document that holds both changes. */
  const join = (doc: Preparation, head: number) => {
    setProblem(undefined);
    dispatch({ do: 'restore', doc, base: head });
  };

  const discard = () => {
    dispatch({ do: 'discard' });
    localStorage.removeItem(draftKey(stored.id));
    setProblem(undefined);
  };

  return {
    plan,
    process,
    edit,
    /** As it is stored, without what the course lays over it. */
    doc: state.doc,
    text,
    dirty,
    saving,
    problem,
    restored: state.restored,
    version: base,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    undo: () => dispatch({ do: 'undo' }),
    redo: () => dispatch({ do: 'redo' }),
    save,
    newer,
    join,
    discard,
  };
}
