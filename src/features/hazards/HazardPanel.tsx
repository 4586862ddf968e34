'use client';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { HazardSteps } from './HazardSteps';
import { HazardSubstances } from './HazardSubstances';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { Icon } from '@/components/Icon';
import { usePlanView } from '@/components/plan/planView';
import { wastePlan } from '@/core/waste/wastePlan';
import { WastePart } from './WastePart';

const parts = { substances: 'By substance', steps: 'By step', waste: 'Waste' } as const;
type Part = keyof typeof parts;

/** Hazards of the plan: by substance, by step, and what goes into which waste. They remind; they authorize nobody. */
export function HazardPanel() {
  const { id, plan, process } = usePlanView();
  const [part, setPart] = useState<Part>('substances');
  const findings = useMemo(() => hazardFindings(plan, process.prediction), [plan, process]);
  const waste = useMemo(() => wastePlan(plan, process.prediction), [plan, process]);
  const cautions = findings.filter(({ severity }) => severity !== 'note').length;
  const dangerous = plan.doc.substances.filter(({ hazards }) => hazards?.signal === 'danger').length;
  return (
    <section className="card-plain procedure hazards" aria-label="Hazards and waste">
      <header className="procedure-head">
        <h2>Hazards and waste</h2>
        <span>
          {dangerous} of {plan.doc.substances.length} substances marked danger, {cautions} cautions,{' '}
          {waste.streams.length} waste {waste.streams.length === 1 ? 'stream' : 'streams'}
        </span>
      </header>
      <div className="hazards-body">
        <h3 className="visually-hidden">{parts[part]}</h3>
        <div className="shelf-filters hazards-parts" role="group" aria-label="Hazards shown">
          {(Object.keys(parts) as Part[]).map((one) => (
            <button key={one} type="button" aria-pressed={part === one} onClick={() => setPart(one)}>
              {parts[one]}
            </button>
          ))}
        </div>
        {part === 'substances' && <HazardSubstances findings={findings} />}
        {part === 'steps' && <HazardSteps findings={findings} />}
        {part === 'waste' && <WastePart waste={waste} />}
        <footer className="hazards-foot">
          <p>
            Local rules, the risk assessment and the supervising person decide. This is a reminder, not an
            authorization.
          </p>
          <Link href={`/preparations/${id}/hazards`} className="btn btn-line btn-sm">
            <Icon name="printer" /> Hazard sheet
          </Link>
        </footer>
      </div>
    </section>
  );
}
