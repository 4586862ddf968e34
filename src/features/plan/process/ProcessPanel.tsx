'use client';
import { useMemo, useState } from 'react';
import { AssumptionTable } from './AssumptionTable';
import { Foreseen, useRanges } from './Foreseen';
import { ForeseenStairs } from './ForeseenStairs';
import { GreenLine } from './GreenLine';
import { TimePart } from './TimePart';
import { usePlanView } from '@/components/plan/planView';
import { VesselLine } from './VesselLine';
import { WorkingDrawer, WorkingSource } from '@/components/WorkingDrawer';
import type { ProcessPlan } from '@/core/process/processPlan';

const parts = {
  vessels: 'Vessels',
  losses: 'Where it goes',
  time: 'Time',
  assumptions: 'Assumptions',
} as const;
type Part = keyof typeof parts;

/** The procedure as the models foresee it: vessels with what they hold, losses, time, and what was taken for granted. */
export function ProcessPanel({ process }: { readonly process: ProcessPlan }) {
  const { plan } = usePlanView();
  const [part, setPart] = useState<Part>('vessels');
  const { prediction, timeline, green } = process;
  const assumptionWords = useMemo(() => {
    const byId = new Map(prediction.assumptions.map((one) => [one.id, one]));
    return (id: string) => {
      const found = byId.get(id);
      return found && `assumed, ${found.label}: ${found.why}`;
    };
  }, [prediction.assumptions]);
  const ranges = useRanges(process);
  if (plan.doc.steps.length === 0) return null;
  return (
    <section className="card-plain process" aria-label="Process">
      <header className="process-head">
        <h2>Process</h2>
        <Foreseen process={process} />
      </header>
      <WorkingDrawer>
        <WorkingSource doc={plan.doc} assumptionWords={assumptionWords}>
          <div className="shelf-filters hazards-parts" role="group" aria-label="Process shown">
            {(Object.keys(parts) as Part[]).map((one) => (
              <button key={one} type="button" aria-pressed={part === one} onClick={() => setPart(one)}>
                {parts[one]}
              </button>
            ))}
          </div>
          {part === 'vessels' && <VesselLine prediction={prediction} />}
          {part === 'losses' && <ForeseenStairs prediction={prediction} ranges={ranges} />}
          {part === 'time' && <TimePart timeline={timeline} />}
          {part === 'assumptions' && <AssumptionTable prediction={prediction} />}
          {green && <GreenLine green={green} />}
        </WorkingSource>
      </WorkingDrawer>
    </section>
  );
}
