import { Icon } from './Icon';
import { renderFinding } from '@/core/words/renderFinding';
import type { Finding } from '@/core/finding/finding';

/** A caution in a line or two: what, why, and what to do. */
export function HazardText({ finding }: { readonly finding: Finding }) {
  const { title, says, remedies } = renderFinding(finding);
  return (
    <p className={`hazard-text hazard-text-${finding.severity}`} data-rule={finding.rule}>
      <Icon name={finding.severity} />
      <span>
        <strong>{title}.</strong> {says} {remedies.join(' ')}
      </span>
    </p>
  );
}
