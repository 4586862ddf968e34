'use client';
import { HazardLabelBlock } from '@/components/HazardLabelBlock';
import { HazardText } from '@/components/HazardText';
import { StandingBadge } from '@/components/StandingBadge';
import { useConfirmations } from './useConfirmations';
import { usePlanView } from '@/components/plan/planView';
import type { Finding } from '@/core/finding/finding';

/** Each substance with its label and what it calls for in this plan. */
export function HazardSubstances({ findings }: { readonly findings: readonly Finding[] }) {
  const { plan } = usePlanView();
  const confirmed = useConfirmations();
  const { substances } = plan.doc;
  const harmless = substances.filter(({ hazards }) => hazards?.statements.length === 0);
  return (
    <ul className="hazard-substances">
      {substances
        .filter((one) => !harmless.includes(one))
        .map((substance) => {
          const { id, name, hazards, caution } = substance;
          const by = confirmed(substance);
          const own = findings.filter(({ about, rule }) => about.substance === id && rule !== 'hazard.noData');
          return (
            <li key={id}>
              <h3>
                {name}{' '}
                {hazards && (
                  <StandingBadge standing={by ? { is: 'confirmed', by: by.by, at: by.at } : { is: 'from memory' }} />
                )}
              </h3>
              {hazards ? <HazardLabelBlock label={hazards} /> : <p className="muted">No hazard data here.</p>}
              {hazards && !by && <p className="muted">Compare with the supplier’s sheet.</p>}
              {caution && <p className="caution-line">{caution}</p>}
              {own.map((finding) => (
                <HazardText key={finding.key} finding={finding} />
              ))}
            </li>
          );
        })}
      {harmless.length > 0 && (
        <li>
          <h3>No statements listed</h3>
          {harmless.map(({ id, name, caution }) => (
            <p key={id}>
              {name}
              {caution && <span className="caution-line">: {caution}</span>}
            </p>
          ))}
        </li>
      )}
    </ul>
  );
}
