'use client';
import { changed } from '@/core/changed';
import { changeStep } from '@/core/editing/edit';
import { typedNumber } from '@/components/fields/typedNumber';
import { TypedInput } from '@/components/fields/TypedInput';
import { usePlanView } from '@/components/plan/planView';
import type { FieldReading } from '@/components/fields/useTypedField';
import type { Step, StepTime } from '@/core/document/steps';

const labels = {
  typical_min: 'Takes, min',
  least_min: 'At the quickest, min',
  most_min: 'At the slowest, min',
} as const;
const most = 10_080;

/** How long a step takes, and the bounds between which groups do it. */
export function TimeFields({ step }: { readonly step: Step }) {
  const { edit } = usePlanView();
  return (Object.keys(labels) as (keyof typeof labels)[]).map((key) => (
    <TypedInput
      key={key}
      label={labels[key]}
      inputMode="decimal"
      shown={step.time[key] === undefined ? '' : String(step.time[key])}
      read={readTime(step.time, key)}
      commit={(value) =>
        edit(`step/${step.id}/${key}`, (doc) =>
          changeStep(doc, step.id, ({ time }) => ({ time: changed(time, { [key]: value }) })),
        )
      }
    />
  ));
}

const readTime =
  (time: StepTime, key: keyof typeof labels) =>
  (text: string): FieldReading<number | undefined> => {
    if (text.trim() === '' && key !== 'typical_min') return { ok: true, value: undefined };
    const value = typedNumber(text);
    if (value === undefined || value < 0 || value > most) return { ok: false, says: 'Minutes, at most a week.' };
    const { typical_min, least_min = typical_min, most_min = typical_min } = changed(time, { [key]: value });
    return least_min <= typical_min && typical_min <= most_min
      ? { ok: true, value }
      : { ok: false, says: 'Quickest, usual and slowest in this order.' };
  };
