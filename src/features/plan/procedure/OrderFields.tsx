'use client';
import { changeStep } from '@/core/editing/edit';
import { CheckField } from '@/components/fields/CheckField';
import { SelectField } from '@/components/fields/SelectField';
import { setWaits } from '@/core/editing/steps';
import { stepTitle } from '@/core/operations/stepTitle';
import { untilWords } from '@/core/document/steps';
import { usePlanView } from '@/components/plan/planView';
import type { Step } from '@/core/document/steps';

const times = Array.from({ length: 10 }, (_, i) => ({ value: String(i + 1), label: String(i + 1) }));

/** What a step waits for, and whether it is done again. */
export function OrderFields({ step }: { readonly step: Step }) {
  const { plan, edit } = usePlanView();
  const { doc } = plan;
  const above = doc.steps.slice(0, doc.steps.indexOf(step));
  const put = (field: string, change: Parameters<typeof changeStep>[2]) =>
    edit(`step/${step.id}/${field}`, (now) => changeStep(now, step.id, change));
  const { after, repeat } = step;
  return (
    <fieldset className="editor-part">
      <legend>When</legend>
      {above.length > 0 && (
        <details open={after !== undefined}>
          <summary>{after ? 'Waits for what is ticked' : 'Comes after the step before it'}</summary>
          {above.map((one) => (
            <CheckField
              key={one.id}
              label={stepTitle(doc, one)}
              checked={after?.includes(one.id) ?? false}
              onChange={(waits) => edit(`step/${step.id}/after`, (now) => setWaits(now, step.id, one.id, waits))}
            />
          ))}
        </details>
      )}
      <div className="editor-grid">
        <SelectField
          label="Done again until"
          value={repeat?.until ?? ''}
          options={[
            { value: '', label: 'done once' },
            ...Object.entries(untilWords).map(([value, label]) => ({ value, label })),
          ]}
          onChange={(next) =>
            put('repeat', {
              repeat:
                next === '' ? undefined : { least: 1, most: 3, ...repeat, until: next as keyof typeof untilWords },
            })
          }
        />
        {repeat && (
          <>
            <SelectField
              label="At least, times"
              value={String(repeat.least)}
              options={times}
              onChange={(least) =>
                put('least', {
                  repeat: { ...repeat, least: Number(least), most: Math.max(repeat.most, Number(least)) },
                })
              }
            />
            <SelectField
              label="At most, times"
              value={String(repeat.most)}
              options={times}
              onChange={(most) =>
                put('most', { repeat: { ...repeat, most: Number(most), least: Math.min(repeat.least, Number(most)) } })
              }
            />
          </>
        )}
      </div>
    </fieldset>
  );
}
