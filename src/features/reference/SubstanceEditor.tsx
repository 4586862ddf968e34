'use client';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { changed } from '@/core/changed';
import { ChecksPanel } from './ChecksPanel';
import { crossChecks } from '@/core/reference/crossChecks';
import { forms } from '@/core/reference/substance';
import { HazardFields } from './HazardFields';
import { readValue, typedValue } from './editing';
import { kindOf, propertyIds } from '@/core/reference/properties';
import { EditorFoot } from './EditorFoot';
import { Structure } from '@/components/Structure';
import { TextField } from './TextField';
import { useSaveEntry } from './useSaveEntry';
import { useStructureFacts } from './useStructureFacts';
import { wasteStreamIds, wasteStreams } from '@/core/reference/wasteStreams';
import type { Change } from '@/core/changed';
import type { PropertyId } from '@/core/reference/properties';
import type { ReferenceSubstance, TabulatedValue } from '@/core/reference/substance';

/** Writes or changes a substance. Empty fields stay unknown; relations between the values are asked while typing. */
export function SubstanceEditor({
  substance,
  version,
  fresh,
  onClose,
}: {
  readonly substance: ReferenceSubstance;
  readonly version: number;
  readonly fresh: boolean;
  readonly onClose: () => void;
}) {
  const { save, busy, problem } = useSaveEntry({ kind: 'substance', version, fresh, onClose });
  const [draft, setDraft] = useState(substance);
  const [source, setSource] = useState('');
  const facts = useStructureFacts(draft.formula, draft.smiles);
  const whole = { ...draft, groups: facts.groups, notDriedWith: [...new Set([...facts.unfit, ...draft.notDriedWith])] };
  const checks = crossChecks(whole, facts.drawn);
  const put = (change: Change<ReferenceSubstance>) => setDraft((now) => changed(now, change));
  const origin = source.trim() === '' ? 'entered by hand' : source.trim();
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
    <Form
      className="entry entry-editor"
      aria-label={fresh ? 'New substance' : `Change ${substance.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        void save(whole);
      }}
    >
      <header className="entry-head">
        <div>
          <h1>{fresh ? 'New substance' : substance.name}</h1>
          <p className="muted">
            What you do not know stays empty. Molar mass, groups and unfit drying agents are computed.
          </p>
        </div>
        {draft.smiles && <Structure smiles={draft.smiles} name={draft.name} />}
      </header>
      <section className="card-plain entry-card editor-grid">
        <TextField label="Name" value={draft.name} onChange={(name) => put({ name })} autoFocus />
        <TextField
          label="Synonyms, separated by ;"
          value={draft.synonyms.join('; ')}
          onChange={(text) =>
            put({
              synonyms: text
                .split(';')
                .map((one) => one.trim())
                .filter(Boolean),
            })
          }
          settle
        />
        <TextField
          label="Formula, hydrate water included"
          value={draft.formula ?? ''}
          onChange={(formula) => put({ formula: formula.trim() || undefined })}
        />
        <TextField
          label="Structure, SMILES"
          value={draft.smiles ?? ''}
          onChange={(smiles) => put({ smiles: smiles.trim() || undefined })}
        />
        <Form.Group controlId="entry-form" className="typed">
          <Form.Label>At 20 °C</Form.Label>
          <Form.Select
            size="sm"
            value={draft.form ?? ''}
            onChange={(event) => put({ form: forms.find((one) => one === event.target.value) })}
          >
            <option value="">not known</option>
            {forms.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="entry-waste" className="typed">
          <Form.Label>Waste stream</Form.Label>
          <Form.Select
            size="sm"
            value={draft.waste ?? ''}
            onChange={(event) => put({ waste: wasteStreamIds.find((one) => one === event.target.value) })}
          >
            <option value="">not known</option>
            {wasteStreamIds.map((one) => (
              <option key={one} value={one}>
                {wasteStreams[one].name}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <TextField
          label="Usual caution, one line"
          value={draft.caution ?? ''}
          onChange={(caution) => put({ caution: caution.trim() === '' ? undefined : caution })}
        />
        <div className="editor-ticks">
          <Form.Check
            id="entry-peroxide"
            label="forms peroxides"
            checked={draft.peroxideFormer === true}
            onChange={(event) => put({ peroxideFormer: event.target.checked || undefined })}
          />
          <Form.Check
            id="entry-water"
            label="reacts with water"
            checked={draft.waterReactive === true}
            onChange={(event) => put({ waterReactive: event.target.checked || undefined })}
          />
        </div>
      </section>
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
              label={`${kindOf(id).label}${kindOf(id).unit ? `, ${kindOf(id).unit}` : ''}`}
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
      <HazardFields label={draft.hazards} source={origin} onChange={(hazards) => put({ hazards })} />
      <ChecksPanel checks={checks} />
      <EditorFoot problem={problem} busy={busy} ready={draft.name.trim() !== ''} onClose={onClose} />
    </Form>
  );
}

/** A typed value keeps its old source while it is the same number. */
function sourced(
  typed: Pick<TabulatedValue, 'digits' | 'high' | 'at_C'>,
  old: TabulatedValue | undefined,
  origin: string,
): TabulatedValue {
  const same = old?.digits === typed.digits && old.high === typed.high && old.at_C === typed.at_C;
  return same ? old : { ...typed, source: origin };
}
