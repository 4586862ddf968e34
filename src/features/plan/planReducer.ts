import { writePreparation } from '@/core/formats/writePreparation';
import type { Preparation } from '@/core/document/document';
import type { StoredPreparation } from '@/core/library/stored';

/** The edited document with its history and what the server holds of it. */
export interface PlanState {
  readonly doc: Preparation;
  readonly past: readonly Preparation[];
  readonly future: readonly Preparation[];
  /** Field of the newest step: typing on in it is the same step. */
  readonly last?: string;
  readonly saved: { readonly version: number; readonly doc: Preparation; readonly text: string };
  /** Unsaved changes of an earlier visit were brought back. */
  readonly restored: boolean;
}

export type PlanAction =
  | { readonly do: 'edit'; readonly change: (doc: Preparation) => Preparation; readonly field: string }
  | { readonly do: 'undo' | 'redo' | 'discard' }
  | { readonly do: 'restore'; readonly doc: Preparation; readonly base: number }
  | { readonly do: 'saved'; readonly doc: Preparation; readonly version: number };

const longestHistory = 100;

/** State of a plan just opened. */
export function openPlan({ doc, version }: StoredPreparation): PlanState {
  return { doc, past: [], future: [], saved: { version, doc, text: writePreparation(doc) }, restored: false };
}

/** Edits with undo. Consecutive edits of the same field are one step back. */
export function planReducer(state: PlanState, action: PlanAction): PlanState {
  const { last: _, ...rest } = state;
  switch (action.do) {
    case 'edit': {
      const doc = action.change(state.doc);
      if (doc === state.doc) return state;
      const same = state.last === action.field && state.past.length > 0;
      const past = same ? state.past : [...state.past, state.doc].slice(-longestHistory);
      return { ...rest, doc, past, future: [], last: action.field };
    }
    case 'undo': {
      const before = state.past.at(-1);
      return before
        ? { ...rest, doc: before, past: state.past.slice(0, -1), future: [state.doc, ...state.future] }
        : state;
    }
    case 'redo': {
      const [next, ...future] = state.future;
      return next ? { ...rest, doc: next, past: [...state.past, state.doc], future } : state;
    }
    case 'discard':
      return { ...rest, doc: state.saved.doc, past: [], future: [], restored: false };
    case 'restore':
      // Kept from an older version, the draft must meet the newer one as a conflict, not overwrite it.
      return {
        ...rest,
        doc: action.doc,
        past: [state.doc],
        saved: { ...state.saved, version: action.base },
        restored: true,
      };
    case 'saved':
      return {
        ...state,
        saved: { version: action.version, doc: action.doc, text: writePreparation(action.doc) },
        restored: false,
      };
  }
}
