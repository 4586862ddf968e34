'use client';
import { changeStep } from '@/core/editing/edit';
import { lineName } from '@/core/document/lineName';
import { setParam } from '@/core/editing/steps';
import { OrderFields } from './OrderFields';
import { RunFields } from './RunFields';
import { findOperation } from '@/core/operations/registry';
import { ParamField } from './ParamField';
import { paramFault } from './paramFault';
import { readText } from '@/components/fields/readers';
import { SelectField } from '@/components/fields/SelectField';
import { SidePanel } from '@/components/SidePanel';
import { StepVessels } from './StepVessels';
import { TimeFields } from './TimeFields';
import { stepTitle } from '@/core/operations/stepTitle';
import { TypedInput } from '@/components/fields/TypedInput';
import { usePlanView } from '@/components/plan/planView';
import type { Choices } from './ParamField';
import type { Step } from '@/core/document/steps';

/** Everything that a step says: its parameters as the operation declares them, its vessels, and what the author adds. */
export function StepEditor({ id, onClose }: { readonly id: string | undefined; readonly onClose: () => void }) {
  const { plan } = usePlanView();
  const step = plan.doc.steps.find((one) => one.id === id);
  return (
    <SidePanel id="step-editor" title={step && stepTitle(plan.doc, step)} onClose={onClose}>
      {step && (
        <>
          <Params key={`${step.id}/params`} step={step} />
          <StepVessels key={`${step.id}/vessels`} step={step} />
          <OrderFields key={`${step.id}/order`} step={step} />
          <Words key={`${step.id}/words`} step={step} />
        </>
      )}
    </SidePanel>
  );
}

function Params({ step }: { readonly step: Step }) {
  const { plan, edit } = usePlanView();
  const { doc } = plan;
  const choices: Choices = {
    line: doc.lines.map(({ id }) => ({ value: id, label: lineName(doc, id) })),
    stage: doc.stages.map(({ id, name }) => ({ value: id, label: name })),
    substance: doc.substances.map(({ id, name }) => ({ value: id, label: name })),
  };
  return (
    <fieldset className="editor-part">
      <legend>What is done</legend>
      <div className="editor-grid">
        {Object.entries(findOperation(step.op)?.fields ?? {}).map(([key, field]) => (
          <ParamField
            key={key}
            field={field}
            value={step.params[key]}
            choices={choices}
            fault={(next) => paramFault(step, { ...step.params, [key]: next })}
            onChange={(next) => edit(`step/${step.id}/${key}`, (now) => setParam(now, step.id, key, next))}
          />
        ))}
      </div>
      {doc.reactions.map((reaction) => (
        <RunFields key={reaction.id} step={step} reaction={reaction} />
      ))}
    </fieldset>
  );
}

function Words({ step }: { readonly step: Step }) {
  const { edit } = usePlanView();
  const put = (field: string, change: Parameters<typeof changeStep>[2]) =>
    edit(`step/${step.id}/${field}`, (now) => changeStep(now, step.id, change));
  return (
    <fieldset className="editor-part">
      <legend>For the bench</legend>
      <TypedInput
        label="In your own words"
        shown={step.text ?? ''}
        read={readText(400, false)}
        commit={(text) => put('text', { text })}
      />
      <TypedInput
        label="What is seen when it goes well"
        shown={(step.expect ?? []).join('; ')}
        read={readText(400, false)}
        commit={(seen) =>
          put('expect', {
            expect: seen
              ?.split(';')
              .map((one) => one.trim())
              .filter(Boolean)
              .slice(0, 10),
          })
        }
        help="Several things with semicolons."
      />
      <TypedInput
        label="Why one may stop after it, and how it is kept"
        shown={step.safeStop ?? ''}
        read={readText(200, false)}
        commit={(safeStop) => put('safeStop', { safeStop })}
      />
      <div className="editor-grid">
        <TimeFields step={step} />
        <SelectField
          label="Somebody stands by"
          value={step.time.attended ? 'yes' : 'no'}
          options={[
            { value: 'yes', label: 'yes' },
            { value: 'no', label: 'no, it goes by itself' },
          ]}
          onChange={(next) => put('attended', ({ time }) => ({ time: { ...time, attended: next === 'yes' } }))}
        />
        <SelectField
          label="Needed"
          value={step.optional ? 'no' : 'yes'}
          options={[
            { value: 'yes', label: 'always' },
            { value: 'no', label: 'only if needed' },
          ]}
          onChange={(next) => put('optional', { optional: next === 'no' ? true : undefined })}
        />
      </div>
    </fieldset>
  );
}
