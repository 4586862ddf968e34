'use client';
import { VesselDrawing } from '@/components/VesselDrawing';
import { changeVessel } from '@/core/editing/edit';
import { format } from '@/core/quantity/format';
import { TypedInput } from '@/components/fields/TypedInput';
import { addVessel, removeVessel } from '@/core/editing/vessels';
import { mostOf } from '@/core/document/limits';
import { SelectField } from '@/components/fields/SelectField';
import Button from 'react-bootstrap/Button';
import { vesselKinds } from '@/core/document/document';
import { readDigits, readText } from '@/components/fields/readers';
import { usePlanView } from '@/components/plan/planView';
import { WorkedCell } from '@/components/plan/WorkedCell';
import { WorkingPanel } from '@/components/WorkingPanel';

/** Vessels with what the charge table puts into them. */
export function VesselPanel() {
  const { plan, edit, canEdit, open, takeAway } = usePlanView();
  if (plan.vessels.length === 0 && !canEdit) return null;
  return (
    <section className="rail-card card-plain" aria-label="Vessels">
      <h2>Vessels</h2>
      <ul className="vessels">
        {plan.vessels.map(({ vessel, volume, fill, unknown, suggestion_mL }) => {
          const grave = plan.findings.find(({ about }) => about.vessel === vessel.id)?.severity ?? 'fine';
          return (
            <li key={vessel.id} className={`vessel-${grave}`}>
              <VesselDrawing
                kind={vessel.kind}
                fill={fill?.q.value ?? 0}
                label={`${vessel.name}, ${fill ? format(fill.q, '%', { figures: 2 }) : 'not'} full`}
              />
              <div>
                {canEdit ? (
                  <TypedInput
                    className="vessel-name"
                    label={`Name of the ${vessel.name}`}
                    hideLabel
                    shown={vessel.name}
                    read={readText(80, true)}
                    commit={(name) =>
                      name && edit(`vessel/${vessel.id}/name`, (doc) => changeVessel(doc, vessel.id, { name }))
                    }
                  />
                ) : (
                  <strong>{vessel.name}</strong>
                )}
                <span className="vessel-facts">
                  {volume && <span className="num">{format(volume.q, 'mL', { figures: volume.figures })}</span>}
                  {fill && (
                    <>
                      , <WorkedCell id={`vessel/${vessel.id}`} worked={fill} label={`Filling of the ${vessel.name}`} />{' '}
                      full
                    </>
                  )}
                </span>
                {unknown.length > 0 && <small className="muted">without {unknown.join(', ')}: no density</small>}
                {suggestion_mL !== undefined && grave !== 'fine' && suggestion_mL !== vessel.capacity_mL && (
                  <small>
                    {suggestion_mL}
                    {'\u00a0'}mL would fit
                  </small>
                )}
                {canEdit && (
                  <Button
                    variant="quiet"
                    size="sm"
                    aria-label={`Take the ${vessel.name} away`}
                    onClick={() =>
                      takeAway({
                        name: vessel.name,
                        field: `remove-vessel/${vessel.id}`,
                        change: (doc) => removeVessel(doc, vessel.id),
                      })
                    }
                  >
                    Take it away
                  </Button>
                )}
              </div>
              <TypedInput
                className="vessel-size"
                label={`Capacity of the ${vessel.name}, mL`}
                hideLabel
                disabled={!canEdit}
                inputMode="decimal"
                shown={`${vessel.capacity_mL} mL`}
                read={readDigits('volume', 'mL')}
                commit={(digits) =>
                  edit(`vessel/${vessel.id}`, (doc) => changeVessel(doc, vessel.id, { capacity_mL: Number(digits) }))
                }
              />
              {open === `vessel/${vessel.id}` && fill && (
                <WorkingPanel worked={fill} doc={plan.doc} title={vessel.name} />
              )}
            </li>
          );
        })}
      </ul>
      {canEdit && plan.doc.vessels.length < mostOf.vessels && (
        <SelectField
          label="Add"
          value=""
          options={[
            { value: '', label: 'choose a kind' },
            ...vesselKinds.map((kind) => ({ value: kind, label: kind })),
          ]}
          onChange={(chosen) => {
            const kind = vesselKinds.find((one) => one === chosen);
            if (kind) edit(`add-vessel/${plan.doc.vessels.length}`, (doc) => addVessel(doc, kind));
          }}
        />
      )}
    </section>
  );
}
