'use client';
import { renderFinding } from '@/core/words/renderFinding';
import { Icon } from './Icon';
import type { Finding } from '@/core/finding/finding';

const words = { stop: 'Stop', caution: 'Caution', note: 'Note' } as const;

/** One finding: severity in word and shape, the sentence, what to do. Tapping shows where it is. */
export function FindingCard({
  finding,
  onShow,
  onOverride,
}: {
  readonly finding: Finding;
  readonly onShow?: { readonly label: string; readonly to: (finding: Finding) => void };
  /** Goes on in spite of it, with a reason. */
  readonly onOverride?: (finding: Finding) => void;
}) {
  const { title, says, remedies } = renderFinding(finding);
  return (
    <article className={`finding finding-${finding.severity}`} data-rule={finding.rule}>
      <h3>
        <Icon name={finding.severity} /> <span className="visually-hidden">{words[finding.severity]}: </span>
        {title}
      </h3>
      <p>{says}</p>
      {remedies.length > 0 && (
        <ul>
          {remedies.map((remedy) => (
            <li key={remedy}>{remedy}</li>
          ))}
        </ul>
      )}
      {onShow && (
        <button type="button" className="finding-show" onClick={() => onShow.to(finding)}>
          {onShow.label}
        </button>
      )}
      {onOverride && (
        <button type="button" className="finding-show" onClick={() => onOverride(finding)}>
          Go on all the same
        </button>
      )}
    </article>
  );
}
