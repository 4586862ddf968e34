import { act, render } from '@testing-library/react';
import { useState } from 'react';
import { PlanViewContext, unlit } from '@/components/plan/planView';
import { computePlan } from '@/core/plan/plan';
import { processPlan } from '@/core/process/processPlan';
import type { Plan } from '@/core/plan/planTypes';
import type { PlanView } from '@/components/plan/planView';
import type { Preparation } from '@/core/document/document';
import type { ReactElement } from 'react';

/** Renders a part of the plan screen that edits, with a plan that follows what it does. */
export function editing(first: Preparation, part: (plan: Plan) => ReactElement, canEdit = true) {
  let now = computePlan(first);
  let put: (doc: Preparation) => void = () => undefined;
  const Harness = () => {
    const [plan, setPlan] = useState(now);
    put = (doc) => {
      now = computePlan(doc);
      setPlan(now);
    };
    const view: PlanView = {
      id: 'p',
      plan,
      get process() {
        return processPlan(plan);
      },
      edit: (_, change) => put(change(now.doc)),
      canEdit,
      open: undefined,
      toggle: () => undefined,
      lit: unlit,
      editLine: () => undefined,
      step: undefined,
      selectStep: () => undefined,
      issuing: false,
      setIssuing: () => undefined,
      takeAway: () => undefined,
    };
    return <PlanViewContext.Provider value={view}>{part(plan)}</PlanViewContext.Provider>;
  };
  const view = render(<Harness />);
  return {
    ...view,
    plan: () => now,
    doc: () => now.doc,
    line: (id: string) => now.doc.lines.find((one) => one.id === id),
    change: (change: (doc: Preparation) => Preparation) => act(() => put(change(now.doc))),
  };
}
