import { createContext, useContext } from 'react';
import type { Preparation } from '@/core/document/document';
import type { ProcessPlan } from '@/core/process/processPlan';
import type { Plan } from '@/core/plan/planTypes';
import type { Source, Worked } from '@/core/quantity/worked';

/** Changes a document; `field` names what was edited, for undo. */
export type Edit = (field: string, change: (doc: Preparation) => Preparation) => void;

/** Something that is to be taken away. */
export interface Leaving {
  readonly name: string;
  /** For undo. */
  readonly field: string;
  readonly change: (doc: Preparation) => Preparation;
}

/** What the parts of the plan screen share: the computed plan, editing, and which working is open. */
export interface PlanView {
  /** Id of the stored preparation. */
  readonly id: string;
  readonly plan: Plan;
  /** What its procedure comes to. */
  readonly process: ProcessPlan;
  readonly edit: Edit;
  readonly canEdit: boolean;
  /** Takes something away, after what depends on it was named. */
  readonly takeAway: (leaving: Leaving) => void;
  /** Cell whose working is open, by key. */
  readonly open: string | undefined;
  readonly toggle: (key: string) => void;
  /** Everything the open working rests on. */
  readonly lit: Lit;
  /** Opens the editor of a line. */
  readonly editLine: (id: string) => void;
  /** Step that is looked at, in the procedure and in the drawing of the process alike. */
  readonly step: string | undefined;
  readonly selectStep: (id: string | undefined) => void;
  /** Whether the dialog stands open that issues it to a class. */
  readonly issuing: boolean;
  readonly setIssuing: (open: boolean) => void;
}

/** The worked values and the plan's own fields under an open working. */
export interface Lit {
  readonly worked: ReadonlySet<Worked>;
  readonly places: ReadonlySet<string>;
}

export const unlit: Lit = { worked: new Set(), places: new Set() };

/** Place of a source that is not itself computed, as a key: "line/aniline". */
export function placeKey(source: Exclude<Source, { at: 'worked' }>): string {
  return `${source.at}/${source.id}`;
}

/** Collects what a working rests on, all the way down. */
export function litBy(worked: Worked | undefined): Lit {
  if (!worked) return unlit;
  const seen = new Set<Worked>();
  const places = new Set<string>();
  const visit = (one: Worked) => {
    for (const { source } of Object.values(one.inputs)) {
      if (source.at !== 'worked') places.add(placeKey(source));
      else if (!seen.has(source.of)) {
        seen.add(source.of);
        visit(source.of);
      }
    }
  };
  visit(worked);
  return { worked: seen, places };
}

export const PlanViewContext = createContext<PlanView | undefined>(undefined);

/** The plan screen's shared state. */
export function usePlanView(): PlanView {
  const view = useContext(PlanViewContext);
  if (!view) throw new Error('usePlanView needs a PlanViewContext.Provider above it; PlanScreen sets one.');
  return view;
}
