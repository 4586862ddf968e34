'use client';
import Form from 'react-bootstrap/Form';
import { forms } from '@/core/reference/substance';
import { SelectField } from '@/components/fields/SelectField';
import { TextField } from '@/components/fields/TextField';
import { wasteStreamIds, wasteStreams } from '@/core/reference/wasteStreams';
import type { Change } from '@/core/changed';
import type { ReferenceSubstance } from '@/core/reference/substance';

const unknown = { value: '', label: 'not known' };

/** What a substance is: names, formula, structure, form, waste, and what it does by itself. */
export function IdentityFields({
  draft,
  put,
}: {
  readonly draft: ReferenceSubstance;
  readonly put: (change: Change<ReferenceSubstance>) => void;
}) {
  return (
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
      <SelectField
        label="At 20 °C"
        value={draft.form ?? ''}
        options={[unknown, ...forms.map((one) => ({ value: one, label: one }))]}
        onChange={(form) => put({ form: forms.find((one) => one === form) })}
      />
      <SelectField
        label="Waste stream"
        value={draft.waste ?? ''}
        options={[unknown, ...wasteStreamIds.map((one) => ({ value: one, label: wasteStreams[one].name }))]}
        onChange={(waste) => put({ waste: wasteStreamIds.find((one) => one === waste) })}
      />
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
  );
}
