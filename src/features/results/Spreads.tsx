import { comparisons } from '@/core/results/classResults';
import { format } from '@/core/quantity/format';
import { WorkedNumber, WorkingSource } from '@/components/WorkingDrawer';
import type { ClassResults, Comparison } from '@/core/results/classResults';
import type { Preparation } from '@/core/preparation/document';
import type { Worked } from '@/core/quantity/worked';

const words: Readonly<Record<Comparison, string>> = {
  yield: 'Percent yield',
  recovery: 'Percent recovery',
  onset: 'First liquid',
};
const text = ({ q, unit, figures }: Worked) => format(q, unit, { figures });
const noEntry = () => undefined;

/** Median, range and outliers of the class, in a line each. */
export function Spreads({ doc, results }: { readonly doc: Preparation; readonly results: ClassResults }) {
  return (
    <WorkingSource doc={doc} entryWords={noEntry}>
      <dl className="spreads">
        {comparisons.map((what) => {
          const found = results.spreads[what];
          if (!found) return null;
          const { n, median, low, high, outliers } = found;
          return (
            <div key={what}>
              <dt>{words[what]}</dt>
              <dd>
                median <WorkedNumber worked={median} label={`Median, ${words[what].toLowerCase()}`} /> of {n},{' '}
                {text(low)} to {text(high)}
                {outliers.length > 0 && <strong> · far off: {outliers.join(', ')}</strong>}
              </dd>
            </div>
          );
        })}
      </dl>
    </WorkingSource>
  );
}
