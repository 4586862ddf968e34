'use client';
import Form from 'react-bootstrap/Form';
import { PickEntry } from '@/components/PickEntry';
import { useFileField } from '@/components/fields/useFileField';
import type { useSubstancePick } from './useSubstancePick';

/** The fields by which a substance is chosen; what the reference knows asks for its name alone. */
export function SubstancePick({
  label,
  pick,
}: {
  readonly label: string;
  readonly pick: ReturnType<typeof useSubstancePick>;
}) {
  const file = useFileField(pick.open);
  return (
    <>
      <PickEntry label={label} text={pick.name} onText={pick.setName} chosen={pick.entry} onChoose={pick.setEntry} />
      {!pick.isKnown && (
        <div className="pick-further">
          <Form.Group controlId="pick-formula">
            <Form.Label>Its formula (may follow later)</Form.Label>
            <Form.Control
              value={pick.formula}
              maxLength={200}
              disabled={pick.smiles.trim() !== ''}
              onChange={(event) => pick.setFormula(event.target.value)}
            />
          </Form.Group>
          <Form.Group controlId="pick-smiles">
            <Form.Label>Or its structure as SMILES</Form.Label>
            <Form.Control
              value={pick.smiles}
              maxLength={500}
              autoComplete="off"
              spellCheck={false}
              onChange={(event) => pick.setSmiles(event.target.value)}
            />
          </Form.Group>
          <label className="btn btn-quiet btn-sm file-button">
            From a MOL file …
            <input {...file} className="visually-hidden" accept=".mol,.sdf,chemical/x-mdl-molfile" />
          </label>
        </div>
      )}
      {pick.says && (
        <p className="typed-says" role="alert">
          {pick.says}
        </p>
      )}
    </>
  );
}
