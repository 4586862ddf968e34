import { comparisons } from '@/core/results/classResults';
import { WorkedNumber, WorkingSource } from '@/components/WorkingDrawer';
import type { ClassResults, Comparison } from '@/core/results/classResults';
import type { Preparation } from '@/core/document/document';

const words: Readonly<Record<Comparison, string>> = {
  yield: 'Percent yield',
  recovery: 'Percent recovery',
  onset: 'First liquid',
};
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
                <WorkedNumber worked={low} label={`Lowest, ${words[what].toLowerCase()}`} /> to{' '}
                <WorkedNumber worked={high} label={`Highest, ${words[what].toLowerCase()}`} />
                {outliers.length > 0 && <strong> · far off: {outliers.join(', ')}</strong>}
              </dd>
            </div>
          );
        })}
      </dl>
    </WorkingSource>
  );
}
