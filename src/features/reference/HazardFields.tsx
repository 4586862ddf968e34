'use client';
import { capital } from '@/core/capital';
import Form from 'react-bootstrap/Form';
import { labelFaults } from '@/core/checks/labelFaults';
import { Pictogram } from '@/components/Pictogram';
import { pictogramIds } from '@/core/reference/pictograms';
import { signalWords } from '@/core/reference/substance';
import { Statements } from '@/components/Statements';
import { TextField } from '@/components/fields/TextField';
import type { HazardLabel } from '@/core/reference/substance';

/** The label elements of a supplier's sheet: statements, symbols, signal word; contradictions are said at once. */
export function HazardFields({
  label,
  source,
  onChange,
}: {
  readonly label: HazardLabel | undefined;
  readonly source: string;
  readonly onChange: (label: HazardLabel | undefined) => void;
}) {
  const put = (change: Partial<HazardLabel>) =>
    onChange({ signal: 'none', pictograms: [], statements: [], ...label, ...change, source });
  const faults = label ? labelFaults(label) : [];
  return (
    <section className="card-plain entry-card" aria-label="Hazards">
      <h2>Hazards, from the supplier’s sheet</h2>
      <Form.Check
        id="hazards-known"
        label="I have the label elements"
        checked={label !== undefined}
        onChange={(event) => (event.target.checked ? put({}) : onChange(undefined))}
      />
      {label && (
        <>
          <TextField
            label="Statements, such as H225 H301+H311 EUH019"
            value={label.statements.join(' ')}
            onChange={(text) => put({ statements: text.split(/[\s,;]+/).filter(Boolean) })}
            settle
          />
          {label.statements.length > 0 && <Statements codes={label.statements} />}
          <div className="symbol-choice" role="group" aria-label="Symbols">
            {pictogramIds.map((id) => (
              <button
                key={id}
                type="button"
                aria-pressed={label.pictograms.includes(id)}
                onClick={() =>
                  put({
                    pictograms: label.pictograms.includes(id)
                      ? label.pictograms.filter((one) => one !== id)
                      : [...label.pictograms, id].sort(),
                  })
                }
              >
                <Pictogram id={id} />
              </button>
            ))}
          </div>
          <Form.Group controlId="hazards-signal" className="typed">
            <Form.Label>Signal word</Form.Label>
            <Form.Select
              size="sm"
              value={label.signal}
              onChange={(event) => put({ signal: signalWords.find((one) => one === event.target.value) ?? 'none' })}
            >
              {signalWords.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </Form.Select>
          </Form.Group>
          <div role="status">
            {faults.length > 0 && (
              <ul className="label-faults">
                {faults.map((fault) => (
                  <li key={fault}>{capital(fault)}.</li>
                ))}
              </ul>
            )}
          </div>
        </>
      )}
    </section>
  );
}
