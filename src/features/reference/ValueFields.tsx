'use client';
import { propertyKindOf, propertyIds } from '@/core/reference/properties';
import { readValue, typedValue } from './editing';
import { TextField } from '@/components/fields/TextField';
import type { Change } from '@/core/changed';
import type { PropertyId } from '@/core/reference/properties';
import type { ReferenceSubstance, TabulatedValue } from '@/core/reference/substance';

/** What is known of a substance in numbers, each with where it comes from. */
export function ValueFields({
  draft,
  put,
  source,
  setSource,
}: {
  readonly draft: ReferenceSubstance;
  readonly put: (change: Change<ReferenceSubstance>) => void;
  /** Of what is entered now. */
  readonly source: string;
  readonly setSource: (text: string) => void;
}) {
  const origin = originOf(source);
  const putValue = (id: PropertyId, text: string) => {
    const typed = readValue(text);
    const { [id]: old, ...others } = draft.values;
    put({ values: typed ? { ...others, [id]: sourced(typed, old, origin) } : others });
  };
  const putPKa = (text: string) => {
    const typed = text.split(';').flatMap((part) => readValue(part) ?? []);
    put({ pKa: typed.length === 0 ? undefined : typed.map((one, i) => sourced(one, draft.pKa?.[i], origin)) });
  };
  return (
    <section className="card-plain entry-card">
      <h2>Values</h2>
      <p className="muted">
        A number; a range as “113 to 115”; a temperature after @, as “1.022 @ 20”. Several pKa with ; between them.
      </p>
      <TextField
        label="Source of what you enter now"
        value={source}
        onChange={setSource}
        placeholder="such as: supplier’s sheet"
      />
      <div className="editor-grid">
        {propertyIds.map((id) => (
          <TextField
            key={id}
            label={`${propertyKindOf(id).label}${propertyKindOf(id).unit ? `, ${propertyKindOf(id).unit}` : ''}`}
            value={typedValue(draft.values[id])}
            onChange={(text) => putValue(id, text)}
            settle
          />
        ))}
        <TextField
          label="pKa; of the conjugate acid for a base"
          value={(draft.pKa ?? []).map(typedValue).join('; ')}
          onChange={putPKa}
          settle
        />
      </div>
    </section>
  );
}

/** Source that stands beside a value; by hand where nothing was said. */
export const originOf = (source: string): string => (source.trim() === '' ? 'entered by hand' : source.trim());

/** A typed value keeps its old source while it is the same number. */
function sourced(
  typed: Pick<TabulatedValue, 'digits' | 'high' | 'at_C'>,
  old: TabulatedValue | undefined,
  origin: string,
): TabulatedValue {
  const same = old?.digits === typed.digits && old.high === typed.high && old.at_C === typed.at_C;
  return same ? old : { ...typed, source: origin };
}
