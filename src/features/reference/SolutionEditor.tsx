'use client';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { changed } from '@/core/changed';
import { format } from '@/core/quantity/format';
import { HazardFields } from './HazardFields';
import { readValue, typedValue } from './editing';
import { molarityOf } from '@/core/checks/solutionChecks';
import { EditorFoot } from './EditorFoot';
import { SelectField } from '@/components/fields/SelectField';
import { TextField } from '@/components/fields/TextField';
import { useEntries } from '@/components/useEntries';
import { useSaveEntry } from './useSaveEntry';
import { wasteStreamIds, wasteStreams } from '@/core/reference/wasteStreams';
import type { Change } from '@/core/changed';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { TabulatedValue } from '@/core/reference/substance';

/** Writes or changes a bench solution; what mass fraction and density make of the concentration is shown beside it. */
export function SolutionEditor({
  solution,
  version,
  fresh,
  onClose,
}: {
  readonly solution: ReferenceSolution;
  readonly version: number;
  readonly fresh: boolean;
  readonly onClose: () => void;
}) {
  const { entries } = useEntries();
  const { save, busy, problem } = useSaveEntry({ kind: 'solution', version, fresh, onClose });
  const [draft, setDraft] = useState(solution);
  const put = (change: Change<ReferenceSolution>) => setDraft((now) => changed(now, change));
  const solute = entries.find(({ id }) => id === draft.solute);
  const computed = solute?.molarMass === undefined ? NaN : molarityOf(draft, solute.molarMass);
  const number = (text: string, old: TabulatedValue): TabulatedValue => {
    const typed = readValue(text) ?? { digits: '' };
    return { ...old, ...typed, source: typed.digits === old.digits ? old.source : 'entered by hand' };
  };
  const listed = [...entries].sort((a, b) => a.name.localeCompare(b.name, 'en'));
  const options = listed.map(({ id, name }) => ({ value: id, label: name }));
  const substances = listed
    .filter(({ kind }) => kind === 'substance')
    .map(({ id, name }) => ({ value: id, label: name }));
  return (
    <Form
      className="entry entry-editor"
      aria-label={fresh ? 'New solution' : `Change ${solution.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        void save(draft);
      }}
    >
      <header className="entry-head">
        <h1>{fresh ? 'New solution' : solution.name}</h1>
      </header>
      <section className="card-plain entry-card">
        <div className="editor-grid">
          <TextField label="Name" value={draft.name} onChange={(name) => put({ name })} autoFocus />
          <SelectField
            label="Dissolved substance"
            disabled={false}
            value={draft.solute}
            options={[{ value: '', label: 'choose' }, ...substances]}
            onChange={(id) => put({ solute: id })}
          />
          <TextField
            label="Concentration, mol/L"
            value={typedValue(draft.molarity)}
            onChange={(text) => put({ molarity: number(text, draft.molarity) })}
          />
          <TextField
            label="Mass fraction, %"
            value={typedValue(draft.massPercent)}
            onChange={(text) => put({ massPercent: number(text, draft.massPercent) })}
          />
          <TextField
            label="Density, g/mL"
            value={typedValue(draft.density)}
            onChange={(text) => put({ density: number(text, draft.density) })}
            settle
          />
          <SelectField
            label="Made from"
            disabled={false}
            value={draft.madeFrom ?? ''}
            options={[{ value: '', label: 'used as bought' }, ...options]}
            onChange={(id) => put({ madeFrom: id || undefined })}
          />
          <SelectField
            label="Waste stream"
            disabled={false}
            value={draft.waste ?? ''}
            options={[
              { value: '', label: 'not known' },
              ...wasteStreamIds.map((id) => ({ value: id, label: wasteStreams[id].name })),
            ]}
            onChange={(id) => put({ waste: wasteStreamIds.find((one) => one === id) })}
          />
        </div>
        {Number.isFinite(computed) && computed > 0 && (
          <p className="muted" role="status">
            Mass fraction and density make it {format({ dim: 'concentration', value: computed }, 'mol/L')}.
          </p>
        )}
        <TextField
          label="How it is made, the order of addition first"
          value={draft.method}
          onChange={(method) => put({ method })}
        />
      </section>
      <HazardFields label={draft.hazards} source="supplier’s sheet" onChange={(hazards) => put({ hazards })} />
      <EditorFoot
        problem={problem}
        busy={busy}
        ready={draft.name.trim() !== '' && draft.solute !== ''}
        onClose={onClose}
      />
    </Form>
  );
}
