'use client';
import { HazardText } from '@/components/HazardText';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '@/components/plan/planView';
import type { Finding } from '@/core/finding/finding';

/** Cautions beside the step they concern, in the order of the work. */
export function HazardSteps({ findings }: { readonly findings: readonly Finding[] }) {
  const { plan } = usePlanView();
  const { doc } = plan;
  const rest = findings.filter(({ about }) => !doc.steps.some(({ id }) => id === about.step));
  return (
    <>
      {rest.length > 0 && (
        <div className="hazard-step">
          <h3>The whole preparation</h3>
          {rest.map((finding) => (
            <HazardText key={finding.key} finding={finding} />
          ))}
        </div>
      )}
      <ol className="hazard-steps">
        {doc.steps.map((step, i) => {
          const here = findings.filter(({ about }) => about.step === step.id);
          return here.length === 0 ? null : (
            <li key={step.id} value={i + 1}>
              <h3>{stepTitle(doc, step)}</h3>
              {here.map((finding) => (
                <HazardText key={finding.key} finding={finding} />
              ))}
            </li>
          );
        })}
      </ol>
    </>
  );
}
