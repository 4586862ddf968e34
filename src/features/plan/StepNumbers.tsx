'use client';
import { changeStep } from '@/core/editing/edit';
import { findOperation } from '@/core/operations/registry';
import { typedNumber } from '@/components/fields/typedNumber';
import { TypedInput } from '@/components/fields/TypedInput';
import { usePlanView } from '@/components/plan/planView';
import { setParam } from '@/core/editing/steps';
import { labelWithUnit, readNumber } from './procedure/readNumber';
import { paramFault } from './procedure/paramFault';
import type { FieldReading } from '@/components/fields/useTypedField';
import type { NumberField } from '@/core/operations/declare/fields';
import type { Step } from '@/core/document/steps';

type NumberOrList = number | readonly number[];

/** The numbers of a step, to be changed in place: everything that is foreseen follows. */
export function StepNumbers({ step }: { readonly step: Step }) {
  const { canEdit, edit } = usePlanView();
  if (!canEdit) return null;
  const fields = findOperation(step.op)?.fields ?? {};
  const numbers = Object.entries(fields).flatMap(([key, field]) => {
    const value = step.params[key];
    return field.kind === 'number' && isNumeric(value) ? [{ key, field, value }] : [];
  });
  return (
    <span className="step-numbers">
      {numbers.map(({ key, field, value }) => (
        <TypedInput
          key={key}
          label={labelWithUnit(field)}
          shown={shownOf(value)}
          inputMode="decimal"
          read={readParam(step, key, field, value)}
          commit={(next) => edit(`step/${step.id}/${key}`, (doc) => setParam(doc, step.id, key, next))}
        />
      ))}
      <TypedInput
        label="Takes, min"
        shown={String(step.time.typical_min)}
        inputMode="decimal"
        read={readMinutes}
        commit={(typical_min) =>
          edit(`step/${step.id}/time`, (doc) =>
            changeStep(doc, step.id, ({ time }) => ({ time: withTypical(time, typical_min) })),
          )
        }
      />
    </span>
  );
}

/** Bounds that the usual time has left go along with it. */
const withTypical = ({ least_min, most_min, ...time }: Step['time'], typical_min: number): Step['time'] => ({
  ...time,
  typical_min,
  ...(least_min === undefined ? {} : { least_min: Math.min(least_min, typical_min) }),
  ...(most_min === undefined ? {} : { most_min: Math.max(most_min, typical_min) }),
});

const isNumeric = (value: unknown): value is NumberOrList =>
  typeof value === 'number' || (Array.isArray(value) && value.every((one) => typeof one === 'number'));
const shownOf = (value: NumberOrList) => (typeof value === 'number' ? String(value) : value.join(', '));

/** One number, or several with commas, each as the field reads it. */
function readParam(
  step: Step,
  key: string,
  field: NumberField,
  now: NumberOrList,
): (text: string) => FieldReading<unknown> {
  const fault = (value: unknown) => paramFault(step, { ...step.params, [key]: value });
  if (typeof now === 'number') return readNumber(field, false, fault);
  return (text) => {
    const parts = text.split(/[,;\s]+/).filter((part) => part !== '');
    const values: unknown[] = [];
    for (const part of parts) {
      const read = readNumber(field, false, () => undefined)(part);
      if (!read.ok) return read;
      values.push(read.value);
    }
    const says = values.length === 0 ? 'Numbers with commas.' : fault(values);
    return says === undefined ? { ok: true, value: values } : { ok: false, says };
  };
}

function readMinutes(text: string): FieldReading<number> {
  const value = typedNumber(text);
  return value !== undefined && value >= 0 && value <= 10080
    ? { ok: true, value }
    : { ok: false, says: 'Minutes, at most a week.' };
}
