'use client';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { SelectField } from '@/components/SelectField';
import { TypedInput } from '@/components/TypedInput';
import { changeLine, measureWith } from '@/core/editing/edit';
import { enteredText, parseEntered } from '@/core/editing/parseEntered';
import { excessReasons, roles } from '@/core/document/document';
import { readDigits, readPercent, readText } from './fields';
import { wasteStreamIds, wasteStreams } from '@/core/reference/wasteStreams';
import { usePlanView } from '@/components/plan/planView';
import type { ChargeLine, Role, Strength } from '@/core/document/document';
import type { Change } from '@/core/changed';
import type { PlanLine } from '@/core/plan/planTypes';

const same = (value: string) => ({ value, label: value });
const none = (label: string) => ({ value: '', label });

/** The line itself: role, amount as written, bottle, device, vessel. */
export function LineFields({ line: { facts } }: { readonly line: PlanLine }) {
  const { plan, edit, canEdit } = usePlanView();
  const { line } = facts;
  const off = !canEdit;
  const put = (field: string, change: Change<ChargeLine>) =>
    edit(`line/${line.id}/${field}`, (doc) => changeLine(doc, line.id, change));
  const vessels = plan.doc.vessels.map(({ id, name }) => ({ value: id, label: name }));
  const devices = plan.doc.devices
    .filter(({ unit }) => unit !== '°C')
    .map(({ id, name, step, unit }) => ({
      value: id,
      label: `${name}, reads to ${step} ${unit}`,
    }));
  return (
    <fieldset className="editor-part">
      <legend>As written, at the tested scale</legend>
      <div className="editor-grid">
        <TypedInput
          label={(line.portions ?? 1) > 1 ? 'Amount of one portion' : 'Amount'}
          help="g, mL, mmol, equiv, mol % or mL/g"
          disabled={off}
          shown={enteredText(line.entered)}
          read={(text) => parseEntered(text, line.entered, line.role)}
          commit={(entered) => put('entered', { entered })}
        />
        <TypedInput
          label="Equal portions"
          disabled={off}
          inputMode="numeric"
          shown={String(line.portions ?? 1)}
          read={(text) =>
            /^([1-9]|1\d|20)$/.test(text.trim())
              ? { ok: true, value: Number(text) }
              : { ok: false, says: 'A whole number from 1 to 20.' }
          }
          commit={(portions) => put('portions', { portions: portions === 1 ? undefined : portions })}
        />
        {line.entered.by === 'perMass' && (
          <>
            <SelectField
              label="mL per gram of"
              disabled={off}
              value={line.entered.of}
              options={[
                { value: 'product', label: 'the product' },
                ...plan.lines
                  .filter(({ facts: other }) => other.line.id !== line.id)
                  .map(({ facts: other }) => ({ value: other.line.id, label: other.substance.substance.name })),
              ]}
              onChange={(of) => line.entered.by === 'perMass' && put('of', { entered: { ...line.entered, of } })}
            />
            <TypedInput
              label="of which is expected, %"
              disabled={off}
              inputMode="decimal"
              shown={line.entered.percent ?? '100'}
              read={readPercent(1, 100)}
              commit={(percent) =>
                line.entered.by === 'perMass' && put('percent', { entered: { ...line.entered, percent } })
              }
            />
          </>
        )}
        <SelectField
          label="Role"
          disabled={off}
          value={line.role}
          options={roles.map(same)}
          onChange={(role) => put('role', { role: role as Role })}
        />
        <SelectField
          label="Bottle holds"
          disabled={off}
          value={line.strength?.by ?? ''}
          options={[
            none('the pure substance'),
            { value: 'massFraction', label: 'a share of it, % w/w' },
            { value: 'molarity', label: 'a solution, mol/L' },
          ]}
          onChange={(by) =>
            put('strength', {
              strength: by === '' ? undefined : ({ by, digits: by === 'molarity' ? '1.00' : '99' } as Strength),
            })
          }
        />
        {line.strength && (
          <>
            <TypedInput
              label={line.strength.by === 'molarity' ? 'Concentration, mol/L' : 'Mass fraction, %'}
              disabled={off}
              inputMode="decimal"
              shown={line.strength.digits}
              read={line.strength.by === 'molarity' ? readDigits('concentration', 'mol/L') : readPercent(0.01, 100)}
              commit={(digits) => line.strength && put('strengthDigits', { strength: { ...line.strength, digits } })}
            />
            <TypedInput
              label="Density of the solution, g/mL"
              disabled={off}
              inputMode="decimal"
              shown={line.density?.digits ?? ''}
              read={(text) => (text.trim() === '' ? { ok: true, value: '' } : readDigits('density', 'g/mL')(text))}
              commit={(digits) =>
                put('density', {
                  density:
                    digits === ''
                      ? undefined
                      : { source: 'entered by hand', check: 'from memory', ...line.density, digits },
                })
              }
            />
          </>
        )}
        <SelectField
          label="Measured with"
          disabled={off}
          value={line.device ?? ''}
          options={[none('no device: not rounded'), ...devices]}
          onChange={(device) =>
            edit(`line/${line.id}/device`, (doc) =>
              measureWith(
                doc,
                line.id,
                plan.doc.devices.find(({ id }) => id === device),
              ),
            )
          }
        />
        <SelectField
          label="Goes into"
          disabled={off}
          value={line.vessel ?? ''}
          options={[none('no vessel named'), ...vessels]}
          onChange={(vessel) => put('vessel', { vessel: vessel || undefined })}
        />
        <SelectField
          label="Ends as"
          disabled={off}
          value={line.waste ?? ''}
          options={[
            none(
              facts.substance.substance.waste
                ? wasteStreams[facts.substance.substance.waste].name
                : 'no waste stream named',
            ),
            ...wasteStreamIds.map((id) => ({ value: id, label: wasteStreams[id].name })),
          ]}
          onChange={(waste) => put('waste', { waste: wasteStreamIds.find((one) => one === waste) })}
        />
        <SelectField
          label="When scaled"
          disabled={off}
          value={line.scaling ?? 'proportional'}
          options={[
            { value: 'proportional', label: 'in proportion' },
            { value: 'fixed', label: 'stays as written' },
          ]}
          onChange={(scaling) => put('scaling', { scaling: scaling === 'fixed' ? 'fixed' : undefined })}
        />
        <SelectField
          label="Reason for an excess"
          disabled={off}
          value={line.excessReason ?? ''}
          options={[none('none given'), ...excessReasons.map(same)]}
          onChange={(reason) => put('excessReason', { excessReason: excessReasons.find((one) => one === reason) })}
        />
      </div>
      <TypedInput
        label="Note for the bench"
        disabled={off}
        shown={line.note ?? ''}
        read={readText(400, false)}
        commit={(note) => put('note', { note })}
      />
      {canEdit && (line.role === 'reactant' || line.role === 'reagent in excess') && line.id !== plan.doc.reference && (
        <Form.Text as="p" className="editor-reference">
          <Button variant="line" size="sm" onClick={() => edit('reference', (doc) => ({ ...doc, reference: line.id }))}>
            Make this the reference
          </Button>{' '}
          the line that is meant to limit; equivalents refer to it.
        </Form.Text>
      )}
    </fieldset>
  );
}
