'use client';
import { useMemo } from 'react';
import { namedBy } from '@/core/operations/named';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { HazardText } from '@/components/HazardText';
import { Pictogram } from '@/components/Pictogram';
import type { BenchState, StepState } from '@/core/bench/benchState';

/** Symbols of what the step handles, and the cautions computed for it; they open on a tap. */
export function StepHazards({ step, state }: { readonly step: StepState; readonly state: BenchState }) {
  const { plan } = state.bench.charge;
  const all = useMemo(() => hazardFindings(plan), [plan]);
  const lines = new Set(namedBy(step.step, 'line'));
  const handled = plan.lines.filter(({ facts }) => lines.has(facts.line.id));
  const symbols = [...new Set(handled.flatMap(({ facts }) => facts.substance.substance.hazards?.pictograms ?? []))];
  const here = all.filter(({ about, severity }) => about.step === step.step.id && severity !== 'note');
  if (symbols.length === 0 && here.length === 0) return null;
  return (
    <details className="step-hazards">
      <summary>
        <span className="step-symbols">
          {symbols.sort().map((id) => (
            <Pictogram key={id} id={id} />
          ))}
        </span>
        {here.length > 0 && (
          <strong>
            {here.length} {here.length === 1 ? 'caution' : 'cautions'} here
          </strong>
        )}
      </summary>
      {here.map((finding) => (
        <HazardText key={finding.key} finding={finding} />
      ))}
      <p className="muted">
        Local rules, the risk assessment and the supervising person decide. This is a reminder, not an authorization.
      </p>
    </details>
  );
}
