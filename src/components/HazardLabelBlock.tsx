import { Pictogram } from './Pictogram';
import { precautionsFor, precautionText } from '@/core/hazard/precautions';
import { Statements } from './Statements';
import type { HazardLabel } from '@/core/reference/substance';

const signal = { danger: 'Danger', warning: 'Warning', none: 'No signal word' } as const;

/** Label elements of a substance: symbols with their words, signal word, statements in full. */
export function HazardLabelBlock({ label }: { readonly label: HazardLabel }) {
  const precautions = precautionsFor(label.statements);
  return (
    <div className="hazard-label">
      {label.pictograms.length > 0 && (
        <div className="hazard-symbols">
          {label.pictograms.map((id) => (
            <Pictogram key={id} id={id} />
          ))}
        </div>
      )}
      <div>
        <strong className={`signal signal-${label.signal}`}>{signal[label.signal]}</strong>
        {label.statements.length > 0 ? (
          <Statements codes={label.statements} />
        ) : (
          <p className="muted">No hazard statements listed.</p>
        )}
        {precautions.length > 0 && (
          <details className="precautions">
            <summary>{precautions.length} precautionary statements that go with them</summary>
            <ul className="statements">
              {precautions.map((code) => (
                <li key={code}>
                  <span className="num">{code}</span> {precautionText(code)}
                </li>
              ))}
            </ul>
          </details>
        )}
      </div>
    </div>
  );
}
