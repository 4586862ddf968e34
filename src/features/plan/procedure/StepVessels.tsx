'use client';
import { addVesselAt, first_mL } from '@/core/editing/vessels';
import { findOperation } from '@/core/operations/registry';
import { mostOf } from '@/core/document/limits';
import { inSentence } from '@/core/document/inSentence';
import { madeAt } from '@/core/worktop/placeId';
import { placeName } from '@/core/process/placeName';
import { SelectField } from '@/components/fields/SelectField';
import { setUse } from '@/core/editing/steps';
import { sizeAt } from '@/core/process/sizeAt';
import { usePlanView } from '@/components/plan/planView';
import type { PlannedVessel, Preparation } from '@/core/document/document';
import type { VesselSlot } from '@/core/worktop/vessels';
import type { Step } from '@/core/document/steps';

// Chosen where a new vessel is made in place.
const fresh = ' new';
const numbers = [1, 2, 3, 4] as const;

/** The vessels of a step: the product's way, one that is there, or a new one of the size that the process suggests. */
export function StepVessels({ step }: { readonly step: Step }) {
  const slots = Object.entries(findOperation(step.op)?.vessels ?? {});
  if (slots.length === 0) return null;
  return (
    <fieldset className="editor-part">
      <legend>Vessels</legend>
      <div className="editor-grid">
        {slots.flatMap(([use, slot]) =>
          slot.numbered
            ? numbers.map((i) => (
                <One
                  key={use + String(i)}
                  step={step}
                  use={use + String(i)}
                  slot={slot}
                  label={`${slot.label} ${String(i)}`}
                />
              ))
            : [<One key={use} step={step} use={use} slot={slot} label={slot.label} />],
        )}
      </div>
    </fieldset>
  );
}

/** What stands at a place that names no kind: what reacts is in a flask, what goes away in a beaker. */
const kindOf = ({ takes, holds }: VesselSlot): PlannedVessel['kind'] =>
  takes ?? (holds === 'waste' ? 'beaker' : 'reaction flask');

/** What holds while no vessel is chosen. */
function unsaid(doc: Preparation, { id }: Step, use: string, { named, made, without }: VesselSlot): string {
  if (named) return 'not chosen yet';
  if (without !== undefined) return without;
  return made === undefined ? 'follows the product' : `apart: ${inSentence(placeName(doc, madeAt(id, use)))}`;
}

function One({
  step,
  use,
  slot,
  label,
}: {
  readonly step: Step;
  readonly use: string;
  readonly slot: VesselSlot;
  readonly label: string;
}) {
  const { plan, process, edit } = usePlanView();
  const { vessels } = plan.doc;
  const kind = kindOf(slot);
  const capacity_mL = sizeAt(plan.doc, process.prediction, step.id, kind) ?? first_mL;
  const field = `step/${step.id}/uses/${use}`;
  return (
    <SelectField
      label={label}
      value={step.uses?.[use] ?? ''}
      options={[
        { value: '', label: unsaid(plan.doc, step, use, slot) },
        ...vessels.map(({ id, name, capacity_mL: size }) => ({ value: id, label: `${name}, ${String(size)} mL` })),
        ...(vessels.length < mostOf.vessels
          ? [{ value: fresh, label: `+ a new ${kind}, ${String(capacity_mL)} mL` }]
          : []),
      ]}
      onChange={(vessel) =>
        edit(field, (now) =>
          vessel === fresh
            ? addVesselAt(now, step.id, use, { kind, capacity_mL })
            : setUse(now, step.id, use, vessel || undefined),
        )
      }
    />
  );
}
