'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api } from '@/api/client';
import { format } from '@/core/quantity/format';
import { HazardFields } from './HazardFields';
import { idFrom, problemOf, readValue, typedValue } from './editing';
import { molarityOf } from '@/core/reference/solutionChecks';
import { Problem } from './Problem';
import { SelectField } from '@/components/SelectField';
import { TextField } from './TextField';
import { wasteStreamIds, wasteStreams } from '@/core/reference/wasteStreams';
import type { EntryProblem } from './editing';
import type { EntrySummary } from '@/core/reference/search';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { TabulatedValue } from '@/core/reference/substance';

/** Writes or changes a bench solution; what mass fraction and density make of the concentration is shown beside it. */
export function SolutionEditor({
  solution,
  version,
  fresh,
  entries,
  onClose,
}: {
  readonly solution: ReferenceSolution;
  readonly version: number;
  readonly fresh: boolean;
  readonly entries: readonly EntrySummary[];
  readonly onClose: () => void;
}) {
  const router = useRouter();
  const [draft, setDraft] = useState(solution);
  const [problem, setProblem] = useState<EntryProblem | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const put = (change: { readonly [K in keyof ReferenceSolution]?: ReferenceSolution[K] | undefined }) =>
    setDraft((now) => without({ ...now, ...change }));
  const solute = entries.find(({ id }) => id === draft.solute);
  const computed = solute?.molarMass === undefined ? NaN : molarityOf(draft, solute.molarMass);
  const number = (text: string, old: TabulatedValue): TabulatedValue => {
    const typed = readValue(text) ?? { digits: '' };
    return { ...old, ...typed, source: typed.digits === old.digits ? old.source : 'entered by hand' };
  };
  const save = async () => {
    setBusy(true);
    setProblem(undefined);
    try {
      const id = fresh ? idFrom(draft.name) : draft.id;
      await api.saveReference({ kind: 'solution', base: version, fresh, entry: { ...draft, id } });
      onClose();
      router.push(`/reference/${id}`);
      router.refresh();
    } catch (error) {
      setProblem(problemOf(error));
    } finally {
      setBusy(false);
    }
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
        void save();
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
      {problem && <Problem problem={problem} />}
      <div className="editor-foot">
        <Button variant="quiet" onClick={onClose}>
          Cancel
        </Button>
        <Button type="submit" disabled={busy || draft.name.trim() === '' || draft.solute === ''}>
          {busy ? 'Storing …' : 'Store'}
        </Button>
      </div>
    </Form>
  );
}

function without(solution: object): ReferenceSolution {
  return Object.fromEntries(
    Object.entries(solution).filter(([, value]) => value !== undefined),
  ) as unknown as ReferenceSolution;
}
