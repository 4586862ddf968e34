'use client';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { seedsOf } from '@/core/explore/seeds';
import { usePlanView } from '@/components/plan/planView';

// Charts and models are loaded when they are asked for, not with every plan.
const Explorers = dynamic(() => import('./Explorers').then((part) => part.Explorers));

/** The models with this preparation's own numbers. What is turned here changes nothing in the plan. */
export function ModelsPanel() {
  const { plan, process } = usePlanView();
  const { prediction } = process;
  const [open, setOpen] = useState(false);
  const seeds = useMemo(() => (open ? seedsOf(plan, prediction) : {}), [open, plan, prediction]);
  return (
    <section className="card-plain procedure" aria-label="Models">
      <button type="button" className="procedure-head" aria-expanded={open} onClick={() => setOpen(!open)}>
        <strong>Models</strong>
        <span>extraction, washes, distillation, recrystallization, melting range, with the numbers of this plan</span>
      </button>
      {open && (
        <div className="hazards-body">
          <Explorers substances={plan.doc.substances} seeds={seeds} />
        </div>
      )}
    </section>
  );
}
