import type { Preparation } from '@/core/preparation/document';

/** The edited document with its history. `last` names the field of the newest step, so that typing in it is one step. */
export interface PlanState {
  readonly doc: Preparation;
  readonly past: readonly Preparation[];
  readonly future: readonly Preparation[];
  readonly last?: string;
}

export type PlanAction =
  | { readonly do: 'edit'; readonly change: (doc: Preparation) => Preparation; readonly field: string }
  | { readonly do: 'undo' }
  | { readonly do: 'redo' }
  | { readonly do: 'replace'; readonly doc: Preparation };

const longestHistory = 100;

/** Edits with undo. Consecutive edits of the same field are one step back. */
export function planReducer(state: PlanState, action: PlanAction): PlanState {
  switch (action.do) {
    case 'edit': {
      const doc = action.change(state.doc);
      if (doc === state.doc) return state;
      const same = state.last === action.field && state.past.length > 0;
      const past = same ? state.past : [...state.past, state.doc].slice(-longestHistory);
      return { doc, past, future: [], last: action.field };
    }
    case 'undo': {
      const before = state.past.at(-1);
      return before ? { doc: before, past: state.past.slice(0, -1), future: [state.doc, ...state.future] } : state;
    }
    case 'redo': {
      const [next, ...future] = state.future;
      return next ? { doc: next, past: [...state.past, state.doc], future } : state;
    }
    case 'replace':
      return { doc: action.doc, past: [], future: [] };
  }
}
