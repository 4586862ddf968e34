'use client';
import { CheckField } from '@/components/fields/CheckField';
import { readDigits, readPercent } from '@/components/fields/readers';
import { SelectField } from '@/components/fields/SelectField';
import { setExtent, setRun } from '@/core/editing/reactions';
import { typedNumber } from '@/components/fields/typedNumber';
import { TypedInput } from '@/components/fields/TypedInput';
import { usePlanView } from '@/components/plan/planView';
import type { Extent, Reaction } from '@/core/document/reaction';
import type { FieldReading } from '@/components/fields/useTypedField';
import type { Step } from '@/core/document/steps';

const begins: Readonly<Record<Extent['by'], Extent>> = {
  conversion: { by: 'conversion', percent: { typical: '95' } },
  equilibrium: { by: 'equilibrium', K: { typical: '4' } },
  halfLife: { by: 'halfLife', minutes: { typical: '10' }, at_C: 25 },
};

/** Whether a reaction runs in a step, and how far. */
export function RunFields({ step, reaction }: { readonly step: Step; readonly reaction: Reaction }) {
  const { edit } = usePlanView();
  const { id, name, runs } = reaction;
  const run = runs.find((one) => one.step === step.id);
  const put = (field: string, to: Extent | undefined) =>
    edit(`run/${id}/${step.id}/${field}`, (doc) => setExtent(doc, id, step.id, to));
  return (
    <>
      <CheckField
        label={`${name} runs here`}
        checked={run !== undefined}
        onChange={(runsHere) => edit(`run/${id}/${step.id}`, (doc) => setRun(doc, id, step.id, runsHere))}
      />
      {run && (
        <div className="editor-grid">
          <SelectField
            label={`How far ${name} goes`}
            value={run.to?.by ?? ''}
            options={[
              { value: '', label: 'as far as usual' },
              { value: 'conversion', label: 'to a conversion' },
              { value: 'equilibrium', label: 'to an equilibrium' },
              { value: 'halfLife', label: 'by its half-life' },
            ]}
            onChange={(by) => put('by', by === '' ? undefined : begins[by as Extent['by']])}
          />
          {run.to && <ExtentField to={run.to} onChange={(to) => put('typical', to)} />}
        </div>
      )}
    </>
  );
}

function ExtentField({ to, onChange }: { readonly to: Extent; readonly onChange: (to: Extent) => void }) {
  if (to.by === 'conversion')
    return (
      <TypedInput
        label="Conversion, %"
        inputMode="decimal"
        shown={to.percent.typical}
        read={readPercent(0.1, 100)}
        commit={(typical) => onChange({ ...to, percent: { typical } })}
      />
    );
  if (to.by === 'equilibrium')
    return (
      <TypedInput
        label="Equilibrium constant, in amounts"
        inputMode="decimal"
        shown={to.K.typical}
        read={readDigits('number', '')}
        commit={(typical) => onChange({ ...to, K: { typical } })}
      />
    );
  return (
    <>
      <TypedInput
        label="Half-life, min"
        inputMode="decimal"
        shown={to.minutes.typical}
        read={readDigits('time', 'min')}
        commit={(typical) => onChange({ ...to, minutes: { typical } })}
      />
      <TypedInput
        label="at, °C"
        inputMode="decimal"
        shown={String(to.at_C)}
        read={readTemperature}
        commit={(at_C) => onChange({ ...to, at_C })}
      />
    </>
  );
}

function readTemperature(text: string): FieldReading<number> {
  const value = typedNumber(text);
  return value !== undefined && value >= -100 && value <= 400
    ? { ok: true, value }
    : { ok: false, says: 'A temperature from −100 to 400\u202f°C.' };
}
